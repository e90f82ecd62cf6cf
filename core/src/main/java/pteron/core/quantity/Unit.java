package pteron.core.quantity;

/**
 * The units of quantities inside Pteron, each with the unit that is shown under {@link
 * UnitSystem#INCHES}. A length under inches is written by {@link TapeInches} instead.
 */
public enum Unit {
    /** Length (mm). */
    MILLIMETRE("mm", 0, "in", 1 / 25.4, 2),
    /** Length of runs such as seams and tapes (m). */
    METRE("m", 1, "ft", 1 / 0.3048, 1),
    /** Area (m²). */
    SQUARE_METRE("m²", 2, "ft²", 10.7639104, 1),
    /** Volume (m³). */
    CUBIC_METRE("m³", 2, "ft³", 35.3146667, 0),
    /** Volume of a cartridge (mL). */
    MILLILITRE("mL", 0, "fl oz", 0.0338140227, 1),
    /** Mass (kg). */
    KILOGRAM("kg", 1, "lb", 2.20462262, 1),
    /** Mass per length (kg/m). */
    KILOGRAM_PER_METRE("kg/m", 2, "lb/ft", 0.671968975, 3),
    /** Mass per area (kg/m²). */
    KILOGRAM_PER_SQUARE_METRE("kg/m²", 2, "lb/ft²", 0.204816144, 2),
    /** Density (kg/m³). */
    KILOGRAM_PER_CUBIC_METRE("kg/m³", 0, "lb/ft³", 0.0624279606, 1),
    /** Force (N). */
    NEWTON("N", 0, "lbf", 0.224808943, 1),
    /** Force per width or length (N/mm). */
    NEWTON_PER_MILLIMETRE("N/mm", 3, "lbf/in", 5.71014715, 2),
    /** Stress (N/mm²). */
    NEWTON_PER_SQUARE_MILLIMETRE("N/mm²", 2, "psi", 145.037738, 0),
    /** Pressure of wind or load on an area (N/m²). */
    NEWTON_PER_SQUARE_METRE("N/m²", 0, "lbf/ft²", 0.0208854342, 1),
    /** Bending moment (N·mm). */
    NEWTON_MILLIMETRE("N·mm", 0, "lbf·in", 0.00885074579, 0),
    /** Bending moment of a whole member (N·m). */
    NEWTON_METRE("N·m", 1, "lbf·ft", 0.737562149, 1),
    /** Section modulus (mm³). */
    CUBIC_MILLIMETRE("mm³", 0, "in³", 6.10237441e-5, 3),
    /** Area of a section (mm²). */
    SQUARE_MILLIMETRE("mm²", 0, "in²", 1.5500031e-3, 3),
    /** Second moment of area (mm⁴, written mm4). */
    QUARTIC_MILLIMETRE("mm4", 0, "in4", 2.40250961e-6, 3),
    /** Bending stiffness of a strip (N·mm²). */
    NEWTON_SQUARE_MILLIMETRE("N·mm²", 0, "lbf·in²", 3.48453e-4, 0),
    /** Speed of wind (m/s). */
    METRE_PER_SECOND("m/s", 1, "mph", 2.23693629, 0),
    /** Angle (degrees). */
    DEGREE("°", 1, "°", 1, 1),
    /** Temperature (°C). */
    CELSIUS("°C", 1, "°F", 1.8, 1),
    /** Difference of temperatures (K). */
    KELVIN("K", 1, "°F", 1.8, 1),
    /** Time (h). */
    HOUR("h", 1, "h", 1, 1),
    /** Thermal conductivity (W/(m·K)). */
    WATT_PER_METRE_KELVIN("W/(m·K)", 3, "Btu·in/(h·ft²·°F)", 6.93347186, 2),
    /** Thermal resistance (m²·K/W). */
    SQUARE_METRE_KELVIN_PER_WATT("m²·K/W", 2, "ft²·°F·h/Btu", 5.67826334, 1),
    /** Thermal transmittance (W/(m²·K)). */
    WATT_PER_SQUARE_METRE_KELVIN("W/(m²·K)", 2, "Btu/(h·ft²·°F)", 0.176110184, 3),
    /** Flow of heat (W). */
    WATT("W", 0, "Btu/h", 3.41214163, 0),
    /** Pressure of vapour (Pa). */
    PASCAL("Pa", 0, "Pa", 1, 0),
    /** Water per area (g/m²). */
    GRAM_PER_SQUARE_METRE("g/m²", 0, "oz/ft²", 0.00327705792, 3),
    /** Volume of glue (L). */
    LITRE("L", 2, "fl oz", 33.8140227, 0),
    /** Plain price, in the builder's money. */
    MONEY("", 0, "", 1, 0),
    /** Plain price per area (money/m²). */
    MONEY_PER_SQUARE_METRE("/m²", 1, "/ft²", 0.09290304, 2),
    /** Plain price per volume (money/m³). */
    MONEY_PER_CUBIC_METRE("per m³", 0, "per ft³", 0.0283168466, 2),
    /** Growth with heat (millionths a kelvin). */
    MILLIONTHS_PER_KELVIN("1e-6/K", 1, "1e-6/°F", 1 / 1.8, 1),
    /** Share of a whole (percent, 0 to 100). */
    PERCENT("%", 1, "%", 1, 1),
    /** Demand over capacity, or another pure number. */
    RATIO("", 2, "", 1, 2),
    /** Number of things. */
    COUNT("", 0, "", 1, 0);

    private final String symbol;
    private final int decimals;
    private final String inchSymbol;
    private final double inchFactor;
    private final int inchDecimals;

    Unit(String symbol, int decimals, String inchSymbol, double inchFactor, int inchDecimals) {
        this.symbol = symbol;
        this.decimals = decimals;
        this.inchSymbol = inchSymbol;
        this.inchFactor = inchFactor;
        this.inchDecimals = inchDecimals;
    }

    /** {@return the symbol of the unit inside Pteron, which files use too; empty for pure numbers} */
    public String symbol() {
        return symbol;
    }

    /** {@return the symbol shown in a system} */
    public String symbol(UnitSystem system) {
        return system == UnitSystem.METRIC ? symbol : inchSymbol;
    }

    /** {@return the number shown in a system for a value inside Pteron} */
    public double shown(double value, UnitSystem system) {
        return system == UnitSystem.METRIC ? value : value * inchFactor + inchOffset();
    }

    /** {@return the value inside Pteron of a number read in a system} */
    public double fromShown(double number, UnitSystem system) {
        return system == UnitSystem.METRIC ? number : (number - inchOffset()) / inchFactor;
    }

    /** Only a temperature has another zero. */
    private double inchOffset() {
        return this == CELSIUS ? 32 : 0;
    }

    int decimals(UnitSystem system) {
        return system == UnitSystem.METRIC ? decimals : inchDecimals;
    }
}
