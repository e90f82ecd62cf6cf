package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;

/** Changes of the outline as a builder means them. */
public final class BoxEdits {

    private BoxEdits() {}

    /** {@return length of the box (mm)} */
    public static double length(BoxPlan plan) {
        return rearmost(plan.box()) - foremost(plan.box());
    }

    /** {@return height of the box over the deck (mm)} */
    public static double height(BoxPlan plan) {
        return highest(plan.box());
    }

    private static double foremost(Box box) {
        return box.outline().stream().mapToDouble(OutlinePoint::xMm).min().orElseThrow();
    }

    private static double rearmost(Box box) {
        return box.outline().stream().mapToDouble(OutlinePoint::xMm).max().orElseThrow();
    }

    private static double highest(Box box) {
        return box.outline().stream().mapToDouble(OutlinePoint::zMm).max().orElseThrow();
    }

    /** {@return the plan with a box so long: the rear half moves, nose and openings stay (mm)} */
    public static BoxPlan withLength(BoxPlan plan, double lengthMm) {
        double more = lengthMm - length(plan);
        double middle = (foremost(plan.box()) + rearmost(plan.box())) / 2;
        return moved(
                plan,
                point ->
                        point.xMm() > middle
                                ? new OutlinePoint(point.xMm() + more, point.zMm())
                                : point);
    }

    /** {@return the plan with a box so high: everything above half its height moves (mm)} */
    public static BoxPlan withHeight(BoxPlan plan, double heightMm) {
        double more = heightMm - height(plan);
        double middle = height(plan) / 2;
        return moved(
                plan,
                point ->
                        point.zMm() > middle
                                ? new OutlinePoint(point.xMm(), point.zMm() + more)
                                : point);
    }

    private static BoxPlan moved(BoxPlan plan, UnaryOperator<OutlinePoint> move) {
        List<OutlinePoint> outline = plan.box().outline().stream().map(move).toList();
        return plan.withBox(plan.box().withOutline(outline));
    }

    /** {@return the plan with one corner of the outline elsewhere} */
    public static BoxPlan withCorner(BoxPlan plan, int index, OutlinePoint corner) {
        List<OutlinePoint> outline = new ArrayList<>(plan.box().outline());
        outline.set(index, corner);
        return plan.withBox(plan.box().withOutline(outline));
    }
}
