package pteron.core.cutting;

import java.math.BigInteger;

/** Sums that stock lengths can make. */
final class StockSums {

    private StockSums() {}

    /**
     * {@return the least multiple of the common measure of the lengths that is not below a bound}
     *
     * <p>Every sum of stock lengths is such a multiple, so no cutting costs less.
     */
    static long atLeast(long[] lengths, double bound) {
        BigInteger common = BigInteger.ZERO;
        for (long length : lengths) {
            common = common.gcd(BigInteger.valueOf(length));
        }
        long measure = common.longValueExact();
        return (long) Math.ceil(bound / measure) * measure;
    }
}
