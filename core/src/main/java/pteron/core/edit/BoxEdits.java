package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Link;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Require;

/** Changes of the outline as a builder means them. */
public final class BoxEdits {

    private BoxEdits() {}

    /** {@return length of the box (mm)} */
    public static double length(BoxPlan plan) {
        return OutlineStage.of(plan.box()).lengthMm();
    }

    /** {@return height of the box over its underside (mm)} */
    public static double height(BoxPlan plan) {
        return OutlineStage.of(plan.box()).heightMm();
    }

    /**
     * {@return the plan with a box so long: the rear half moves, nose and openings stay}
     *
     * @param lengthMm 500 to 15000 (mm)
     */
    public static BoxPlan withLength(BoxPlan plan, double lengthMm) {
        Require.within("length", lengthMm, PlanLimits.BOX_LENGTH);
        double more = lengthMm - length(plan);
        var bounds = OutlineStage.of(plan.box()).shape().bounds();
        double middle = bounds.middle().u();
        BoxPlan longer = moved(plan, x -> x > middle ? x + more : x, z -> z);
        BoxDetails details = longer.box().details();
        BoxDetails.DropFloor drop = details.dropFloor();
        double from = drop.fromMm() > middle ? drop.fromMm() + more : drop.fromMm();
        return longer.withBox(
                longer.box()
                        .withDetails(
                                details.withDropFloor(
                                        new BoxDetails.DropFloor(from, drop.depthMm()))));
    }

    /**
     * {@return the plan with a box so high: everything above half its height moves}
     *
     * @param heightMm 300 to 4500 (mm)
     */
    public static BoxPlan withHeight(BoxPlan plan, double heightMm) {
        Require.within("height", heightMm, PlanLimits.BOX_HEIGHT);
        double more = heightMm - height(plan);
        double middle = height(plan) / 2;
        return moved(plan, x -> x, z -> z > middle ? z + more : z);
    }

    private static BoxPlan moved(
            BoxPlan plan, DoubleUnaryOperator alongMm, DoubleUnaryOperator upMm) {
        Function<Spot, Spot> move =
                spot -> new Spot(alongMm.applyAsDouble(spot.xMm()), upMm.applyAsDouble(spot.zMm()));
        List<OutlinePoint> outline =
                plan.box().outline().stream()
                        .map(
                                point ->
                                        point.at(
                                                        alongMm.applyAsDouble(point.xMm()),
                                                        upMm.applyAsDouble(point.zMm()))
                                                .withLink(moved(point.link(), move)))
                        .toList();
        return plan.withBox(plan.box().withOutline(outline));
    }

    private static Link moved(Link link, Function<Spot, Spot> move) {
        return link.withThrough(link.through().stream().map(move).toList());
    }

    /** {@return the plan with one corner of the outline elsewhere; its rounding and line stay} */
    public static BoxPlan withCorner(BoxPlan plan, int index, double xMm, double zMm) {
        OutlinePoint corner = plan.box().outline().get(index);
        return plan.withBox(plan.box().withPoint(index, corner.at(xMm, zMm)));
    }

    /** {@return the plan with one spot of a curve elsewhere} */
    public static BoxPlan withSpot(BoxPlan plan, int corner, int spot, Spot to) {
        OutlinePoint point = plan.box().outline().get(corner);
        List<Spot> spots = new ArrayList<>(point.link().through());
        spots.set(spot, to);
        return plan.withBox(
                plan.box().withPoint(corner, point.withLink(point.link().withThrough(spots))));
    }

    /** {@return the plan with a new corner in the middle of the line that arrives at a corner} */
    public static BoxPlan withCornerBefore(BoxPlan plan, int index) {
        List<OutlinePoint> outline = new ArrayList<>(plan.box().outline());
        OutlinePoint before = outline.get(index - 1);
        OutlinePoint after = outline.get(index);
        outline.set(index, after.withLink(new OutlinePoint.Straight()));
        outline.add(
                index,
                new OutlinePoint(
                        (before.xMm() + after.xMm()) / 2, (before.zMm() + after.zMm()) / 2));
        return plan.withBox(plan.box().withOutline(outline));
    }

    /**
     * {@return the plan without a corner of the outline}
     *
     * @throws IllegalArgumentException if too few would be left
     */
    public static BoxPlan withoutCorner(BoxPlan plan, int index) {
        List<OutlinePoint> outline = new ArrayList<>(plan.box().outline());
        outline.remove(index);
        return plan.withBox(plan.box().withOutline(outline));
    }

    /** {@return the plan with the line that arrives at a corner drawn in another way} */
    public static BoxPlan withLink(BoxPlan plan, int index, Link link) {
        Box box = plan.box();
        return plan.withBox(box.withPoint(index, box.outline().get(index).withLink(link)));
    }
}
