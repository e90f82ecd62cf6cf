package pteron.core.quantity;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * A sum that is remembered by what went into it, for as many inputs as were asked for last. Safe for use by
 * several threads; an input that two ask for at once may be worked out twice.
 *
 * @param <I> what goes in; equal inputs have the same outcome
 * @param <O> what comes out, not null
 */
public final class Remembered<I, O> {

    private final Function<I, O> sum;
    private final Map<I, O> known;

    /**
     * Nothing is known yet.
     *
     * @param most how many inputs are remembered, 1 or more
     * @param sum works one out
     */
    public Remembered(int most, Function<I, O> sum) {
        Require.positive("inputs to remember", most, "");
        this.sum = sum;
        this.known =
                Collections.synchronizedMap(
                        new LinkedHashMap<>(16, 0.75f, true) {
                            @Override
                            protected boolean removeEldestEntry(Map.Entry<I, O> eldest) {
                                return size() > most;
                            }
                        });
    }

    /** {@return what comes out} */
    public O of(I input) {
        O found = known.get(input);
        if (found == null) {
            found = sum.apply(input);
            known.put(input, found);
        }
        return found;
    }
}
