package pteron.core.sealing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.CurveSums;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Segment2;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.Supplies;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.skin.Seam;
import pteron.core.skin.Skins;
import pteron.core.stage.Stage;
import pteron.core.surface.Crown;
import pteron.core.surface.Surface;

/** Finds the joints and what goes into them. */
public final class SealingStage {

    private SealingStage() {}

    /**
     * What the joints read.
     *
     * @param box the box: its widths, its wings, its wheels
     * @param supplies beads, cartridges and rolls
     * @param outline the outline, usable
     * @param openings doors and windows
     * @param skins the sheets
     * @param bought whether the shell is there, its own joints sealed
     */
    public record Input(
            Box box,
            Supplies supplies,
            Outline outline,
            Openings openings,
            Skins skins,
            boolean bought) {}

    /** The stage. */
    public static final Stage<Input, Sealing> STAGE =
            new Stage<>(
                    Sealing.class,
                    given ->
                            given.find(Skins.class)
                                    .map(
                                            skins ->
                                                    new Input(
                                                            given.plan()
                                                                    .box()
                                                                    .withOffset(0)
                                                                    .withRaised(0),
                                                            given.plan().supplies(),
                                                            given.get(Outline.class),
                                                            given.get(Openings.class),
                                                            skins,
                                                            given.plan().found().isPresent())),
                    SealingStage::of);

    /** {@return the joints of the box} */
    public static Sealing of(Input plan) {
        Outline outline = plan.outline;
        List<SealedJoint> joints = new ArrayList<>();
        if (!plan.bought) {
            corners(plan, outline, joints);
            lowerEdge(plan, outline, joints);
            underside(plan, outline, joints);
        }
        seams(plan.skins, joints);
        plan.openings.placed().stream()
                .filter(one -> one.panel().kind() != PanelKind.PARTITION)
                .filter(one -> !one.opening().isThere())
                .forEach(one -> joints.add(flange(one)));
        Supplies supplies = plan.supplies;
        Bead bead = new Bead(supplies.beadWidthMm(), supplies.beadDepthMm());
        double gunned = length(joints, false);
        double taped = length(joints, true);
        int cartridges = bead.cartridges(gunned, supplies.cartridgeMl());
        int rolls = (int) Math.ceil(taped * (1 + Bead.WASTE) / supplies.tapeRollMm());
        Sealing bare = new Sealing(joints, bead, cartridges, rolls, List.of());
        return new Sealing(joints, bead, cartridges, rolls, figures(bare, supplies));
    }

    private static double length(List<SealedJoint> joints, boolean taped) {
        return joints.stream()
                .filter(joint -> joint.kind().taped() == taped)
                .mapToDouble(SealedJoint::lengthMm)
                .sum();
    }

    private static void corners(Input plan, Outline outline, List<SealedJoint> joints) {
        double half = plan.box.widthMm() / 2;
        outline.corners().forEach(corner -> joints.add(over(plan.box, outline, corner.at())));
        for (Element element : outline.elements()) {
            String where = Named.small(element.kind()) + " to side";
            joints.add(beside(where, element, -half));
            joints.add(beside(where, element, half));
        }
    }

    /** Between the strip and a side wall: it follows the strip round its bends. */
    private static SealedJoint beside(String where, Element element, double y) {
        List<Point3> path =
                CurveSums.points(element.curve(), Surface.DRAWN_MM).stream()
                        .map(at -> new Point3(at.u(), y, at.v()))
                        .toList();
        return new SealedJoint(JointKind.CORNER, where, path, element.lengthMm());
    }

    /** Across the box at a corner of the strip: over the rise of the roof where it has one. */
    private static SealedJoint over(Box box, Outline outline, Point2 at) {
        String where = "across, corner";
        return outline.elements().stream()
                .filter(element -> element.touches(at))
                .flatMap(element -> element.crown(box).stream())
                .findFirst()
                .map(crown -> over(crown, where, at))
                .orElseGet(() -> across(JointKind.CORNER, where, at, box.widthMm() / 2));
    }

