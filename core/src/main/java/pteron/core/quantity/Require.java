package pteron.core.quantity;

import java.math.BigDecimal;

/**
 * Refuses wrong calls. Every method returns its number when it is good, and throws an {@link
 * IllegalArgumentException} that names the value, the limit and the cure when it is not.
 */
public final class Require {

    /** Numbers between these are written plainly in a sentence, others with a power of ten. */
    private static final double LEAST_PLAIN = 1e-6;

    private static final double MOST_PLAIN = 1e12;

    private Require() {}

    /** {@return the value, which is finite} */
    public static double finite(String name, double value, String unit) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(
                    "%s %s%s: enter a number".formatted(name, plain(value), spaced(unit)));
        }
        return value;
    }

    /** {@return the value, which is above 0} */
    public static double positive(String name, double value, String unit) {
        if (!(finite(name, value, unit) > 0)) {
            throw new OutOfRange(
                    name,
                    value,
                    new Range(Double.MIN_VALUE, Double.POSITIVE_INFINITY, unit),
                    "%s %s%s: enter more than 0".formatted(name, plain(value), spaced(unit)));
        }
        return value;
    }

    /** {@return the value, which is 0 or above} */
    public static double notNegative(String name, double value, String unit) {
        if (!(finite(name, value, unit) >= 0)) {
            throw new OutOfRange(
                    name,
                    value,
                    new Range(0, Double.POSITIVE_INFINITY, unit),
                    "%s %s%s: enter 0 or more".formatted(name, plain(value), spaced(unit)));
        }
        return value;
    }

    /** {@return the value, which lies in the closed range} */
    public static double within(String name, double value, Range range) {
        if (!(finite(name, value, range.unit()) >= range.least() && value <= range.most())) {
            throw new OutOfRange(
                    name,
                    value,
                    range,
                    "%s %s%s: enter %s to %s%s"
                            .formatted(
                                    name,
                                    plain(value),
                                    spaced(range.unit()),
                                    plain(range.least()),
                                    plain(range.most()),
                                    spaced(range.unit())));
        }
        return value;
    }

    /** {@return a number as it is typed: 20 and not 20.0, 100000 and not 1.0E5} */
    private static String plain(double value) {
        if (!Double.isFinite(value)) {
            return "no finite number";
        }
        boolean handy =
                value == 0 || Math.abs(value) >= LEAST_PLAIN && Math.abs(value) < MOST_PLAIN;
        return handy
                ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString()
                : Double.toString(value);
    }

    private static String spaced(String unit) {
        return unit.isEmpty() ? "" : " " + unit;
    }

    /**
     * A closed range.
     *
     * @param least the least value
     * @param most the greatest value
     * @param unit the symbol of the unit, or empty
     */
    public record Range(double least, double most, String unit) {}

    /** A number that lies out of its range, with what is needed to say so in the builder's units. */
    public static final class OutOfRange extends IllegalArgumentException {

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
}
