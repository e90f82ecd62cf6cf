package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Arc;
import pteron.core.curve.Curve;
import pteron.core.curve.Straight;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.BoxDetails.WheelArch;

/** The cut-out of a wheel arch in the side. */
public final class WheelArchShape {

    private static final double BELOW_MM = 1000;

    private WheelArchShape() {}

    /** {@return the cut-out in the side elevation (x, z)} */
    public static Polygon2 of(WheelArch arch) {
        double from = arch.fromMm();
        double to = from + arch.lengthMm();
        double top = arch.heightMm();
        double r = arch.cornerMm();
        // below the underside, so that nothing is left standing there
        Point2 frontFoot = new Point2(from, -BELOW_MM);
        Point2 rearFoot = new Point2(to, -BELOW_MM);
        List<Curve> round = new ArrayList<>();
        round.add(new Straight(frontFoot, new Point2(from, top - r)));
        if (r > 0) {
            round.add(new Arc(new Point2(from + r, top - r), r, Math.PI, -Math.PI / 2));
        }
        if (to - from > 2 * r) {
            round.add(new Straight(new Point2(from + r, top), new Point2(to - r, top)));
        }
        if (r > 0) {
            round.add(new Arc(new Point2(to - r, top - r), r, Math.PI / 2, -Math.PI / 2));
        }
        round.add(new Straight(new Point2(to, top - r), rearFoot));
        round.add(new Straight(rearFoot, frontFoot));
        return Polygon2.of(SideShape.points(round));
    }

    /** {@return what is left of a side when the arches are cut out} */
    public static List<Polygon2> without(Polygon2 side, List<WheelArch> arches) {
        return side.without(arches.stream().map(WheelArchShape::of).toList());
    }

    /** {@return area of an arch above the underside (mm²): the corners are quarter circles} */
    public static double areaMm2(WheelArch arch) {
        double corners = (2 - Math.PI / 2) * arch.cornerMm() * arch.cornerMm();
        return arch.lengthMm() * arch.heightMm() - corners;
    }
}
