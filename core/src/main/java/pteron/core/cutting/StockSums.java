package pteron.core.cutting;

import java.util.Arrays;

/** Sums that stock lengths can make: no cutting costs anything else. */
final class StockSums {

    /** Sums that are marked one by one; beyond, only the common measure is used. */
    private static final int MOST_MARKS = 1_000_000;

    private final long measure;
    private final long[] lengths;

    /** Sums of these lengths (steps), above 0. */
    StockSums(long[] lengths) {
        this.measure = Arrays.stream(lengths).reduce(0, Steps::common);
        this.lengths = Arrays.stream(lengths).map(length -> length / measure).toArray();
    }

    /** {@return the greatest common measure of the lengths (steps)} */
    long measure() {
        return measure;
    }

    /**
     * {@return the least sum of stock lengths that is not below a bound (steps); where sums are too many
     * to be marked, the least multiple of the common measure}
     */
    long atLeast(long bound) {
        long least = Math.max(0, Math.ceilDiv(bound, measure));
        long longest = lengths[lengths.length - 1];
        if (least + longest >= MOST_MARKS) {
            return least * measure;
        }
        boolean[] made = new boolean[(int) (least + longest) + 1];
        made[0] = true;
        for (int sum = 1; sum < made.length; sum++) {
            for (long length : lengths) {
                made[sum] |= sum >= length && made[(int) (sum - length)];
            }
        }
        int sum = (int) least;
        while (!made[sum]) {
            sum++;
        }
        return sum * measure;
    }
}
