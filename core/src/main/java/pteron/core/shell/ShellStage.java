package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.makeup.Layers;
import pteron.core.makeup.MakeUpStation;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;

/** Takes the box apart into panels. */
public final class ShellStage {

    /**
     * What the shell reads.
     *
     * @param widthMm outside width of the box (mm)
     * @param makeUp its layers
     * @param outline its outline, usable and of flat panels
     */
    public record Input(double widthMm, MakeUp makeUp, Outline outline) {

        /** {@return what it reads of a plan} */
        public static Input of(BoxPlan plan, Outline outline) {
            return new Input(plan.box().widthMm(), plan.makeUp(), outline);
        }
    }

    /** The stage; empty where flat panels of timber do not make the box up. */
    public static final Stage<Input, Shell> STAGE =
            new Stage<>(Shell.class, ShellStage::reads, ShellStage::of);

    private ShellStage() {}

    private static Optional<Input> reads(Given given) {
        Outline outline = given.get(Outline.class);
        boolean sets =
                outline.usable()
                        && given.get(Layers.class).usable()
                        && Framing.isSetOut(given.plan(), outline, given.library());
        return sets ? Optional.of(Input.of(given.plan(), outline)) : Optional.empty();
    }

    /**
     * {@return the panels of the box}
     */
    public static Shell of(Input plan) {
        Outline outline = plan.outline();
        List<Band> bands =
                outline.edges().stream().map(edge -> Band.of(edge, plan.makeUp())).toList();
        SideLines sides = SideLines.of(bands, plan.makeUp().floor().structureMm());
        List<Finding> findings = check(plan, sides);
        if (!findings.isEmpty()) {
            return new Shell(List.of(), findings);
        }
        PanelMaker maker = new PanelMaker(plan.widthMm(), plan.makeUp(), bands, sides);
        List<Panel> panels = new ArrayList<>();
        panels.add(maker.floor());
        panels.add(maker.side(PanelKind.LEFT));
        panels.add(maker.side(PanelKind.RIGHT));
        panels.addAll(maker.strip());
        return new Shell(panels, List.of());
    }

    private static List<Finding> check(Input plan, SideLines sides) {
        List<Finding> findings = new ArrayList<>();
        double insideWidth = plan.widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double needed = 2 * plan.makeUp().walls().members().section().thicknessMm();
        if (insideWidth < needed) {
            findings.add(noRoom("inside-width", insideWidth, needed));
        }
        if (!sides.hold()) {
            findings.add(noRoom("side", sides.leastEdgeMm(), 1));
        }
        return findings;
    }

    private static Finding noRoom(String part, double hasMm, double needsMm) {
        return new Finding(
                "LAYERS_FILL_THE_BOX",
                Severity.STOPS,
                Place.of(MakeUpStation.MAKE_UP, part),
                Quantity.mm(hasMm),
                Limit.atLeast(Quantity.mm(needsMm)),
                Cure.advice("THINNER_OR_LARGER", Quantity.mm(needsMm - hasMm)));
    }
}
