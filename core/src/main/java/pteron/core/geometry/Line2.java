package pteron.core.geometry;

import java.util.Optional;

/**
 * An endless straight line with a direction. Immutable.
 *
 * @param origin a point on it
 * @param direction where it goes, length 1
 */
public record Line2(Point2 origin, Point2 direction) {

    /** Sine of the least angle at which two lines are said to meet (0.0006°). */
    private static final double LEAST_SINE = 1e-5;

    /**
     * {@return the line from one point to the other}
     *
     * @throws IllegalArgumentException if the points are the same
     */
    public static Line2 through(Point2 from, Point2 to) {
        return new Line2(from, to.minus(from).unit());
    }

    /** {@return this line moved to its right by a distance (mm)} */
    public Line2 movedRight(double distanceMm) {
        return new Line2(origin.minus(direction.leftNormal().times(distanceMm)), direction);
    }

    /** {@return how far along this line a point lies (mm)} */
    public double along(Point2 point) {
        return direction.dot(point.minus(origin));
    }

    /** {@return the point so far along (mm)} */
    public Point2 at(double alongMm) {
        return origin.plus(direction.times(alongMm));
    }

    /** {@return where the two lines meet, empty when they run side by side} */
    public Optional<Point2> meets(Line2 other) {
        double sine = direction.cross(other.direction);
        if (Math.abs(sine) < LEAST_SINE) {
            return Optional.empty();
        }
        double along = other.origin.minus(origin).cross(other.direction) / sine;
        return Optional.of(at(along));
    }
}
