package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Finds for each stock length the pattern that is worth most at given prices: knapsack by the room used,
 * each kind as often as it is wanted at most (Gilmore and Gomory 1961); one pass answers for all stock
 * lengths. All sums are in whole numbers.
 *
 * <p>The room is counted in cells of the sizes' common measure. Where that makes too many, cells are
 * coarser: sizes rounded down tell what no pattern is worth more than, sizes rounded up a pattern that
 * fits.
 */
final class Knapsack {

    /** Cells that are counted through; a bar of 4.8 m in tenths of a millimetre has 48 030. */
    private static final long FINE = 60_000;

    /** Cells for a quick answer: a millimetre or two each. */
    private static final long ROUGH = 4_000;

    private final Demand demand;
    private final long cell;
    private final boolean exact;

    private Knapsack(Demand demand, long mostCells) {
        this.demand = demand;
        long measure = Math.max(1, Arrays.stream(demand.sizes()).reduce(0, Steps::common));
        long coarse = Math.ceilDiv(demand.longest(), mostCells);
        this.exact = measure >= coarse;
        this.cell = Math.max(measure, coarse);
    }

    /** {@return a search that counts exactly, or nearly so where lengths have hardly a common measure} */
    static Knapsack fine(Demand demand) {
        return new Knapsack(demand, FINE);
    }

    /** {@return a quick search} */
    static Knapsack rough(Demand demand) {
        return new Knapsack(demand, ROUGH);
    }

    /**
     * A pattern and what no pattern of its stock length is worth more than.
     *
     * @param pattern a pattern, the best where the two worths are alike
     * @param worth what it is worth
     * @param most no pattern is worth more
     */
    record Found(Pattern pattern, long worth, long most) {}

    /**
     * {@return for each stock length the best pattern found}
     *
     * @param prices price of each kind, 0 or above
     * @param wanted how many of each kind there is use for
     */
    List<Found> best(long[] prices, int[] wanted) {
        List<Found> down = pass(prices, wanted, false);
        if (exact || down.stream().allMatch(found -> fits(found.pattern))) {
            return down;
        }
        List<Found> up = pass(prices, wanted, true);
        List<Found> found = new ArrayList<>();
        for (int stock = 0; stock < up.size(); stock++) {
            Found relaxed = down.get(stock);
            found.add(
                    fits(relaxed.pattern)
                            ? relaxed
                            : new Found(up.get(stock).pattern, up.get(stock).worth, relaxed.most));
        }
        return found;
    }

    /**
     * {@return for each stock length a good pattern; what no pattern is worth more than is not told}
     *
     * @param prices price of each kind, 0 or above
     * @param wanted how many of each kind there is use for
     */
    List<Found> fitting(long[] prices, int[] wanted) {
        return pass(prices, wanted, true);
    }

    /** {@return steps that one answer takes, for budgets that do not look at a clock} */
    long effort() {
        return demand.longest() / cell * demand.kinds();
    }

    private boolean fits(Pattern pattern) {
        return demand.used(pattern) <= demand.capacities()[pattern.stock()];
    }

    private List<Found> pass(long[] prices, int[] wanted, boolean up) {
        int cells = (int) (demand.longest() / cell);
        long[] worth = new long[cells + 1];
        List<Bundle> bundles = bundles(wanted, up);
        BitSet[] taken = new BitSet[bundles.size()];
        for (int i = 0; i < taken.length; i++) {
            taken[i] = put(bundles.get(i), prices, worth);
        }
        List<Found> found = new ArrayList<>();
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            // a bar whose end trims leave nothing holds nothing
            int room = (int) Math.max(0, demand.capacities()[stock] / cell);
            Pattern pattern = traced(stock, room, new Pass(bundles, taken));
            found.add(new Found(pattern, worth(pattern, prices), worth[room]));
        }
        return found;
    }

    private static long worth(Pattern pattern, long[] prices) {
        long worth = 0;
        for (int kind = 0; kind < prices.length; kind++) {
            worth += prices[kind] * pattern.count()[kind];
        }
        return worth;
    }

    /** So many parts of a kind taken together; doubling sizes make every number up to what is wanted. */
    private record Bundle(int kind, int number, int cells) {}

    private record Pass(List<Bundle> bundles, BitSet[] taken) {}

    private List<Bundle> bundles(int[] wanted, boolean up) {
        List<Bundle> bundles = new ArrayList<>();
        for (int kind = 0; kind < demand.kinds(); kind++) {
            long size = demand.sizes()[kind];
            long left = Math.min(wanted[kind], demand.longest() / size);
            for (int number = 1; left > 0; number *= 2) {
                int some = (int) Math.min(number, left);
                long room = some * size;
                bundles.add(
                        new Bundle(
                                kind, some, (int) (up ? Math.ceilDiv(room, cell) : room / cell)));
                left -= number;
            }
        }
        return bundles;
    }

    private static BitSet put(Bundle bundle, long[] prices, long[] worth) {
        BitSet taken = new BitSet(worth.length);
        long price = bundle.number * prices[bundle.kind];
        for (int room = worth.length - 1; room >= bundle.cells; room--) {
            long value = worth[room - bundle.cells] + price;
            if (value > worth[room]) {
                worth[room] = value;
                taken.set(room);
            }
        }
        return taken;
    }

    private Pattern traced(int stock, int room, Pass pass) {
        int[] count = new int[demand.kinds()];
        int left = room;
        for (int i = pass.bundles.size() - 1; i >= 0; i--) {
            if (pass.taken[i].get(left)) {
                Bundle bundle = pass.bundles.get(i);
                count[bundle.kind] += bundle.number;
                left -= bundle.cells;
            }
        }
        return new Pattern(stock, count);
    }
}
