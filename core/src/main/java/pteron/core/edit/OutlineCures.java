package pteron.core.edit;

import java.util.Map;
import java.util.function.UnaryOperator;
import pteron.core.figure.Cure.Press;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;

/** Cures of the outline; their press names the corner by its number. */
final class OutlineCures {

    static final Map<String, CureWay> WAYS =
            Map.of(
                    "SET_FILLET",
                            (plan, mm, press) -> at(plan, press, point -> point.withFillet(mm)),
                    "PUT_POINT_ON_FLOOR",
                            (plan, mm, press) ->
                                    at(plan, press, point -> point.at(point.xMm(), mm)),
                    "SET_BATTEN_THICKNESS",
                            (plan, mm, press) -> at(plan, press, point -> thinner(point, mm)));

    private OutlineCures() {}

    private static BoxPlan at(BoxPlan plan, Press press, UnaryOperator<OutlinePoint> change) {
        int corner = press.numbers().getFirst().intValue();
        OutlinePoint point = plan.box().outline().get(corner);
        return plan.withBox(plan.box().withPoint(corner, change.apply(point)));
    }

    private static OutlinePoint thinner(OutlinePoint point, double mm) {
        return point.link() instanceof OutlinePoint.Batten batten
                ? point.withLink(new OutlinePoint.Batten(batten.spots(), mm, batten.timber()))
                : point;
    }
}