    private static SealedJoint over(Crown crown, String where, Point2 at) {
        List<Point3> path =
                crown.places(-crown.chordMm() / 2, crown.chordMm() / 2, Surface.DRAWN_MM).stream()
                        .map(y -> new Point3(at.u(), y, at.v() + crown.heightMm(y)))
                        .toList();
        return new SealedJoint(JointKind.CORNER, where, path, crown.arcMm());
    }

    /** Where the box becomes wider, where wheels are cut out, where the floor drops. */
    private static void underside(Input plan, Outline outline, List<SealedJoint> joints) {
        if (plan.box.details().wings().exists()) {
            double from = plan.box.details().wings().fromMm();
            outline.shape().polygon().levelAt(from).forEach(level -> wings(plan, level, joints));
        }
        plan.box.details().wheelArches().forEach(arch -> wheel(plan, arch, joints));
        if (plan.box.details().dropFloor().exists()) {
            step(plan, outline, joints);
        }
    }

    private static void wings(Input plan, Segment2 level, List<SealedJoint> joints) {
        double half = plan.box.widthMm() / 2;
        double lower = plan.box.lowerWidthMm() / 2;
        for (double y : new double[] {-half, -lower, lower, half}) {
            String where = (y < 0 ? "left" : "right") + " wing";
            joints.add(along(JointKind.CORNER, where, level.from(), level.to(), y));
        }
        for (Point2 end : List.of(level.from(), level.to())) {
            joints.add(aside("left wing, at the end", end, -half, -lower));
            joints.add(aside("right wing, at the end", end, lower, half));
        }
    }

    private static void wheel(Input plan, BoxDetails.WheelArch arch, List<SealedJoint> joints) {
        double half = plan.box.widthMm() / 2;
        double round = arch.lengthMm() + 2 * arch.heightMm() - (4 - Math.PI) * arch.cornerMm();
        Point2 middle = new Point2(arch.fromMm() + arch.lengthMm() / 2, arch.heightMm());
        for (int side : new int[] {-1, 1}) {
            Point3 at = new Point3(middle.u(), side * half, middle.v());
            String where = (side < 0 ? "left" : "right") + " wheel arch";
            joints.add(SealedJoint.round(JointKind.CORNER, where, at, round));
        }
    }

    private static void step(Input plan, Outline outline, List<SealedJoint> joints) {
        double half = plan.box.widthMm() / 2;
        double at = plan.box.details().dropFloor().fromMm();
        Point2 foot = new Point2(at, -outline.dropMm());
        Point2 top = new Point2(at, 0);
        joints.add(across(JointKind.LOWER_EDGE, "dropped floor, bottom edge", foot, half));
        joints.add(across(JointKind.LOWER_EDGE, "dropped floor, top edge", top, half));
        joints.add(along(JointKind.CORNER, "dropped floor, left", foot, top, -half));
        joints.add(along(JointKind.CORNER, "dropped floor, right", foot, top, half));
    }

    private static SealedJoint aside(String where, Point2 at, double fromY, double toY) {
        Point3 from = new Point3(at.u(), fromY, at.v());
        Point3 to = new Point3(at.u(), toY, at.v());
        return SealedJoint.straight(JointKind.CORNER, where, from, to);
    }

    private static void lowerEdge(Input plan, Outline outline, List<SealedJoint> joints) {
        double half = plan.box.lowerWidthMm() / 2;
        Point2 front = outline.points().getFirst();
        Point2 rear = outline.points().getLast();
        joints.add(across(JointKind.LOWER_EDGE, "front, at the deck", front, half));
        joints.add(across(JointKind.LOWER_EDGE, "rear, at the deck", rear, half));
        joints.add(along(JointKind.LOWER_EDGE, "left, at the deck", front, rear, -half));
        joints.add(along(JointKind.LOWER_EDGE, "right, at the deck", front, rear, half));
    }

    private static SealedJoint across(JointKind kind, String where, Point2 at, double half) {
        Point3 left = new Point3(at.u(), -half, at.v());
        Point3 right = new Point3(at.u(), half, at.v());
        return SealedJoint.straight(kind, where, left, right);
    }

    private static SealedJoint along(
            JointKind kind, String where, Point2 from, Point2 to, double y) {
        Point3 start = new Point3(from.u(), y, from.v());
        Point3 end = new Point3(to.u(), y, to.v());
        return SealedJoint.straight(kind, where, start, end);
    }

