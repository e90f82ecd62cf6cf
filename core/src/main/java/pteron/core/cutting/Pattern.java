package pteron.core.cutting;

import java.util.Arrays;

/**
 * One way to cut a bar: how many parts of each kind. Immutable by custom; the array is not shared out.
 *
 * @param stock index of the stock length
 * @param count parts of each kind
 */
record Pattern(int stock, int[] count) {

    boolean isEmpty() {
        return Arrays.stream(count).allMatch(n -> n == 0);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pattern that
                && stock == that.stock
                && Arrays.equals(count, that.count);
    }

    @Override
    public int hashCode() {
        return 31 * stock + Arrays.hashCode(count);
    }
}
