package pteron.core.outline;

import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;

/**
 * A straight line of the outline, walked from the front foot over the roof. Immutable.
 *
 * @param index 0 for the front wall, in the order of the walk
 * @param kind what it is to the box
 * @param from where it begins, (x, z) in mm
 * @param to where it ends, (x, z) in mm
 */
public record Edge(int index, EdgeKind kind, Point2 from, Point2 to) {

    /** {@return its length (mm)} */
    public double lengthMm() {
        return from.distance(to);
    }

    /** {@return the endless line; the box lies on its right} */
    public Line2 line() {
        return Line2.through(from, to);
    }

    /** {@return angle to the level (degrees), above 0 rising, −180 to 180} */
    public double riseDegrees() {
        return Math.toDegrees(Math.atan2(to.v() - from.v(), to.u() - from.u()));
    }

    /** {@return angle to the level without sign (degrees), 0 level to 90 plumb} */
    public double steepnessDegrees() {
        double rise = Math.abs(riseDegrees());
        return Math.min(rise, 180 - rise);
    }
}
