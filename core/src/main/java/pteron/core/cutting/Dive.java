package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Whole bars out of the linear program: what it takes whole is cut, else the pattern it takes most of, and
 * it is asked again about the parts that are left.
 */
final class Dive {

    /** How near to a whole use is whole: rounding of the linear program. */
    private static final double WHOLE = 1e-6;

    /** How often it is asked for new patterns before the next bar is cut, times the number of kinds. */
    private static final int ROUNDS_TIMES_KINDS = 400;

    private final Program program;
    private final int[] left;
    private final List<Pattern> bars = new ArrayList<>();

    private Dive(Demand demand, Program program) {
        this.program = program;
        this.left = demand.wanted();
    }

    /** {@return a pattern for each bar, empty when stopped} */
    static Optional<List<Pattern>> patterns(
            Demand demand, Program program, Knapsack rough, BooleanSupplier stopped) {
        Dive dive = new Dive(demand, program);
        PatternSearch search = new PatternSearch(demand, program, stopped);
        int rounds = Math.clamp(ROUNDS_TIMES_KINDS / demand.kinds(), 1, 6);
        while (Arrays.stream(dive.left).anyMatch(n -> n > 0)) {
            if (stopped.getAsBoolean()) {
                return Optional.empty();
            }
            program.want(dive.left);
            Prices prices = search.ask(rough, dive.left, 0, rounds);
            dive.cut(program.patterns(), prices.uses());
        }
        program.want(demand.wanted());
        return Optional.of(dive.bars);
    }

    private void cut(List<Pattern> patterns, double[] uses) {
        int most = 0;
        boolean any = false;
        for (int i = 0; i < uses.length; i++) {
            most = uses[i] > uses[most] ? i : most;
            for (int n = (int) (uses[i] + WHOLE); n > 0; n--) {
                any |= take(patterns.get(i));
            }
        }
        if (!any) {
            take(patterns.get(most));
        }
    }

    /** Cuts a bar by a pattern, as far as parts are left for it. */
    private boolean take(Pattern pattern) {
        int[] count = pattern.count().clone();
        for (int kind = 0; kind < count.length; kind++) {
            count[kind] = Math.min(count[kind], left[kind]);
            left[kind] -= count[kind];
        }
        Pattern bar = new Pattern(pattern.stock(), count);
        return !bar.isEmpty() && bars.add(bar);
    }
}
