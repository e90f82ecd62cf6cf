package pteron.core.stage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;

/** What the stages gave, in the order of the stages; each with what it had read. Immutable. */
public final class Results {

    /** Nothing yet. */
    public static final Results NONE = new Results(Map.of());

    /**
     * What one stage did.
     *
     * @param input what it read, empty where it could not be worked out
     * @param result what it gave then
     */
    record Done(Optional<?> input, Optional<? extends Result> result) {}

    private final Map<Class<? extends Result>, Done> done;
    private final List<Result> list;
    private final List<Figure> figures;
    private final List<Finding> findings;

    Results(Map<Class<? extends Result>, Done> done) {
        this.done = new LinkedHashMap<>(done);
        this.list = new ArrayList<>();
        done.values().forEach(one -> one.result().ifPresent(list::add));
        this.figures = collected(Result::figures);
        this.findings =
                collected(Result::findings).stream().sorted(Finding.MOST_SERIOUS_FIRST).toList();
    }

    private <T> List<T> collected(Function<Result, List<T>> of) {
        return list.stream().flatMap(result -> of.apply(result).stream()).toList();
    }

    /** {@return what was given, in the order of the stages} */
    public List<Result> all() {
        return List.copyOf(list);
    }

    /** {@return all figures, in the order of the stages} */
    public List<Figure> figures() {
        return figures;
    }

    /** {@return all findings, most serious first} */
    public List<Finding> findings() {
        return findings;
    }

    /** {@return the result of that kind, empty where it could not be worked out} */
    public <R extends Result> Optional<R> find(Class<R> kind) {
        return Optional.ofNullable(done.get(kind)).flatMap(Done::result).map(kind::cast);
    }

    Optional<Done> done(Class<? extends Result> kind) {
        return Optional.ofNullable(done.get(kind));
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Results results && list.equals(results.list);
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(figures.size());
    }
}
