package pteron.core.stage;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.stage.Results.Done;

/** Works a plan out: every stage once, those that it needs before it, none whose input has not changed. */
public final class Evaluation implements Given {

    private final Map<Class<? extends Result>, Stage<?, ?>> stages = new LinkedHashMap<>();
    private final BoxPlan plan;
    private final MaterialLibrary library;
    private final Results before;
    private final Map<Class<? extends Result>, Done> done = new HashMap<>();

    private Evaluation(
            List<Stage<?, ?>> stages, BoxPlan plan, MaterialLibrary library, Results before) {
        stages.forEach(stage -> this.stages.put(stage.kind(), stage));
        this.plan = plan;
        this.library = library;
        this.before = before;
    }

    /**
     * {@return what all stages give}
     *
     * @param stages the stages, in the order in which their results are told
     * @param plan the plan
     * @param library its materials
     * @param before results to take over where what was read is still the same
     */
    public static Results of(
            List<Stage<?, ?>> stages, BoxPlan plan, MaterialLibrary library, Results before) {
        Evaluation all = new Evaluation(stages, plan, library, before);
        Map<Class<? extends Result>, Done> ordered = new LinkedHashMap<>();
        stages.forEach(stage -> ordered.put(stage.kind(), all.done(stage)));
        return new Results(ordered);
    }

    @Override
    public BoxPlan plan() {
        return plan;
    }

    @Override
    public MaterialLibrary library() {
        return library;
    }

    @Override
    public <R extends Result> Optional<R> find(Class<R> kind) {
        Stage<?, ?> stage = stages.get(kind);
        if (stage == null) {
            throw new IllegalArgumentException(
                    "no stage gives [%s]; register one".formatted(kind.getSimpleName()));
        }
        return done(stage).result().map(kind::cast);
    }

    private <I, R extends Result> Done done(Stage<I, R> stage) {
        Done known = done.get(stage.kind());
        if (known == null) {
            known = worked(stage);
            done.put(stage.kind(), known);
        }
        return known;
    }

    private <I, R extends Result> Done worked(Stage<I, R> stage) {
        Optional<I> input = stage.reads().apply(this);
        Optional<Done> old = before.done(stage.kind());
        return old.filter(one -> one.input().equals(input))
                .orElseGet(
                        () ->
                                new Done(
                                        input,
                                        input.map(
                                                read ->
                                                        stage.work()
                                                                .of(read, before(stage, old)))));
    }

    /** What a stage read and gave before: it is the same stage, so the kinds are the same. */
    @SuppressWarnings("unchecked")
    private static <I, R extends Result> Optional<Stage.Before<I, R>> before(
            Stage<I, R> stage, Optional<Done> old) {
        return old.flatMap(
                done ->
                        done.result()
                                .map(
                                        result ->
                                                new Stage.Before<>(
                                                        (I) done.input().orElseThrow(),
                                                        stage.kind().cast(result))));
    }
}
