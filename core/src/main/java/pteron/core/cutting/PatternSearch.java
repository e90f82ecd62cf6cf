package pteron.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Patterns that a linear program asks for, found by a knapsack on its prices, and the bound they prove.
 */
final class PatternSearch {

    /** Steps of the knapsack that a bound may take. */
    private static final long EFFORT = 200_000_000;

    private final Demand demand;
    private final Program program;
    private final BooleanSupplier stopped;

    PatternSearch(Demand demand, Program program, BooleanSupplier stopped) {
        this.demand = demand;
        this.program = program;
        this.stopped = stopped;
    }

    /**
     * Asks for patterns of coarsely counted lengths until none saves anything, or the program costs no more
     * than is known to be needed.
     *
     * @param rough a knapsack with few cells
     * @param wanted how many of each kind there is use for
     * @param needed cost that no cutting can go below (steps)
     * @param rounds how often it is asked at the most
     * @return the prices at the end
     */
    Prices ask(Knapsack rough, int[] wanted, long needed, int rounds) {
        Prices prices = program.solve();
        for (int round = 0; round < rounds && !stopped.getAsBoolean(); round++) {
            if (prices.value() <= needed || !add(prices, rough.fitting(prices.prices(), wanted))) {
                break;
            }
            prices = program.solve();
        }
        return prices;
    }

    /**
     * Asks for patterns until none saves anything, or the bound meets what is known to be possible.
     *
     * @param knapsack what finds patterns; the finer it counts, the better the bound
     * @param enough cost known to be possible (steps)
     * @return cost that no cutting can go below (steps), as far as it is proven
     */
    long bound(Knapsack knapsack, long enough) {
        StockSums sums = new StockSums(demand.costs());
        long bound = 0;
        long rounds = EFFORT / knapsack.effort();
        for (long round = 0; round < rounds && !stopped.getAsBoolean(); round++) {
            Prices prices = program.solve();
            List<Knapsack.Found> found = knapsack.best(prices.prices(), demand.wanted());
            bound = Math.max(bound, sums.atLeast(prices.bound(demand, found)));
            if (bound >= enough || !add(prices, found)) {
                break;
            }
        }
        return bound;
    }

    private boolean add(Prices prices, List<Knapsack.Found> found) {
        boolean added = false;
        for (Knapsack.Found one : found) {
            if (prices.isWorthwhile(demand, one)) {
                added |= program.add(one.pattern());
            }
        }
        return added;
    }

    /** {@return patterns of a single kind, one for each kind and stock length that holds it} */
    static List<Pattern> singles(Demand demand) {
        List<Pattern> patterns = new ArrayList<>();
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            for (int kind = 0; kind < demand.kinds(); kind++) {
                long fit = demand.capacities()[stock] / demand.sizes()[kind];
                int most = (int) Math.min(fit, demand.wanted(kind));
                if (most > 0) {
                    int[] count = new int[demand.kinds()];
                    count[kind] = most;
                    patterns.add(new Pattern(stock, count));
                }
            }
        }
        return patterns;
    }
}
