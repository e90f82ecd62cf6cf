package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.geometry.Point2;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.placing.WallRoom;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlinePoint.Straight;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Tolerance;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear.Wheels;

/** Tools of the outline: new corners, curves between them, cut-outs and edges. */
public final class OutlineTools {

    /** Height of a new curve over its chord, as a share of it: gentle enough for any batten. */
    private static final double RISE = 0.04;

    /** Places along a curve are rounded to this part of a mm. */
    private static final double PER_MM = 10;

    /** Batten that a new curve is bent of: three of these make a roof; common practice. */
    private static final double BATTEN_MM = 10;

    private static final String BATTEN_TIMBER = "d30";

    /** Places along a curve that are looked at for the nearest one to a spot. */
    private static final int LOOKS = 400;

    private static final double PENCIL_MM = Tolerance.PENCIL.lengthMm();

    /** Room of wings over the rails of a bed or over wheels (mm); common practice: an inch. */
    private static final double OVER_RAIL_MM = 25;

    /** Rise of a roof across (mm); common practice: an inch and a half on two metres. */
    private static final double CROWN_MM = 40;

    /** How much wider a box is above new wings at least (mm). */
    private static final double LEAST_WINGS_MM = 240;

    private OutlineTools() {}

    /** {@return the plan with a ready outline of its own length and height} */
    public static BoxPlan startedFrom(BoxPlan plan, OutlineStart start) {
        Outline outline = OutlineStage.of(plan.box());
        double length =
                plan.box().outline().getLast().xMm() - plan.box().outline().getFirst().xMm();
        List<OutlinePoint> points = start.points(length, outline.heightMm());
        BoxDetails details = plan.box().details().withDropFloor(DropFloor.NONE);
        return plan.withBox(plan.box().withOutline(points).withDetails(details));
    }

    private static OutlinePoint point(BoxPlan plan, int corner) {
        List<OutlinePoint> outline = plan.box().outline();
        if (corner < 1 || corner >= outline.size()) {
            throw new IllegalArgumentException(
                    "corner is [%d] and must be 2 to %d; choose a handle that a line arrives at"
                            .formatted(corner + 1, outline.size()));
        }
        return outline.get(corner);
    }

    /** {@return the plan with a new corner in the middle of the line that arrives at a corner} */
    public static BoxPlan withCorner(BoxPlan plan, int corner) {
        point(plan, corner);
        return BoxEdits.withCornerBefore(plan, corner);
    }

    /**
     * {@return the plan without a corner or a spot}
     *
     * @throws IllegalArgumentException if the handle is no longer there or too few corners would be left
     */
    public static BoxPlan without(BoxPlan plan, OutlineHandle handle) {
        OutlinePoint point = point(plan, handle.corner());
        if (handle.spot() < 0) {
            return BoxEdits.withoutCorner(plan, handle.corner());
        }
        List<Spot> spots = new ArrayList<>(point.link().through());
        if (handle.spot() >= spots.size()) {
            throw new IllegalArgumentException(
                    "spot is [%d] and there are %d before corner %d; choose one in the drawing"
                            .formatted(handle.spot() + 1, spots.size(), handle.corner() + 1));
        }
        spots.remove(handle.spot());
        return point.link() instanceof Batten batten && !spots.isEmpty()
                ? BoxEdits.withLink(
                        plan,
                        handle.corner(),
                        new Batten(spots, batten.thicknessMm(), batten.timber()))
                : straight(plan, handle.corner());
    }

    /** {@return the plan with a straight line arriving at a corner} */
    public static BoxPlan straight(BoxPlan plan, int corner) {
        point(plan, corner);
        return BoxEdits.withLink(plan, corner, new Straight());
    }

    /** {@return a place over the line that arrives at a corner, outwards (x, z)} */
    private static Spot over(BoxPlan plan, int corner, double share) {
        OutlinePoint from = plan.box().outline().get(corner - 1);
        OutlinePoint to = point(plan, corner);
        double dx = to.xMm() - from.xMm();
        double dz = to.zMm() - from.zMm();
        double rise = 4 * RISE * share * (1 - share);
        return new Spot(
                Math.rint(from.xMm() + share * dx - rise * dz),
                Math.rint(from.zMm() + share * dz + rise * dx));
    }

    /** {@return the plan with an arc arriving at a corner} */
    public static BoxPlan arc(BoxPlan plan, int corner) {
        List<Spot> spots = point(plan, corner).link().through();
        Spot spot = spots.isEmpty() ? over(plan, corner, 0.5) : spots.get(spots.size() / 2);
        return BoxEdits.withLink(plan, corner, new Arc(spot));
    }

