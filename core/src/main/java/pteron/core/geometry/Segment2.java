package pteron.core.geometry;

/**
 * A straight line between two points. Immutable.
 *
 * @param from where it begins
 * @param to where it ends, another point
 */
public record Segment2(Point2 from, Point2 to) {

    /** {@return its length (mm)} */
    public double lengthMm() {
        return from.distance(to);
    }

    /** {@return its middle} */
    public Point2 middle() {
        return from.plus(to).times(0.5);
    }
}
