package pteron.core.cutting;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/** Finds patterns: all of them, or the one worth most at given prices. */
final class PatternSearch {

    private final Demand demand;

    PatternSearch(Demand demand) {
        this.demand = demand;
    }

    /** {@return all patterns that no further part fits into, empty when there are more than most} */
    Optional<List<Pattern>> all(int most) {
        List<Pattern> found = new ArrayList<>();
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            int[] count = new int[demand.kinds()];
            if (!grow(
                    new Bar(stock, demand.capacities()[stock]), 0, count, new Room(found, most))) {
                return Optional.empty();
            }
        }
        return Optional.of(found);
    }

    private record Bar(int stock, int left) {
        Bar less(int size) {
            return new Bar(stock, left - size);
        }
    }

    private record Room(List<Pattern> found, int most) {}

    private boolean grow(Bar bar, int kind, int[] count, Room room) {
        if (kind == demand.kinds()) {
            if (isFull(bar, count)) {
                room.found.add(new Pattern(bar.stock, count.clone()));
            }
            return room.found.size() <= room.most;
        }
        int size = demand.sizes()[kind];
        int most = Math.min(demand.wanted(kind), bar.left / size);
        for (int n = most; n >= 0; n--) {
            count[kind] = n;
            if (!grow(bar.less(n * size), kind + 1, count, room)) {
                return false;
            }
        }
        return true;
    }

    private boolean isFull(Bar bar, int[] count) {
        boolean any = false;
        for (int kind = 0; kind < demand.kinds(); kind++) {
            any |= count[kind] > 0;
            if (demand.sizes()[kind] <= bar.left && count[kind] < demand.wanted(kind)) {
                return false;
            }
        }
        return any;
    }

    /**
     * {@return for each stock length the pattern worth most at these prices}
     *
     * <p>Knapsack by the size used, each kind as often as it is wanted at most (Gilmore and Gomory 1961);
     * one pass over the sizes answers for all stock lengths.
     *
     * @param prices price of each kind, 0 or above
     * @param wanted how many of each kind there is use for
     */
    List<Pattern> best(double[] prices, int[] wanted) {
        int[] capacities = demand.capacities();
        double[] worth = new double[capacities[capacities.length - 1] + 1];
        List<Bundle> bundles = bundles(wanted);
        BitSet[] taken = new BitSet[bundles.size()];
        for (int i = 0; i < taken.length; i++) {
            taken[i] = put(bundles.get(i), prices, worth);
        }
        List<Pattern> patterns = new ArrayList<>();
        for (int stock = 0; stock < capacities.length; stock++) {
            patterns.add(traced(stock, bundles, taken));
        }
        return patterns;
    }

    /** So many parts of a kind taken together; doubling sizes make every number up to what is wanted. */
    private record Bundle(int kind, int number) {}

    private List<Bundle> bundles(int[] wanted) {
        int longest = demand.capacities()[demand.capacities().length - 1];
        List<Bundle> bundles = new ArrayList<>();
        for (int kind = 0; kind < demand.kinds(); kind++) {
            int left = Math.min(wanted[kind], longest / demand.sizes()[kind]);
            for (int number = 1; left > 0; number *= 2) {
                bundles.add(new Bundle(kind, Math.min(number, left)));
                left -= number;
            }
        }
        return bundles;
    }

    private BitSet put(Bundle bundle, double[] prices, double[] worth) {
        BitSet taken = new BitSet(worth.length);
        int size = bundle.number * demand.sizes()[bundle.kind];
        double price = bundle.number * prices[bundle.kind];
        for (int room = worth.length - 1; room >= size; room--) {
            double value = worth[room - size] + price;
            if (value > worth[room] + 1e-9) {
                worth[room] = value;
                taken.set(room);
            }
        }
        return taken;
    }

    private Pattern traced(int stock, List<Bundle> bundles, BitSet[] taken) {
        int[] count = new int[demand.kinds()];
        int left = demand.capacities()[stock];
        for (int i = bundles.size() - 1; i >= 0; i--) {
            if (taken[i].get(left)) {
                Bundle bundle = bundles.get(i);
                count[bundle.kind] += bundle.number;
                left -= bundle.number * demand.sizes()[bundle.kind];
            }
        }
        return new Pattern(stock, count);
    }
}
