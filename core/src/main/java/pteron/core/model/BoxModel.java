package pteron.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.balance.Balance;
import pteron.core.balance.BalanceStage;
import pteron.core.balance.Part;
import pteron.core.balance.PartList;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.CarrierStage;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStage;
import pteron.core.frame.Member;
import pteron.core.makeup.Layers;
import pteron.core.makeup.MakeUpStage;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.OpeningStage;
import pteron.core.opening.Openings;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.sealing.Sealing;
import pteron.core.sealing.SealingStage;
import pteron.core.shell.Shell;
import pteron.core.shell.ShellStage;
import pteron.core.skin.SkinStage;
import pteron.core.skin.Skins;
import pteron.core.strength.Strength;
import pteron.core.strength.StrengthStage;

/**
 * Everything that follows from a plan. Immutable.
 *
 * @param plan the plan
 * @param library its materials
 * @param outline its outline
 * @param layers its make-up
 * @param carrier its carrier
 * @param shell its panels, unusable while outline or make-up are
 * @param built what stands on the panels, empty while they are unusable
 * @param balance its weight
 */
public record BoxModel(
        BoxPlan plan,
        MaterialLibrary library,
        Outline outline,
        Layers layers,
        Carrier carrier,
        Shell shell,
        Optional<Built> built,
        Balance balance) {

    /**
     * {@return everything that follows from a plan}
     *
     * @param plan the plan
     * @param library the materials that it names
     */
    public static BoxModel of(BoxPlan plan, MaterialLibrary library) {
        Outline outline = OutlineStage.of(plan.box());
        Layers layers = MakeUpStage.of(plan.makeUp(), library);
        Carrier carrier = CarrierStage.of(plan, outline);
        Shell shell =
                outline.usable() && layers.usable()
                        ? ShellStage.of(plan, outline)
                        : new Shell(List.of(), List.of());
        Optional<Built> built =
                shell.usable()
                        ? Optional.of(build(plan, library, outline, carrier, shell))
                        : Optional.empty();
        return weighed(plan, library, outline, layers, carrier, shell, built);
    }

    /**
     * {@return the model after an edit, taking over what the edit did not touch}
     *
     * @param edited the plan after the edit
     */
    public BoxModel after(BoxPlan edited) {
        if (edited.equals(plan)) {
            return this;
        }
        boolean onlyNotes = edited.withName(plan.name()).withUnits(plan.units()).equals(plan);
        if (onlyNotes) {
            return new BoxModel(edited, library, outline, layers, carrier, shell, built, balance);
        }
        boolean sameBox =
                edited.box().withOffset(plan.box().offsetMm()).equals(plan.box())
                        && edited.makeUp().equals(plan.makeUp())
                        && edited.openings().equals(plan.openings())
                        && edited.supplies().equals(plan.supplies());
        if (!sameBox || built.isEmpty()) {
            return of(edited, library);
        }
        Carrier moved = CarrierStage.of(edited, outline);
        Built old = built.orElseThrow();
        Strength strength = StrengthStage.of(edited, library, moved, old.frame());
        Built kept =
                new Built(
                        old.shell(),
                        old.openings(),
                        old.frame(),
                        strength,
                        old.skins(),
                        old.sealing());
        return weighed(edited, library, outline, layers, moved, shell, Optional.of(kept));
    }

    private static Built build(
            BoxPlan plan, MaterialLibrary library, Outline outline, Carrier carrier, Shell shell) {
        Openings openings = OpeningStage.of(plan, shell);
        Frame frame = FrameStage.of(plan, library, shell, openings);
        Strength strength = StrengthStage.of(plan, library, carrier, frame);
        Skins skins = SkinStage.of(plan, library, frame, openings);
        Sealing sealing = SealingStage.of(plan, outline, openings, skins);
        return new Built(shell, openings, frame, strength, skins, sealing);
    }

    private static BoxModel weighed(
            BoxPlan plan,
            MaterialLibrary library,
            Outline outline,
            Layers layers,
            Carrier carrier,
            Shell shell,
            Optional<Built> built) {
        List<Part> parts =
                built.map(
                                b ->
                                        PartList.box(
                                                library,
                                                b.frame(),
                                                b.openings(),
                                                b.skins(),
                                                b.sealing()))
                        .orElse(List.of());
        Balance balance = BalanceStage.of(carrier, parts);
        return new BoxModel(plan, library, outline, layers, carrier, shell, built, balance);
    }

    /** {@return all figures in the order of the stations} */
    public List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        figures.addAll(carrier.figures());
        figures.addAll(outline.figures());
        figures.addAll(layers.figures());
        built.ifPresent(
                b -> {
                    figures.addAll(b.frame().figures());
                    figures.addAll(b.strength().figures());
                    figures.addAll(b.openings().figures());
                    figures.addAll(b.skins().figures());
                    figures.addAll(b.sealing().figures());
                });
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
        findings.addAll(shell.findings());
        built.ifPresent(
                b -> {
                    findings.addAll(b.openings().findings());
                    findings.addAll(b.frame().findings());
                    findings.addAll(b.strength().findings());
                    findings.addAll(b.skins().findings());
                });
        findings.addAll(balance.findings());
        return findings.stream().sorted(Finding.MOST_SERIOUS_FIRST).toList();
    }

    /** {@return all members, none while nothing can be built} */
    public List<Member> members() {
        return built.map(b -> b.frame().members()).orElse(List.of());
    }
}
