package pteron.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Point2;
import pteron.core.quantity.Require;

/**
 * A part of a circle. Immutable.
 *
 * @param middle middle of the circle
 * @param radiusMm radius (mm), above 0
 * @param startRadians angle of its beginning seen from the middle
 * @param sweepRadians how far it goes round, above 0 to the left, not 0
 */
public record Arc(Point2 middle, double radiusMm, double startRadians, double sweepRadians)
        implements Curve {

    /** Greatest turn between two stations of a curve: an integral between them is exact to rounding. */
    static final double STEP_RADIANS = Math.toRadians(12);

    /** Height over the chord below which three points are a straight line, as a share of the chord. */
    private static final double FLAT = 1e-7;

    /** Checks the radius. */
    public Arc {
        Require.positive("radius", radiusMm, "mm");
    }

    /**
     * Arc through three points.
     *
     * <pre>  r = a · b · c / (4 · A)  </pre>
     *
     * a, b, c sides of the triangle of the points (mm), A its area (mm²).
     *
     * <p>Source: geometry, the circumscribed circle. Example: (0, 0), (1000, 250), (2000, 0) give r = 2125.
     *
     * @return the arc, empty where the points lie on a straight line
     */
    public static Optional<Arc> through(Point2 from, Point2 spot, Point2 to) {
        Point2 a = spot.minus(from);
        Point2 b = to.minus(from);
        double twice = a.cross(b);
        if (Math.abs(twice) <= FLAT * b.dot(b)) {
            return Optional.empty();
        }
        double u = (b.v() * a.dot(a) - a.v() * b.dot(b)) / (2 * twice);
        double v = (a.u() * b.dot(b) - b.u() * a.dot(a)) / (2 * twice);
        Point2 middle = from.plus(new Point2(u, v));
        double start = angle(from.minus(middle));
        double end = angle(to.minus(middle));
        // the spot lies right of the chord when the arc turns left
        double sweep = twice > 0 ? turn(end - start) : -turn(start - end);
        return Optional.of(new Arc(middle, middle.distance(from), start, sweep));
    }

    private static double angle(Point2 point) {
        return Math.atan2(point.v(), point.u());
    }

    /** {@return an angle from 0 to a whole turn} */
    private static double turn(double radians) {
        double rest = radians % (2 * Math.PI);
        return rest <= 0 ? rest + 2 * Math.PI : rest;
    }

    @Override
    public double lengthMm() {
        return radiusMm * Math.abs(sweepRadians);
    }

    private double angleAt(double alongMm) {
        return startRadians + sweepRadians * alongMm / lengthMm();
    }

    @Override
    public Point2 at(double alongMm) {
        double angle = angleAt(alongMm);
        return middle.plus(new Point2(Math.cos(angle), Math.sin(angle)).times(radiusMm));
    }

    @Override
    public Point2 direction(double alongMm) {
        double angle = angleAt(alongMm);
        return new Point2(-Math.sin(angle), Math.cos(angle)).times(Math.signum(sweepRadians));
    }

    @Override
    public double curvature(double alongMm) {
        return Math.signum(sweepRadians) / radiusMm;
    }

    @Override
    public double hardestMm() {
        return lengthMm() / 2;
    }

    /** It lies on the line through the middle, on this side or beyond it, or at an end. */
    @Override
    public double about(Point2 point, double rightMm) {
        double towards = angle(point.minus(middle));
        double[] places = {0, lengthMm(), alongAt(towards), alongAt(towards + Math.PI)};
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double place : places) {
            double angle = angleAt(place);
            double reach = radiusMm + Math.signum(sweepRadians) * rightMm;
            Point2 there = new Point2(Math.cos(angle), Math.sin(angle)).times(reach);
            double far = middle.plus(there).distance(point);
            if (place <= lengthMm() && far < least) {
                least = far;
                best = place;
            }
        }
        return best;
    }

    /** {@return how far along a place lies that is seen from the middle at an angle; past the end if it is none} */
    private double alongAt(double radians) {
        double way = (radians - startRadians) * Math.signum(sweepRadians);
        return radiusMm * turn(way);
    }

    @Override
    public List<Double> stations() {
        int steps = (int) Math.ceil(Math.abs(sweepRadians) / STEP_RADIANS);
        List<Double> stations = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            stations.add(lengthMm() * i / steps);
        }
        return stations;
    }
}
