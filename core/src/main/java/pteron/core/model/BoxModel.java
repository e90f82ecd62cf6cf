package pteron.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import pteron.core.balance.Balance;
import pteron.core.balance.BalanceStage;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.CarrierStage;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStage;
import pteron.core.frame.Member;
import pteron.core.inside.Inside;
import pteron.core.inside.InsideStage;
import pteron.core.makeup.Layers;
import pteron.core.makeup.MakeUpStage;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.OpeningStage;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;
import pteron.core.sealing.SealingStage;
import pteron.core.shell.Shell;
import pteron.core.shell.ShellStage;
import pteron.core.skin.SkinStage;
import pteron.core.strength.StrengthStage;

/**
 * Everything that follows from a plan. Immutable.
 *
 * @param plan the plan
 * @param starting materials that every plan may name
 * @param library those and the plan's own
 * @param outline its outline
 * @param layers its make-up
 * @param carrier its carrier
 * @param inside the room inside of the layers
 * @param shell its panels, unusable while outline or make-up are, or where flat panels do not make it up
 * @param built what stands on the panels, empty while they are unusable
 * @param made what follows from the make-up, empty while outline or make-up are unusable
 * @param balance its weight
 */
public record BoxModel(
        BoxPlan plan,
        MaterialLibrary starting,
        MaterialLibrary library,
        Outline outline,
        Layers layers,
        Carrier carrier,
        Inside inside,
        Shell shell,
        Optional<Built> built,
        Optional<Made> made,
        Balance balance) {

    /**
     * {@return everything that follows from a plan}
     *
     * @param plan the plan
     * @param starting materials that it may name beside its own
     * @throws IllegalArgumentException if its numbers, each in its range, make no carrier or box together,
     *     with a sentence
     */
    public static BoxModel of(BoxPlan plan, MaterialLibrary starting) {
        return orRefused(() -> worked(plan, starting));
    }

    private static BoxModel orRefused(Supplier<BoxModel> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "this plan cannot be worked out: " + e.getMessage(), e);
        }
    }

    private static BoxModel worked(BoxPlan plan, MaterialLibrary starting) {
        MaterialLibrary library = starting.with(plan.materials());
        Outline outline = OutlineStage.of(plan.box(), library);
        Layers layers = MakeUpStage.of(plan.makeUp(), library);
        Carrier carrier = CarrierStage.of(plan, outline);
        Inside inside = InsideStage.of(plan, outline);
        Shell shell =
                outline.usable() && layers.usable() && isFramed(plan, outline, library)
                        ? ShellStage.of(plan, outline)
                        : new Shell(List.of(), List.of());
        Optional<Built> built =
                shell.usable()
                        ? Optional.of(build(plan, library, outline, carrier, shell))
                        : Optional.empty();
        return weighed(
                new BoxModel(
                        plan,
                        starting,
                        library,
                        outline,
                        layers,
                        carrier,
                        inside,
                        shell,
                        built,
                        Optional.empty(),
                        null));
    }

    /** {@return whether the frame of such a box can be set out: flat panels with timber members} */
    private static boolean isFramed(BoxPlan plan, Outline outline, MaterialLibrary library) {
        return Framing.isSetOut(plan, outline, library);
    }

    /**
     * {@return the model after an edit, taking over what the edit did not touch}
     *
     * @param edited the plan after the edit
     * @throws IllegalArgumentException as {@link #of} does
     */
    public BoxModel after(BoxPlan edited) {
        return orRefused(() -> workedAfter(edited));
    }

    private BoxModel workedAfter(BoxPlan edited) {
        if (edited.equals(plan)) {
            return this;
        }
        boolean onlyNotes = edited.withName(plan.name()).withUnits(plan.units()).equals(plan);
        if (onlyNotes) {
            return new BoxModel(
                    edited, starting, library, outline, layers, carrier, inside, shell, built, made,
                    balance);
        }
        if (!isSameBox(edited)) {
            return worked(edited, starting);
        }
        Carrier moved = CarrierStage.of(edited, outline);
        Optional<Built> kept =
                built.map(
                        old ->
                                new Built(
                                        old.shell(),
                                        old.openings(),
                                        old.frame(),
                                        StrengthStage.of(edited, library, moved, old.frame()),
                                        old.skins(),
                                        old.sealing()));
        return weighed(
                new BoxModel(
                        edited,
                        starting,
                        library,
                        outline,
                        layers,
                        moved,
                        inside,
                        shell,
                        kept,
                        Optional.empty(),
                        null));
    }

    /** {@return whether an edit leaves shape, layers, openings and supplies as they are} */
    private boolean isSameBox(BoxPlan edited) {
        Box before = plan.box();
        Box moved = edited.box().withOffset(before.offsetMm()).withRaised(before.raisedMm());
        List<Function<BoxPlan, Object>> parts =
                List.of(BoxPlan::makeUp, BoxPlan::openings, BoxPlan::supplies, BoxPlan::materials);
        return moved.equals(before)
                && parts.stream().allMatch(p -> p.apply(edited).equals(p.apply(plan)));
    }

    private static Built build(
            BoxPlan plan, MaterialLibrary library, Outline outline, Carrier carrier, Shell shell) {
        var openings = OpeningStage.of(plan, shell);
        var frame = FrameStage.of(plan, library, shell, openings);
        var strength = StrengthStage.of(plan, library, carrier, frame);
        var skins = SkinStage.of(plan, library, frame, openings);
        var sealing = SealingStage.of(plan, outline, openings, skins);
        return new Built(shell, openings, frame, strength, skins, sealing);
    }

    /** {@return the model with make-up and weight worked out} */
    private static BoxModel weighed(BoxModel bare) {
        boolean makes = bare.outline.usable() && bare.layers.usable();
        Optional<Made> made =
                makes
                        ? Optional.of(
                                Made.of(
                                        bare.plan,
                                        bare.library,
                                        bare.outline,
                                        bare.inside,
                                        bare.carrier,
                                        bare.built))
                        : Optional.empty();
        Balance balance = BalanceStage.of(bare.carrier, ModelParts.of(bare, made));
        return new BoxModel(
                bare.plan,
                bare.starting,
                bare.library,
                bare.outline,
                bare.layers,
                bare.carrier,
                bare.inside,
                bare.shell,
                bare.built,
                made,
                balance);
    }

    /** {@return all figures in the order of the stations} */
    public List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        figures.addAll(carrier.figures());
        figures.addAll(outline.figures());
        figures.addAll(inside.figures());
        figures.addAll(layers.figures());
        made.ifPresent(m -> figures.addAll(m.figures()));
        built.ifPresent(
                b ->
                        Stream.of(
                                        b.frame().figures(),
                                        b.strength().figures(),
                                        b.openings().figures(),
                                        b.skins().figures(),
                                        b.sealing().figures())
                                .forEach(figures::addAll));
        figures.addAll(balance.figures());
        return List.copyOf(figures);
    }

    /** {@return the figure with that key, empty if there is none} */
    public Optional<Figure> figure(String key) {
        return figures().stream().filter(figure -> figure.key().equals(key)).findFirst();
    }

    /** {@return all findings, most serious first} */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        findings.addAll(carrier.findings());
        findings.addAll(outline.findings());
        findings.addAll(layers.findings());
        findings.addAll(inside.findings());
        findings.addAll(shell.findings());
        made.ifPresent(m -> findings.addAll(m.findings()));
        built.ifPresent(
                b -> {
                    findings.addAll(b.openings().findings());
                    findings.addAll(b.frame().findings());
                    findings.addAll(b.strength().findings());
                    findings.addAll(b.skins().findings());
                });
        if (isWeighedByAreas()) {
            findings.add(
                    new Finding(
                            "WEIGHED_BY_AREAS",
                            Severity.NOTE,
                            Place.of("frame"),
                            Quantity.count(0),
                            Limit.atLeast(Quantity.count(1)),
                            Cure.advice("FRAME_NOT_SET_OUT", Quantity.count(1))));
        }
        findings.addAll(balance.findings());
        return findings.stream().sorted(Finding.MOST_SERIOUS_FIRST).toList();
    }

    /** {@return whether no frame is set out and the box is weighed by its areas} */
    public boolean isWeighedByAreas() {
        return made.isPresent() && built.isEmpty() && shell.findings().isEmpty();
    }

    /** {@return all members, none while nothing can be built} */
    public List<Member> members() {
        return built.map(b -> b.frame().members()).orElse(List.of());
    }
}
