package pteron.core.curve;

import java.util.List;
import pteron.core.geometry.Point2;

/**
 * A straight line. Immutable.
 *
 * @param from where it begins
 * @param to where it ends
 */
public record Straight(Point2 from, Point2 to) implements Curve {

    @Override
    public double lengthMm() {
        return from.distance(to);
    }

    @Override
    public Point2 at(double alongMm) {
        // to the last bit, so that lines which share a corner leave no sliver between them
        return alongMm == lengthMm() ? to : from.plus(direction(0).times(alongMm));
    }

    @Override
    public Point2 direction(double alongMm) {
        return to.minus(from).unit();
    }

    @Override
    public double curvature(double alongMm) {
        return 0;
    }

    @Override
    public double hardestMm() {
        return 0;
    }

    /** It is the foot of the plumb line, or an end. */
    @Override
    public double about(Point2 point, double rightMm) {
        return Math.clamp(point.minus(from).dot(direction(0)), 0, lengthMm());
    }

    @Override
    public List<Double> stations() {
        return List.of(0.0, lengthMm());
    }
}
