package pteron.core.quantity;

/**
 * A value with its unit. Immutable.
 *
 * @param value the value in the unit; finite
 * @param unit the unit
 */
public record Quantity(double value, Unit unit) {

    /** From where on masses are told whole (kg or lb, half of their last digit less). */
    private static final double WHOLE_FROM = 9.95;

    /**
     * Checks the value.
     *
     * @throws IllegalArgumentException if the value is not finite
     */
    public Quantity {
        Require.finite("value", value, unit.symbol());
    }

    /** {@return a length (mm)} */
    public static Quantity mm(double value) {
        return new Quantity(value, Unit.MILLIMETRE);
    }

    /** {@return a mass (kg)} */
    public static Quantity kg(double value) {
        return new Quantity(value, Unit.KILOGRAM);
    }

    /** {@return a force (N)} */
    public static Quantity newton(double value) {
        return new Quantity(value, Unit.NEWTON);
    }

    /** {@return a stress or modulus (N/mm²)} */
    public static Quantity stress(double value) {
        return new Quantity(value, Unit.NEWTON_PER_SQUARE_MILLIMETRE);
    }

    /** {@return an angle (degrees)} */
    public static Quantity degrees(double value) {
        return new Quantity(value, Unit.DEGREE);
    }

    /** {@return a pure number such as demand over capacity} */
    public static Quantity ratio(double value) {
        return new Quantity(value, Unit.RATIO);
    }

    /** {@return a number of things} */
    public static Quantity count(long value) {
        return new Quantity(value, Unit.COUNT);
    }

    /**
     * {@return the quantity as a builder reads it in the given system, with its unit; masses from 10 kg or lb on whole}
     *
     * <p>Example: 9.94 kg is {@code 9.9 kg}, 9.96 kg is {@code 10 kg}, 151.97 lb is {@code 152 lb}.
     */
    public String text(UnitSystem system) {
        return text(system, Side.NEAREST);
    }

    /** {@return the same, rounded to a side} */
    public String text(UnitSystem system, Side side) {
        if (unit == Unit.MILLIMETRE) {
            return LengthText.format(value, system, side)
                    + (system == UnitSystem.METRIC ? " mm" : "");
        }
        return text(system, side, decimals(system));
    }

    /** {@return the quantity as a term of a working: masses keep their digit, so that their sum can be followed} */
    public String workedText(UnitSystem system) {
        return unit == Unit.MILLIMETRE
                ? text(system)
                : text(system, Side.NEAREST, unit.decimals(system));
    }

    private int decimals(UnitSystem system) {
        boolean whole = unit == Unit.KILOGRAM && Math.abs(unit.shown(value, system)) >= WHOLE_FROM;
        return whole ? 0 : unit.decimals(system);
    }

    private String text(UnitSystem system, Side side, int decimals) {
        String number = NumberText.format(unit.shown(value, system), decimals, side);
        String symbol = unit.symbol(system);
        return symbol.isEmpty()
                ? number
                : unit == Unit.DEGREE ? number + symbol : number + " " + symbol;
    }
}
