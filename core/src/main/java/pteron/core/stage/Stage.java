package pteron.core.stage;

import java.util.Optional;
import java.util.function.Function;

/**
 * A step of working a plan out. Immutable.
 *
 * @param kind what it gives; each kind is given by one stage
 * @param reads what it reads: a record with nothing in it but that, empty where it cannot be worked out
 * @param work works it out from that and nothing else
 */
public record Stage<I, R extends Result>(
        Class<R> kind, Function<Given, Optional<I>> reads, Function<I, R> work) {

    /** {@return a stage that can always be worked out} */
    public static <I, R extends Result> Stage<I, R> of(
            Class<R> kind, Function<Given, I> reads, Function<I, R> work) {
        return new Stage<>(kind, given -> Optional.of(reads.apply(given)), work);
    }
}
