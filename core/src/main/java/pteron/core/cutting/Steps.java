package pteron.core.cutting;

import java.math.BigInteger;

/**
 * Lengths in whole steps of 1/8000 mm, which hold tenths of a millimetre (800 steps) and sixty-fourths of
 * an inch (3175 steps) exactly.
 */
final class Steps {

    /** Steps of a millimetre. */
    static final long PER_MM = 8000;

    /** How far a double may be off the step that was meant: 1/8000 of a step (mm). */
    private static final double SLACK = 1.0 / PER_MM;

    private Steps() {}

    /** {@return the least whole number of steps that is not below a length} */
    static long up(double mm) {
        return (long) Math.ceil(mm * PER_MM - SLACK);
    }

    /** {@return the greatest whole number of steps that is not above a length} */
    static long down(double mm) {
        return (long) Math.floor(mm * PER_MM + SLACK);
    }

    /** {@return the length (mm)} */
    static double mm(long steps) {
        return (double) steps / PER_MM;
    }

    /** {@return a quotient rounded up} */
    static long ceil(BigInteger number, long by) {
        BigInteger[] parts = number.divideAndRemainder(BigInteger.valueOf(by));
        return parts[0].add(parts[1].signum() > 0 ? BigInteger.ONE : BigInteger.ZERO)
                .longValueExact();
    }

    /** {@return the greatest common measure of two lengths; 0 measures nothing} */
    static long common(long one, long other) {
        return other == 0 ? one : common(other, one % other);
    }
}
