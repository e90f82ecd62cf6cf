package pteron.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;

/**
 * A curve moved sideways, every point along its right normal. Places are counted along the curve itself,
 * so that all that lie beside one share them; beyond its ends it runs on straight. Immutable.
 *
 * @param curve what it lies beside
 * @param rightMm how far to its right (mm), below 0 to its left
 */
public record Beside(Curve curve, double rightMm) {

    private static final int MOST_STEPS = 40;

    /** Sine of the least angle at which two lines are said to meet (0.0006°), as straight lines do. */
    private static final double LEAST_SINE = 1e-5;

    /** Sine of the turn under which a curve goes on smoothly (2°): its neighbour meets it square. */
    public static final double SMOOTH = 0.035;

    /** Under it a step to the nearest place would go astray: the point lies near the middle of the bend. */
    private static final double LEAST_SLOPE = 0.1;

    /** Far below what a saw can do: two lines that come so near meet (mm). */
    private static final double MET_MM = 1e-9;

    /** {@return the one so much further to the right (mm)} */
    public Beside movedRight(double mm) {
        return new Beside(curve, rightMm + mm);
    }

    /** {@return whether it is a straight line} */
    public boolean isStraight() {
        return curve instanceof Straight;
    }

    private double within(double alongMm) {
        return Math.clamp(alongMm, 0, curve.lengthMm());
    }

    /** {@return the direction there, length 1} */
    public Point2 direction(double alongMm) {
        return curve.direction(within(alongMm));
    }

    /** {@return the point so far along the curve} */
    public Point2 at(double alongMm) {
        double inside = within(alongMm);
        Point2 way = curve.direction(inside);
        return curve.at(inside)
                .plus(way.times(alongMm - inside))
                .minus(way.leftNormal().times(rightMm));
    }

    /**
     * How much longer it is there than the curve.
     *
     * <pre>  1 + k · d  </pre>
     *
     * k curvature (1/mm, above 0 to the left), d distance to the right (mm).
     *
     * <p>Source: geometry of parallel curves. Example: a bend to the right of radius 1000 mm, 60 mm inside
     * of it, gives 0.94.
     *
     * @return the factor, 1 beyond the ends; 0 or less where it folds over
     */
    public double stretch(double alongMm) {
        boolean on = alongMm >= 0 && alongMm <= curve.lengthMm();
        return on ? 1 + curve.curvature(alongMm) * rightMm : 1;
    }

    /** {@return its length between two places (mm), below 0 from the later to the earlier} */
    public double lengthMm(double fromMm, double toMm) {
        return toMm - fromMm + rightMm * turned(fromMm, toMm);
    }

    /** {@return how far it turns to the left between two places (radians)} */
    private double turned(double fromMm, double toMm) {
        if (isStraight()) {
            return 0;
        }
        double from = within(Math.min(fromMm, toMm));
        double to = within(Math.max(fromMm, toMm));
        double turned = 0;
        Point2 before = curve.direction(from);
        for (double s : curve.stations()) {
            if (s > from && s < to) {
                turned += angle(before, curve.direction(s));
                before = curve.direction(s);
            }
        }
        turned += angle(before, curve.direction(to));
        return toMm < fromMm ? -turned : turned;
    }

    private static double angle(Point2 from, Point2 to) {
        return Math.atan2(from.cross(to), from.dot(to));
    }

