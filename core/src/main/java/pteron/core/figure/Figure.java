package pteron.core.figure;

import java.util.function.Supplier;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Side;
import pteron.core.quantity.UnitSystem;

/** A named quantity with its working, which is only written out when asked for. Immutable. */
public final class Figure {

    private final String key;
    private final String name;
    private final Quantity quantity;
    private final Side side;
    private final Supplier<Working> working;

    private Figure(
            String key, String name, Quantity quantity, Side side, Supplier<Working> working) {
        this.key = key;
        this.name = name;
        this.quantity = quantity;
        this.side = side;
        this.working = working;
    }

    /**
     * {@return a figure}
     *
     * @param key stable key, stage first: {@code balance.coupler-share}
     * @param name what a builder calls it
     * @param quantity the value with its unit
     * @param working writes the working out
     */
    public static Figure of(String key, String name, Quantity quantity, Supplier<Working> working) {
        return new Figure(key, name, quantity, Side.NEAREST, working);
    }

    /** {@return the same figure as a greatest value, which is written rounded down} */
    public Figure atMost() {
        return new Figure(key, name, quantity, Side.DOWN, working);
    }

    /** {@return the same figure as a least value, which is written rounded up} */
    public Figure atLeast() {
        return new Figure(key, name, quantity, Side.UP, working);
    }

    /** {@return to which side it is rounded when it is written} */
    public Side side() {
        return side;
    }

    /** {@return the value as a builder reads it in the given system, with its unit} */
    public String text(UnitSystem system) {
        return quantity.text(system, side);
    }

    /** {@return the stable key} */
    public String key() {
        return key;
    }

    /** {@return what a builder calls it} */
    public String name() {
        return name;
    }

    /** {@return the value with its unit} */
    public Quantity quantity() {
        return quantity;
    }

    /** {@return the bare value in the unit of {@link #quantity}} */
    public double value() {
        return quantity.value();
    }

    /** {@return the formula, the numbers put in and the source} */
    public Working working() {
        return working.get();
    }

    /** Equal by key, name and value; the working follows from what the value follows from. */
    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Figure figure
                        && key.equals(figure.key)
                        && name.equals(figure.name)
                        && quantity.equals(figure.quantity);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    @Override
    public String toString() {
        return key + " = " + quantity.value() + " " + quantity.unit().symbol();
    }
}
