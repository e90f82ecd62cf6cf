package pteron.core.curve;

import pteron.core.geometry.Point2;
import pteron.core.quantity.Tolerance;

/**
 * The arc that rounds the corner of two straight lines. Immutable.
 *
 * @param arc the arc
 * @param tangentMm how much it takes off each line (mm)
 */
public record Fillet(Arc arc, double tangentMm) {

    /**
     * Fillet of a corner.
     *
     * <pre>  t = r · tan(turn / 2)  </pre>
     *
     * t taken off each line (mm), r radius (mm), turn change of direction.
     *
     * <p>Source: geometry. Example: r 300 at a right angle takes 300 off each line; at a turn of 45° it takes
     * 124.264.
     *
     * @param before a point on the first line
     * @param corner where the lines meet
     * @param after a point on the second line
     * @param radiusMm r (mm), above 0
     * @throws IllegalArgumentException if the lines do not turn
     */
    public static Fillet of(Point2 before, Point2 corner, Point2 after, double radiusMm) {
        Point2 in = corner.minus(before).unit();
        Point2 out = after.minus(corner).unit();
        double turn = Math.atan2(in.cross(out), in.dot(out));
        if (Math.abs(turn) < Tolerance.DIRECTION) {
            throw new IllegalArgumentException(
                    "fillet: the lines run straight on; leave the fillet out");
        }
        double tangent = radiusMm * Math.tan(Math.abs(turn) / 2);
        Point2 start = corner.minus(in.times(tangent));
        Point2 normal = in.leftNormal().times(Math.signum(turn));
        Point2 middle = start.plus(normal.times(radiusMm));
        Point2 spoke = start.minus(middle);
        return new Fillet(
                new Arc(middle, radiusMm, Math.atan2(spoke.v(), spoke.u()), turn), tangent);
    }
}
