package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlinePoint.Straight;
import pteron.core.plan.OutlineStart;

/** Tools of the outline: new corners, curves between them, cut-outs and edges. */
public final class OutlineTools {

    /** Height of a new curve over its chord, as a share of it. */
    private static final double RISE = 0.15;

    /** Batten that a new curve is bent of: three of these make a roof; common practice. */
    private static final double BATTEN_MM = 10;

    private static final String BATTEN_TIMBER = "d30";

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

    /** {@return the plan with one more spot of the batten that arrives at a corner, in its longest stretch} */
    public static BoxPlan withSpot(BoxPlan plan, int corner) {
        OutlinePoint point = point(plan, corner);
        if (!(point.link() instanceof Batten batten)) {
            return batten(plan, corner);
        }
        OutlinePoint from = plan.box().outline().get(corner - 1);
        List<Spot> all = new ArrayList<>(List.of(new Spot(from.xMm(), from.zMm())));
        all.addAll(batten.spots());
        all.add(new Spot(point.xMm(), point.zMm()));
        int longest = 1;
        for (int i = 2; i < all.size(); i++) {
            longest =
                    distance(all.get(i - 1), all.get(i))
                                    > distance(all.get(longest - 1), all.get(longest))
                            ? i
                            : longest;
        }
        Spot a = all.get(longest - 1);
        Spot b = all.get(longest);
        List<Spot> spots = new ArrayList<>(batten.spots());
        spots.add(
                longest - 1,
                new Spot(Math.rint((a.xMm() + b.xMm()) / 2), Math.rint((a.zMm() + b.zMm()) / 2)));
        return BoxEdits.withLink(
                plan, corner, new Batten(spots, batten.thicknessMm(), batten.timber()));
    }

    private static double distance(Spot a, Spot b) {
        return Math.hypot(a.xMm() - b.xMm(), a.zMm() - b.zMm());
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

    /** {@return the plan with a roof over its walls and a drip edge, or without} */
    public static BoxPlan withDripEdge(BoxPlan plan) {
        BoxDetails details = plan.box().details();
        Overhang overhang =
                details.overhang().exists() ? Overhang.NONE : new Overhang(0, 50, 25, 18);
        return with(plan, details.withOverhang(overhang));
    }
}
