package pteron.core.cutting;

/**
 * Sums that parts from one kind on can make, so that a search for patterns without waste turns back where nothing fills
 * what is left. Sums are counted in a common measure of all sizes where the table stays small, else in coarser cells, and
 * then a sum is taken for possible when it might be.
 */
final class Reach {

    /** Size of the table (bits) from which cells are made coarser. */
    private static final long MOST_BITS = 400_000_000;

    private final long cell;
    private final int slack;
    private final long[][] sums;

    private Reach(long cell, int slack, long[][] sums) {
        this.cell = cell;
        this.slack = slack;
        this.sums = sums;
    }

    /** {@return the sums of a job, up to the longest bar} */
    static Reach of(Demand demand) {
        long measure = 0;
        long least = Long.MAX_VALUE;
        for (long size : demand.sizes()) {
            measure = measure(measure, size);
            least = Math.min(least, size);
        }
        long most = MOST_BITS / (demand.kinds() + 1);
        long coarser = Math.max(1, Math.ceilDiv(demand.longest(), measure * most));
        long cell = measure * coarser;
        int slack = coarser == 1 ? 0 : (int) (demand.longest() / least);
        return new Reach(cell, slack, sums(demand, cell));
    }

    private static long measure(long one, long other) {
        return other == 0 ? one : measure(other, one % other);
    }

    private static long[][] sums(Demand demand, long cell) {
        int words = (int) (demand.longest() / cell / Long.SIZE) + 1;
        long[][] sums = new long[demand.kinds() + 1][];
        sums[demand.kinds()] = new long[words];
        sums[demand.kinds()][0] = 1;
        for (int kind = demand.kinds() - 1; kind >= 0; kind--) {
            long size = demand.sizes()[kind];
            long fit = Math.min(demand.wanted(kind), demand.longest() / size);
            sums[kind] = sums[kind + 1].clone();
            for (long n = 0; n < fit; n++) {
                sums[kind] = withOneMore(sums[kind], sums[kind + 1], size / cell);
            }
        }
        return sums;
    }

    /** {@return sums with up to n parts of a size, from those with up to n − 1, and those with none} */
    private static long[] withOneMore(long[] fewer, long[] none, long by) {
        long[] more = none.clone();
        int words = (int) (by / Long.SIZE);
        int bits = (int) (by % Long.SIZE);
        for (int i = more.length - 1; i >= words; i--) {
            more[i] |= fewer[i - words] << bits;
            if (bits > 0 && i > words) {
                more[i] |= fewer[i - words - 1] >>> (Long.SIZE - bits);
            }
        }
        return more;
    }

    /**
     * {@return whether parts from a kind on may make a sum between two, both included}
     *
     * @param kind first kind that is taken
     * @param least least sum (steps)
     * @param most greatest sum (steps), 0 or above
     */
    boolean isPossible(int kind, long least, long most) {
        long from =
                Math.max(0, Math.ceilDiv(Math.max(0, least), cell) - slack - (slack > 0 ? 1 : 0));
        long to = Math.min(most / cell, (long) sums[kind].length * Long.SIZE - 1);
        for (long at = from; at <= to; at = (at / Long.SIZE + 1) * Long.SIZE) {
            int word = (int) (at / Long.SIZE);
            long bits = sums[kind][word] >>> (at % Long.SIZE);
            if (bits != 0 && at + Long.numberOfTrailingZeros(bits) <= to) {
                return true;
            }
        }
        return false;
    }
}
