package pteron.core.surface;

import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;

/**
 * A plane in the box. Immutable.
 *
 * @param origin where u = v = w = 0
 * @param alongU direction of u, length 1
 * @param alongV direction of v, length 1
 * @param inward direction of w, from the outer face of the frame into the box, length 1
 */
public record FlatSurface(Point3 origin, Point3 alongU, Point3 alongV, Point3 inward)
        implements Surface {

    @Override
    public Point3 at(Point2 point, double inwardMm) {
        return origin.plus(alongU.times(point.u()))
                .plus(alongV.times(point.v()))
                .plus(inward.times(inwardMm));
    }

    @Override
    public Point3 inward(Point2 point) {
        return inward;
    }

    @Override
    public double lengthMm(double fromU, double toU, double inwardMm) {
        return toU - fromU;
    }

    @Override
    public double leastRadiusMm(double fromU, double toU, double inwardMm) {
        return Double.POSITIVE_INFINITY;
    }

    @Override
    public FlatSurface touching(double u) {
        return this;
    }

    @Override
    public List<Double> places(double fromU, double toU) {
        return List.of(fromU, toU);
    }
}
