package pteron.core.model;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import pteron.core.balance.Balance;
import pteron.core.carrier.Carrier;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.inside.Inside;
import pteron.core.makeup.Layers;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.shell.Shell;
import pteron.core.stage.Evaluation;
import pteron.core.stage.Given;
import pteron.core.stage.Result;
import pteron.core.stage.Results;
import pteron.core.station.Station;

/**
 * Everything that follows from a plan. Immutable; equal to another of the same plan, however it was reached.
 *
 * @param plan the plan
 * @param starting materials that every plan may name
 * @param library those and the plan's own
 * @param results what the stages gave
 */
public record BoxModel(
        BoxPlan plan, MaterialLibrary starting, MaterialLibrary library, Results results)
        implements Given {

    /**
     * {@return everything that follows from a plan}
     *
     * @param plan the plan
     * @param starting materials that it may name beside its own
     * @throws IllegalArgumentException if its numbers, each in its range, make no carrier or box together,
     *     with a sentence
     */
    public static BoxModel of(BoxPlan plan, MaterialLibrary starting) {
        MaterialLibrary library = starting.with(plan.materials());
        return orRefused(() -> worked(plan, starting, library, Results.NONE));
    }

    /**
     * {@return the model after an edit, taking over what the edit did not touch}
     *
     * @param edited the plan after the edit
     * @throws IllegalArgumentException as {@link #of} does
     */
    public BoxModel after(BoxPlan edited) {
        if (edited.equals(plan)) {
            return this;
        }
        boolean same = edited.materials().equals(plan.materials());
        MaterialLibrary known = same ? library : starting.with(edited.materials());
        return orRefused(() -> worked(edited, starting, known, results));
    }

    private static BoxModel orRefused(Supplier<BoxModel> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "this plan cannot be worked out: " + e.getMessage(), e);
        }
    }

    private static BoxModel worked(
            BoxPlan plan, MaterialLibrary starting, MaterialLibrary library, Results before) {
        return new BoxModel(
                plan, starting, library, Evaluation.of(Route.STAGES, plan, library, before));
    }

    @Override
    public <R extends Result> Optional<R> find(Class<R> kind) {
        return results.find(kind);
    }

    /** {@return its outline} */
    public Outline outline() {
        return get(Outline.class);
    }

    /** {@return its make-up} */
    public Layers layers() {
        return get(Layers.class);
    }

    /** {@return its carrier} */
    public Carrier carrier() {
        return get(Carrier.class);
    }

    /** {@return the room inside of the layers} */
    public Inside inside() {
        return get(Inside.class);
    }

    /** {@return its panels, unusable while outline or make-up are, or where flat panels do not make it up} */
    public Shell shell() {
        return find(Shell.class).orElse(Shell.NONE);
    }

    /** {@return its weight} */
    public Balance balance() {
        return get(Balance.class);
    }

    /** {@return this, empty where no frame is set out} */
    public Optional<BoxModel> built() {
        return find(Frame.class).map(frame -> this);
    }

    /** {@return this, empty while outline or make-up are unusable} */
    public Optional<BoxModel> made() {
        return find(Areas.class).map(areas -> this);
    }

    /** {@return all figures in the order of the stations} */
    public List<Figure> figures() {
        return results.figures();
    }

    /** {@return the figure with that key, empty if there is none} */
    public Optional<Figure> figure(String key) {
        return figures().stream().filter(figure -> figure.key().equals(key)).findFirst();
    }

    /** {@return all findings, most serious first} */
    public List<Finding> findings() {
        return results.findings();
    }

    /** {@return findings of a station, most serious first} */
    public List<Finding> findings(Station station) {
        return findings().stream().filter(one -> one.place().station().equals(station)).toList();
    }

    /** {@return worst demand over capacity at a station, 0 where nothing is held against anything} */
    public double margin(Station station) {
        return Route.stop(station)
                .margin()
                .orElse(
                        box ->
                                findings(station).stream()
                                        .mapToDouble(BoxModel::judged)
                                        .max()
                                        .orElse(0))
                .applyAsDouble(this);
    }

    /** {@return how far a finding uses up its limit, no worse than its severity says: only what stops the job is over it} */
    private static double judged(Finding finding) {
        return switch (finding.severity()) {
            case STOPS -> finding.margin();
            case WATCH -> Math.min(1, finding.margin());
            case NOTE -> 0;
        };
    }

    /** {@return whether no frame is set out and the box is weighed by its areas} */
    public boolean isWeighedByAreas() {
        return made().isPresent() && built().isEmpty();
    }

    /** {@return all members, none while nothing can be built} */
    public List<Member> members() {
        return find(Frame.class).map(Frame::members).orElse(List.of());
    }
}