    private static void seams(Skins skins, List<SealedJoint> joints) {
        skins.seams().stream()
                .filter(seam -> seam.skin().isOutside())
                .forEach(seam -> joints.add(seam(seam)));
    }

    private static SealedJoint seam(Seam seam) {
        Panel panel = seam.panel();
        List<Point3> path = panel.surface().line(seam.line(), seam.skin().fromInwardMm());
        return new SealedJoint(JointKind.PANEL_SEAM, panel.words(), path, seam.line().lengthMm());
    }

    private static SealedJoint flange(PlacedOpening one) {
        double round = 2 * (one.cutOut().width() + one.cutOut().height());
        Point3 middle = one.panel().surface().at(one.cutOut().middle(), 0);
        return SealedJoint.round(JointKind.OPENING_FLANGE, one.opening().name(), middle, round);
    }

    private static List<Figure> figures(Sealing sealing, Supplies supplies) {
        List<Figure> figures = new ArrayList<>();
        for (JointKind kind : JointKind.values()) {
            figures.add(metres(sealing, kind));
        }
        double gunned = length(sealing.joints(), false);
        double taped = length(sealing.joints(), true);
        figures.add(
                Figure.of(
                        SealingStation.SEALING.figure("cartridges"),
                        "Cartridges of sealant",
                        Quantity.count(sealing.cartridges()),
                        () -> cartridges(gunned, sealing, supplies)));
        figures.add(
                Figure.of(
                        SealingStation.SEALING.figure("tape-rolls"),
                        "Rolls of butyl tape",
                        Quantity.count(sealing.tapeRolls()),
                        () -> rolls(sealing, taped, supplies)));
        return figures;
    }

    private static Working rolls(Sealing sealing, double taped, Supplies supplies) {
        return Working.of("n = L · 1.1 / roll, rounded up")
                .worked("L", "length of flanges", metres(taped), () -> lengths(sealing, true))
                .plan("roll", "length of a roll", metres(supplies.tapeRollMm()))
                .source("common practice: a tenth for waste");
    }

    private static Figure metres(Sealing sealing, JointKind kind) {
        double length = sealing.lengthMm(kind);
        return Figure.of(
                SealingStation.SEALING.figure(Named.key(kind)),
                kind.title() + ", length",
                metres(length),
                () -> {
                    long count = sealing.joints().stream().filter(j -> j.kind() == kind).count();
                    Working.Builder working =
                            Working.of("L = sum of the joints")
                                    .plan("n", "joints", Quantity.count(count));
                    sealing.joints().stream()
                            .filter(joint -> joint.kind() == kind)
                            .forEach(
                                    joint ->
                                            working.plan(
                                                    "l",
                                                    joint.where() + ", as drawn",
                                                    metres(joint.lengthMm())));
                    return working.source("geometry");
                });
    }

    /** The metres of all kinds that are taped, or of all that are gunned. */
    private static Working lengths(Sealing sealing, boolean taped) {
        Working.Builder working = Working.of("L = sum of the kinds of joint");
        for (JointKind kind : JointKind.values()) {
            if (kind.taped() == taped && sealing.lengthMm(kind) > 0) {
                working.worked(
                        "l",
                        kind.label(),
                        metres(sealing.lengthMm(kind)),
                        SealingStation.SEALING.figure(Named.key(kind)));
            }
        }
        return working.plan("n", "joints", Quantity.count(sealing.joints().size()))
                .source("geometry");
    }

    private static Working cartridges(double gunned, Sealing sealing, Supplies supplies) {
        return Working.of("n = L · 1.1 · w · d / V, rounded up")
                .worked(
                        "L",
                        "length of sealed joints",
                        metres(gunned),
                        () -> lengths(sealing, false))
                .plan("w", "width of the bead", Quantity.mm(sealing.bead().widthMm()))
                .plan("d", "depth of the bead", Quantity.mm(sealing.bead().depthMm()))
                .plan(
                        "V",
                        "cartridge volume",
                        new Quantity(supplies.cartridgeMl(), Unit.MILLILITRE))
                .source("volume; common practice: a tenth for waste");
    }

    private static Quantity metres(double mm) {
        return new Quantity(mm / 1000, Unit.METRE);
    }
}
