package pteron.core.plan;

import java.util.Optional;
import net.jqwik.api.Assume;
import net.jqwik.api.statistics.Statistics;

/**
 * Counts how many generated plans reach what a property is meant to test. A property that quietly passes
 * over most of its plans proves little: below four fifths it fails.
 */
public final class SetOut {

    private static final double LEAST_PERCENT = 80;

    private SetOut() {}

    /** {@return what is there; a plan without it is counted and passed over} */
    public static <T> T of(Optional<T> there) {
        that(there.isPresent());
        return there.orElseThrow();
    }

    /** Goes on where it holds; otherwise the plan is counted and passed over. */
    public static void that(boolean holds) {
        Statistics.label("reached").collect(holds);
        Statistics.label("reached")
                .coverage(c -> c.check(true).percentage(share -> share >= LEAST_PERCENT));
        Assume.that(holds);
    }
}
