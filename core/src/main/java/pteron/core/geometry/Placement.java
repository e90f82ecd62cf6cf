package pteron.core.geometry;

/**
 * How a flat panel lies in the box. Immutable.
 *
 * @param origin where u = v = w = 0
 * @param alongU direction of u, length 1
 * @param alongV direction of v, length 1
 * @param inward direction of w, from the outer face of the frame into the box, length 1
 */
public record Placement(Point3 origin, Point3 alongU, Point3 alongV, Point3 inward) {

    /** {@return the point of the box at a point of the panel, so far inward (mm)} */
    public Point3 at(Point2 point, double inwardMm) {
        return origin.plus(alongU.times(point.u()))
                .plus(alongV.times(point.v()))
                .plus(inward.times(inwardMm));
    }
}