    /** {@return the plan with a batten bent to a corner} */
    public static BoxPlan batten(BoxPlan plan, int corner) {
        List<Spot> old = point(plan, corner).link().through();
        List<Spot> spots =
                old.isEmpty()
                        ? List.of(
                                over(plan, corner, 0.25),
                                over(plan, corner, 0.5),
                                over(plan, corner, 0.75))
                        : old;
        return BoxEdits.withLink(plan, corner, new Batten(spots, BATTEN_MM, BATTEN_TIMBER));
    }

    /**
     * {@return the plan with one more spot on the line that arrives at a corner, in the middle of its longest
     * stretch; the line stays as it is}
     */
    public static BoxPlan withSpot(BoxPlan plan, int corner) {
        OutlinePoint point = point(plan, corner);
        Curve curve =
                OutlineStage.of(plan.box()).elements().stream()
                        .filter(element -> element.point() == corner)
                        .map(Element::curve)
                        .reduce((one, other) -> one.lengthMm() > other.lengthMm() ? one : other)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "the line before corner %d has no length; move the corner first"
                                                        .formatted(corner + 1)));
        List<Spot> spots = new ArrayList<>(spotsOn(curve, point.link()));
        List<Double> along = new ArrayList<>(List.of(0.0));
        spots.forEach(spot -> along.add(nearest(curve, spot)));
        along.add(curve.lengthMm());
        int longest = 1;
        for (int i = 2; i < along.size(); i++) {
            boolean longer =
                    along.get(i) - along.get(i - 1)
                            > along.get(longest) - along.get(longest - 1) + PENCIL_MM;
            longest = longer ? i : longest;
        }
        double middle = (along.get(longest - 1) + along.get(longest)) / 2;
        spots.add(longest - 1, spot(curve.at(middle)));
        double thickness = point.link() instanceof Batten old ? old.thicknessMm() : BATTEN_MM;
        String timber = point.link() instanceof Batten old ? old.timber() : BATTEN_TIMBER;
        return BoxEdits.withLink(plan, corner, new Batten(spots, thickness, timber));
    }

    /** An arc goes over into a batten through its quarters, which keeps its shape. */
    private static List<Spot> spotsOn(Curve curve, OutlinePoint.Link link) {
        return link instanceof Arc
                ? List.of(
                        spot(curve.at(curve.lengthMm() / 4)),
                        spot(curve.at(curve.lengthMm() * 3 / 4)))
                : link.through();
    }

    private static double nearest(Curve curve, Spot spot) {
        Point2 at = new Point2(spot.xMm(), spot.zMm());
        double best = 0;
        for (int i = 0; i <= LOOKS; i++) {
            double along = curve.lengthMm() * i / LOOKS;
            boolean nearer = curve.at(along).distance(at) < curve.at(best).distance(at);
            best = nearer ? along : best;
        }
        return best;
    }

    private static Spot spot(Point2 at) {
        return new Spot(Math.rint(at.u() * PER_MM) / PER_MM, Math.rint(at.v() * PER_MM) / PER_MM);
    }

    /**
     * {@return the plan with a line of the outline moved, the corners at its ends and its spots with it}
     *
     * @param corner the corner that the line arrives at
     * @param by how far (x, z)
     */
    public static BoxPlan lineMoved(BoxPlan plan, int corner, Point2 by) {
        OutlinePoint to = point(plan, corner);
        OutlinePoint from = plan.box().outline().get(corner - 1);
        List<Spot> spots =
                to.link().through().stream()
                        .map(spot -> new Spot(spot.xMm() + by.u(), spot.zMm() + by.v()))
                        .toList();
        return plan.withBox(
                plan.box()
                        .withPoint(corner - 1, from.at(from.xMm() + by.u(), from.zMm() + by.v()))
                        .withPoint(
                                corner,
                                to.at(to.xMm() + by.u(), to.zMm() + by.v())
                                        .withLink(to.link().withThrough(spots))));
    }

    /**
     * {@return the plan with a corner rounded}
     *
     * @throws IllegalArgumentException if it is a foot or a curve meets it, with a sentence
     */
    public static BoxPlan rounded(BoxPlan plan, int corner, double radiusMm) {
        List<OutlinePoint> outline = plan.box().outline();
        if (radiusMm > 0 && (corner == 0 || corner == outline.size() - 1)) {
            throw new IllegalArgumentException(
                    "corner [%d] stands on the deck and stays sharp: round one above it"
                            .formatted(corner + 1));
        }
        boolean curved =
                radiusMm > 0
                        && !(outline.get(corner).link() instanceof Straight
                                && outline.get(corner + 1).link() instanceof Straight);
        if (curved) {
            throw new IllegalArgumentException(
                    "a curve meets corner [%d], so it cannot be rounded: make both its lines straight first"
                            .formatted(corner + 1));
        }
        return plan.withBox(plan.box().withPoint(corner, outline.get(corner).withFillet(radiusMm)));
    }

    private static BoxPlan with(BoxPlan plan, BoxDetails details) {
        return plan.withBox(plan.box().withDetails(details));
    }

    /** {@return the plan with one more wheel arch, over the rearmost axle that has none} */
    public static BoxPlan withWheelArch(BoxPlan plan) {
        BoxDetails details = plan.box().details();
        List<WheelArch> arches = new ArrayList<>(details.wheelArches());
        List<Double> axles = plan.vehicle().axlesMm();
        int next = Math.max(0, axles.size() - 1 - arches.size());
        double wheel = plan.vehicle().gear().wheels().diameterMm();
        double middle = axles.get(next) - plan.box().offsetMm();
        double length = Math.rint(wheel + 200);
        arches.add(
                new WheelArch(
                        Math.rint(middle - length / 2),
                        length,
                        Math.rint(wheel / 2),
                        Math.rint(plan.vehicle().gear().wheels().widthMm() + 80),
                        120));
        return with(plan, details.withWheelArches(arches));
    }

    /** {@return the plan without its last wheel arch} */
    public static BoxPlan withoutWheelArch(BoxPlan plan) {
        List<WheelArch> arches = new ArrayList<>(plan.box().details().wheelArches());
        if (!arches.isEmpty()) {
            arches.removeLast();
        }
        return with(plan, plan.box().details().withWheelArches(arches));
    }

    /** {@return the plan with the floor dropped behind the last axle, or level again} */
    public static BoxPlan withDropFloor(BoxPlan plan) {
        BoxDetails details = plan.box().details();
        List<OutlinePoint> outline = plan.box().outline();
        OutlinePoint foot = outline.getLast();
        boolean level = !details.dropFloor().exists();
        double wheel = plan.vehicle().gear().wheels().diameterMm();
        double behind = plan.vehicle().axlesMm().getLast() - plan.box().offsetMm() + wheel * 0.7;
        double from = Math.rint(Math.min(behind, foot.xMm() - 300));
        DropFloor drop = level ? new DropFloor(from, 150) : DropFloor.NONE;
        return plan.withBox(
                plan.box()
                        .withPoint(outline.size() - 1, foot.at(foot.xMm(), 0 - drop.depthMm()))
                        .withDetails(details.withDropFloor(drop)));
    }

    /**
     * {@return the plan with wings over the walls of its bed or over its wheels, or as wide all over again: the box
     * keeps its width below and gets that of the bed or the wheels above}
     */
    public static BoxPlan withWings(BoxPlan plan) {
        Box box = plan.box();
        if (box.details().wings().exists()) {
            return with(widened(plan, box.lowerWidthMm()), box.details().withWings(Wings.NONE));
        }
        Wheels wheels = plan.vehicle().gear().wheels();
        double out = wheels.trackMm() + wheels.widthMm();
        double over = wheels.diameterMm() / 2 + wheels.bumpMm();
        double from =
                plan.vehicle() instanceof Pickup pickup
                        ? pickup.bed().railHeightMm() + OVER_RAIL_MM
                        : over + OVER_RAIL_MM;
        double width = Math.max(box.widthMm() + LEAST_WINGS_MM, Math.rint(out));
        return with(
                widened(plan, Math.min(width, PlanLimits.BOX_WIDTH.most())),
                box.details().withWings(new Wings(box.widthMm(), Math.rint(from))));
    }

    /** Openings that are counted from the left side stay as far from the middle. */
    private static BoxPlan widened(BoxPlan plan, double widthMm) {
        double by = (widthMm - plan.box().widthMm()) / 2;
        List<Opening> moved = plan.openings().stream().map(one -> aside(plan, one, by)).toList();
        return plan.withBox(plan.box().withWidth(widthMm)).withOpenings(moved);
    }

    private static Opening aside(BoxPlan plan, Opening one, double by) {
        Opening.Place at = one.place();
        if (one.wall().isSide()) {
            return one;
        }
        return one.withPlace(
                WallRoom.isAcross(plan, one.wall())
                        ? new Opening.Place(at.alongMm(), at.sillMm() + by)
                        : new Opening.Place(at.alongMm() + by, at.sillMm()));
    }

    /** {@return the plan with a roof that rises across the width so that water leaves, or level again} */
    public static BoxPlan withCrown(BoxPlan plan) {
        BoxDetails details = plan.box().details();
        return with(plan, details.withCrown(details.crownMm() > 0 ? 0 : CROWN_MM));
    }

    /** {@return the plan with a roof over its walls and a drip edge, or without} */
    public static BoxPlan withDripEdge(BoxPlan plan) {
        BoxDetails details = plan.box().details();
        Overhang overhang =
                details.overhang().exists() ? Overhang.NONE : new Overhang(0, 50, 25, 18);
        return with(plan, details.withOverhang(overhang));
    }
}
