package pteron.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * Fills bar after bar as full as it can be with what is left to cut. A good second answer, and patterns
 * for the whole-number program that a linear program does not ask for.
 */
final class GreedyFill {

    private GreedyFill() {}

    /** {@return a pattern for each bar} */
    static List<Pattern> patterns(Demand demand, PatternSearch search) {
        double[] lengths = new double[demand.kinds()];
        for (int kind = 0; kind < lengths.length; kind++) {
            lengths[kind] = demand.sizes()[kind];
        }
        int[] left = demand.wanted();
        List<Pattern> bars = new ArrayList<>();
        while (sum(left) > 0) {
            Pattern fullest = fullest(demand, search.best(lengths, left));
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= fullest.count()[kind];
            }
            bars.add(fullest);
        }
        return bars;
    }

    /** {@return the pattern that leaves the least part of its bar; the longer bar of two alike} */
    private static Pattern fullest(Demand demand, List<Pattern> patterns) {
        Pattern best = null;
        double bestShare = -1;
        for (Pattern pattern : patterns) {
            double used = 0;
            for (int kind = 0; kind < demand.kinds(); kind++) {
                used += (double) pattern.count()[kind] * demand.sizes()[kind];
            }
            double share = used / demand.capacities()[pattern.stock()];
            if (share >= bestShare) {
                bestShare = share;
                best = pattern;
            }
        }
        return best;
    }

    private static int sum(int[] numbers) {
        int sum = 0;
        for (int number : numbers) {
            sum += number;
        }
        return sum;
    }
}
