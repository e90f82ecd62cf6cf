package pteron.core.quantity;

import pteron.core.quantity.Require.Range;

/** A number that lies out of its range, with what is needed to say so in the builder's units. */
public final class OutOfRange extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String name;
    private final double value;
    private final transient Range range;

    /**
     * A number out of its range.
     *
     * @param name what the number is
     * @param value the number, in the unit of the range
     * @param range where it must lie; a bound may be infinite
     * @param sentence the same as a sentence
     */
    OutOfRange(String name, double value, Range range, String sentence) {
        super(sentence);
        this.name = name;
        this.value = value;
        this.range = range;
    }

    /** {@return what the number is} */
    public String name() {
        return name;
    }

    /** {@return the number, in the unit of the range} */
    public double value() {
        return value;
    }

    /** {@return where it must lie; a bound may be infinite} */
    public Range range() {
        return range;
    }
}
