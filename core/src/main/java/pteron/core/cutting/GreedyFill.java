package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Fills bar after bar as full as it can be with what is left to cut. A good second answer, and patterns
 * for the whole-number program that a linear program does not ask for.
 */
final class GreedyFill {

    private GreedyFill() {}

    /** {@return a pattern for each bar} */
    static List<Pattern> patterns(Demand demand, Knapsack search) {
        int[] left = demand.wanted();
        List<Pattern> bars = new ArrayList<>();
        while (Arrays.stream(left).anyMatch(n -> n > 0)) {
            Pattern fullest = fullest(demand, search.best(demand.sizes(), left));
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= fullest.count()[kind];
            }
            bars.add(fullest);
        }
        return bars;
    }

    /** {@return the pattern that leaves the least part of its bar; the longer bar of two alike} */
    private static Pattern fullest(Demand demand, List<Knapsack.Found> patterns) {
        Pattern best = null;
        double bestShare = 0;
        for (Knapsack.Found found : patterns) {
            Pattern pattern = found.pattern();
            double share = (double) demand.used(pattern) / demand.costs()[pattern.stock()];
            if (share > 0 && share >= bestShare) {
                bestShare = share;
                best = pattern;
            }
        }
        return best;
    }
}