    /** {@return radius of its hardest bend between two places (mm), infinite where it is straight} */
    public double leastRadiusMm(double fromMm, double toMm) {
        double from = Math.max(0, Math.min(fromMm, toMm));
        double to = Math.min(curve.lengthMm(), Math.max(fromMm, toMm));
        List<Double> places = new ArrayList<>(List.of(from, to));
        curve.stations().stream().filter(s -> s > from && s < to).forEach(places::add);
        curve.peaks().stream().filter(s -> s > from && s < to).forEach(places::add);
        return places.stream()
                .mapToDouble(s -> Math.abs(stretch(s) / curve.curvature(s)))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** {@return whether it folds over somewhere between two places, so that nothing can be bent along it} */
    public boolean folds(double fromMm, double toMm) {
        List<Double> places = new ArrayList<>(curve.stations());
        places.addAll(curve.peaks());
        return places.stream()
                .filter(s -> s >= Math.min(fromMm, toMm) && s <= Math.max(fromMm, toMm))
                .anyMatch(s -> stretch(s) <= 0);
    }

    /** {@return how far along lies the place nearest to a point (mm)} */
    public double nearest(Point2 point) {
        if (isStraight()) {
            return snapped(line().along(point));
        }
        double best = straightOn(point, curve.about(point, rightMm));
        for (int i = 0; i < MOST_STEPS; i++) {
            Point2 away = at(best).minus(point);
            double off = away.dot(direction(best));
            boolean on = best > 0 && best < curve.lengthMm();
            Point2 left = direction(best).leftNormal();
            Point2 base = curve.at(within(best)).minus(point);
            double slope = on ? 1 + base.dot(left) * curve.curvature(best) : 1;
            double next = best - off / (slope > LEAST_SLOPE ? slope : 1);
            if (Math.abs(next - best) < MET_MM) {
                return next;
            }
            best = next;
        }
        return best;
    }

    /** To the last bit, so that lines which share a corner leave no sliver between them. */
    private double snapped(double alongMm) {
        double end = alongMm * 2 < curve.lengthMm() ? 0 : curve.lengthMm();
        return Math.abs(alongMm - end) < MET_MM ? end : alongMm;
    }

    /** {@return the place past an end, where a point lies beyond it} */
    private double straightOn(Point2 point, double alongMm) {
        boolean atEnd = alongMm <= 0 || alongMm >= curve.lengthMm();
        double past = point.minus(at(alongMm)).dot(direction(alongMm));
        return atEnd && past * (alongMm <= 0 ? -1 : 1) > 0 ? alongMm + past : alongMm;
    }

    /**
     * {@return how far along this one the two meet (mm), looked for near a point; empty where they run side
     * by side or part}
     */
    public OptionalDouble meets(Beside other, Point2 near) {
        if (isStraight() && other.isStraight()) {
            return line().meets(other.line()).stream()
                    .mapToDouble(point -> line().along(point))
                    .findFirst();
        }
        double s = nearest(near);
        double t = other.nearest(near);
        for (int i = 0; i < MOST_STEPS; i++) {
            Point2 gap = other.at(t).minus(at(s));
            if (gap.length() < MET_MM) {
                return OptionalDouble.of(s);
            }
            Point2 way = direction(s).times(stretch(s));
            Point2 otherWay = other.direction(t).times(other.stretch(t));
            double sine = way.cross(otherWay);
            if (Math.abs(sine) < LEAST_SINE) {
                return OptionalDouble.empty();
            }
            s += gap.cross(otherWay) / sine;
            t += gap.cross(way) / sine;
        }
        return OptionalDouble.empty();
    }

    /**
     * {@return the place where it ends at a corner (mm): where it meets the other; beside the corner where
     * they run side by side or go on smoothly}
     */
    public double corner(Beside other, Point2 shared) {
        double beside = nearest(shared);
        double turn = Math.abs(direction(beside).cross(other.direction(other.nearest(shared))));
        boolean smooth = turn < SMOOTH && !(isStraight() && other.isStraight());
        return smooth ? beside : meets(other, shared).orElse(beside);
    }

    private Line2 line() {
        return new Line2(at(0), direction(0));
    }

    /**
     * {@return points of it between two places, both included, whose straight lines leave it by so much at
     * the most (mm)}
     */
    public List<Point2> points(double fromMm, double toMm, double toleranceMm) {
        List<Point2> points = new ArrayList<>();
        for (double s : places(fromMm, toMm, toleranceMm)) {
            points.add(at(s));
        }
        return points;
    }

    /** {@return the places of those points} */
    public List<Double> places(double fromMm, double toMm, double toleranceMm) {
        double bend = isStraight() ? 0 : curve.hardestCurvature();
        // the height of an arc over its chord c is c² k / 8
        double chord = Math.sqrt(8 * toleranceMm / Math.max(bend, 1e-12));
        List<Double> places = new ArrayList<>();
        double length = curve.lengthMm();
        List<Double> ends = new ArrayList<>(List.of(fromMm));
        if (fromMm < 0 && toMm > 0) {
            ends.add(0.0);
        }
        if (fromMm < length && toMm > length) {
            ends.add(length);
        }
        ends.add(toMm);
        for (int i = 1; i < ends.size(); i++) {
            double from = ends.get(i - 1);
            double stretch = ends.get(i) - from;
            boolean on = from >= 0 && ends.get(i) <= length;
            int steps = on ? (int) Math.max(1, Math.ceil(Math.abs(stretch) / chord)) : 1;
            for (int k = 0; k < steps; k++) {
                places.add(from + stretch * k / steps);
            }
        }
        places.add(toMm);
        return places;
    }
}
