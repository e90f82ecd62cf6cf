package pteron.core.cutting;

import java.math.BigInteger;
import java.util.List;

/**
 * What each part is worth by a linear program over known patterns, as whole numbers, and how much of each
 * pattern that program takes. The program is solved in floating point and proves nothing by itself.
 *
 * @param prices price of each kind, 0 or above; the longest bar is worth {@link #SCALE}
 * @param uses how often each pattern is used, in the order of the patterns
 * @param value cost by the program (steps), rounded as a double is
 */
record Prices(long[] prices, double[] uses, double value) {

    /** Whole-number worth of the longest bar: sums of thousands of parts still fit a long. */
    static final double SCALE = 1e12;

    /** Share of a pattern's cost that is only the rounding of the linear program. */
    private static final double ROUNDING = 1e-8;

    /**
     * {@return cost that no cutting can go below (steps)}
     *
     * <p>At prices with the best pattern worth r times its cost, the worth of all parts over r is a bound
     * (Farley 1990), whatever the prices; rounded up by whole-number division.
     *
     * @param demand the job
     * @param found for each stock length what no pattern is worth more than
     */
    long bound(Demand demand, List<Knapsack.Found> found) {
        BigInteger all = BigInteger.ZERO;
        for (int kind = 0; kind < prices.length; kind++) {
            BigInteger wanted = BigInteger.valueOf(demand.wanted(kind));
            all = all.add(BigInteger.valueOf(prices[kind]).multiply(wanted));
        }
        long least = Long.MAX_VALUE;
        for (int stock = 0; stock < found.size(); stock++) {
            long most = found.get(stock).most();
            if (most > 0) {
                BigInteger cost = all.multiply(BigInteger.valueOf(demand.costs()[stock]));
                least = Math.min(least, Steps.ceil(cost, most));
            }
        }
        return least == Long.MAX_VALUE ? 0 : least;
    }

    /** {@return whether a pattern is worth more than its cost} */
    boolean isWorthwhile(Demand demand, Knapsack.Found found) {
        double longest = demand.costs()[demand.costs().length - 1];
        double cost = SCALE * demand.costs()[found.pattern().stock()] / longest;
        return found.worth() > cost * (1 + ROUNDING);
    }
}
