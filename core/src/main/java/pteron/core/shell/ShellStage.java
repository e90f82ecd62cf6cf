package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.Arc;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Point2;
import pteron.core.makeup.Layers;
import pteron.core.makeup.MakeUpStation;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStation;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;

/** Takes the box apart into panels. */
public final class ShellStage {

    /** The stage; empty while outline or layers are unusable. */
    public static final Stage<ShellInput, Shell> STAGE =
            new Stage<>(Shell.class, ShellStage::reads, ShellStage::of);

    /** Timber that must stay in a corner that is rounded off (mm); common practice. */
    private static final double LEAST_TIMBER_MM = 20;

    /** Pieces of outline that make a front, a roof and a rear. */
    private static final int FEWEST_PIECES = 3;

    private ShellStage() {}

    private static Optional<ShellInput> reads(Given given) {
        Outline outline = given.get(Outline.class);
        boolean usable = outline.usable() && given.get(Layers.class).usable();
        return usable ? Optional.of(ShellInput.of(given.plan(), outline)) : Optional.empty();
    }

    /**
     * {@return the panels of the box}
     */
    public static Shell of(ShellInput plan) {
        Outline outline = plan.outline();
        if (outline.elements().size() < FEWEST_PIECES) {
            return new Shell(List.of(), List.of(tooFew(outline)));
        }
        List<Band> all =
                outline.elements().stream().map(one -> Band.of(one, plan.makeUp())).toList();
        List<Finding> trims = new ArrayList<>();
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (isFramedSharp(all, i)) {
                trims.add(trim(all.get(i)));
            } else {
                bands.add(all.get(i));
            }
        }
        trims.addAll(notCrowned(bands, plan.details().crownMm()));
        SideLines sides =
                SideLines.of(
                        bands,
                        Underside.of(plan.details(), plan.makeUp()),
                        plan.makeUp().assembly());
        List<Finding> findings = new ArrayList<>(UndersideCheck.findings(plan, sides));
        findings.addAll(check(plan, sides));
        bands.stream()
                .filter(band -> band.radiusMm() < band.leastRadiusMm())
                .forEach(band -> findings.add(tooTight(band)));
        if (!findings.isEmpty()) {
            return new Shell(List.of(), findings);
        }
        List<Panel> panels = withPartitions(plan, bands, sides, trims);
        panels.stream().filter(ShellStage::isTooLow).forEach(panel -> findings.add(tooLow(panel)));
        return findings.isEmpty() ? new Shell(panels, trims) : new Shell(List.of(), findings);
    }

    private static List<Panel> withPartitions(
            ShellInput plan, List<Band> bands, SideLines sides, List<Finding> refused) {
        List<Panel> panels = panels(plan, bands, sides);
        if (plan.partitions().isEmpty()) {
            return panels;
        }
        PartitionMaker partitions = new PartitionMaker(plan, bands, sides.underside());
        refused.addAll(partitions.findings());
        List<Panel> all = new ArrayList<>(new Backings(plan, bands).of(panels));
        all.addAll(partitions.panels());
        return all;
    }

    private static List<Panel> panels(ShellInput plan, List<Band> bands, SideLines sides) {
        PanelMaker maker = new PanelMaker(plan, bands, sides);
        FloorMaker floors = new FloorMaker(plan, bands, sides.underside());
        List<Panel> panels = new ArrayList<>(floors.floors());
        panels.add(maker.side(PanelKind.LEFT));
        panels.add(maker.side(PanelKind.RIGHT));
        panels.addAll(maker.strip());
        panels.addAll(floors.riser());
        panels.addAll(maker.wings());
        panels.addAll(new WheelBoxes(plan, sides.underside()).panels());
        return panels;
    }

    private static List<Finding> check(ShellInput plan, SideLines sides) {
        List<Finding> findings = new ArrayList<>();
        double insideWidth = plan.widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double needed = 2 * plan.makeUp().walls().framing().section().thicknessMm();
        if (insideWidth < needed) {
            findings.add(noRoom("inside-width", insideWidth, needed));
        }
        if (!sides.hold()) {
            findings.add(noRoom("side", sides.leastEdgeMm(), 1));
        }
        return findings;
    }

    /**
     * {@return whether a rounded corner between two straight pieces is too tight for members along it, but leaves
     * enough timber where the frame, set out sharp, is rounded off to it}
     */
    private static boolean isFramedSharp(List<Band> all, int index) {
        Band band = all.get(index);
        boolean between = index > 0 && index < all.size() - 1;
        if (!between
                || !band.framed().isRipped()
                || band.radiusMm() >= band.leastRadiusMm()
                || !(band.element().curve() instanceof Arc arc)
                || !all.get(index - 1).isStraight()
                || !all.get(index + 1).isStraight()) {
            return false;
        }
        Band before = all.get(index - 1);
        Band after = all.get(index + 1);
        Point2 corner = Joint.corner(before.frameIn(), after.frameIn(), band.from());
        double skin = Math.max(before.framed().toFrameMm(), after.framed().toFrameMm());
        boolean turnsRight = arc.sweepRadians() < 0;
        return turnsRight
                && corner.distance(arc.middle()) <= arc.radiusMm() - skin - LEAST_TIMBER_MM;
    }

    private static Finding trim(Band band) {
        Element element = band.element();
        Point2 at = element.curve().at(element.lengthMm() / 2);
        return new Finding(
                "CORNER_WANTS_TRIM",
                Severity.NOTE,
                Place.of(OutlineStation.OUTLINE, "corner-" + element.point()).at(at.u(), at.v()),
                Quantity.mm(band.radiusMm()),
                Limit.atLeast(Quantity.mm(band.leastRadiusMm())),
                Cure.advice("FORMED_TRIM", Quantity.mm(element.lengthMm())));
    }

    private static List<Finding> notCrowned(List<Band> bands, double crownMm) {
        return bands.stream()
                .filter(band -> crownMm > 0 && band.isRoof() && !band.isStraight())
                .map(band -> notCrowned(band, crownMm))
                .toList();
    }

    private static Finding notCrowned(Band band, double crownMm) {
        Element element = band.element();
        Point2 at = element.curve().at(element.lengthMm() / 2);
        return new Finding(
                "CROWN_LEFT_OFF_A_BEND",
                Severity.NOTE,
                Place.of(OutlineStation.OUTLINE, "corner-" + element.point()).at(at.u(), at.v()),
                Quantity.mm(crownMm),
                Limit.atMost(Quantity.mm(0)),
                Cure.advice("CROWN_OR_BEND", Quantity.mm(crownMm)));
    }

    /** {@return whether a wall has no room for a plate below and one above} */
    private static boolean isTooLow(Panel panel) {
        return !panel.isAcross()
                && panel.kind() != PanelKind.FLOOR
                && panel.kind() != PanelKind.WHEEL_BOX
                && panel.frame().bounds().height() < plates(panel);
    }

    private static double plates(Panel panel) {
        return 2 * panel.members().section().thicknessMm();
    }

    private static Finding tooLow(Panel panel) {
        return noRoom(panel.id(), panel.frame().bounds().height(), plates(panel));
    }

    private static Finding tooTight(Band band) {
        Element element = band.element();
        Point2 at = element.curve().at(element.lengthMm() / 2);
        return new Finding(
                "BEND_TOO_TIGHT",
                Severity.STOPS,
                Place.of(OutlineStation.OUTLINE, "corner-" + element.point()).at(at.u(), at.v()),
                Quantity.mm(band.radiusMm()),
                Limit.atLeast(Quantity.mm(band.leastRadiusMm())),
                Cure.advice("LARGER_RADIUS", Quantity.mm(band.leastRadiusMm())));
    }

    private static Finding tooFew(Outline outline) {
        Quantity pieces = Quantity.count(outline.elements().size());
        Quantity fewest = Quantity.count(FEWEST_PIECES);
        return new Finding(
                "TOO_FEW_PIECES_OF_OUTLINE",
                Severity.STOPS,
                Place.of(OutlineStation.OUTLINE),
                pieces,
                Limit.atLeast(fewest),
                Cure.advice("FRONT_ROOF_AND_REAR", fewest));
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
