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
        Class<R> kind, Function<Given, Optional<I>> reads, Work<I, R> work) {

    /**
     * What a stage does.
     *
     * @param <I> what it reads
     * @param <R> what it gives
     */
    public interface Work<I, R> {
        /**
         * {@return what follows from what was read; the same whether anything is taken over or not}
         *
         * @param input what was read
         * @param before what was read and given for the plan before, of which parts may be taken over
         */
        R of(I input, Optional<Before<I, R>> before);
    }

    /**
     * What a stage did for the plan before.
     *
     * @param input what it read
     * @param result what it gave
     */
    public record Before<I, R>(I input, R result) {}

    /** A stage that takes nothing over in part. */
    public Stage(Class<R> kind, Function<Given, Optional<I>> reads, Function<I, R> work) {
        this(kind, reads, (input, before) -> work.apply(input));
    }

    /** {@return a stage that can always be worked out} */
    public static <I, R extends Result> Stage<I, R> of(
            Class<R> kind, Function<Given, I> reads, Function<I, R> work) {
        return new Stage<>(kind, given -> Optional.of(reads.apply(given)), work);
    }
}
