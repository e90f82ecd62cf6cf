package pteron.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import pteron.core.geometry.Point2;

/** Areas, moments, heights and points along a curve. Pure functions. */
public final class CurveSums {

    private static final int BISECTIONS = 60;
    private static final int LOOKS = 6;

    private CurveSums() {}

    /**
     * {@return the integral of a function of the arc length along a curve, by Gauss and Legendre's rule
     * between the curve's stations; exact to rounding for smooth functions}
     */
    public static double along(Curve curve, DoubleUnaryOperator function) {
        return GaussSum.over(curve.stations(), function);
    }

    /**
     * {@return the share of a curve in the area of the closed shape it belongs to (mm²): ½ ∫ (u dv − v
     * du), above 0 for shapes that run anticlockwise}
     */
    public static double area(Curve curve) {
        return along(curve, s -> curve.at(s).cross(curve.direction(s))) / 2;
    }

    /** {@return the share of a curve in the first moments of the area (mm³): ∫ u dA and ∫ v dA} */
    public static Point2 moments(Curve curve) {
        return new Point2(
                along(curve, s -> square(curve.at(s).u()) * curve.direction(s).v()) / 2,
                -along(curve, s -> square(curve.at(s).v()) * curve.direction(s).u()) / 2);
    }

    private static double square(double value) {
        return value * value;
    }

    /** {@return points of the curve, ends included, whose straight lines leave it by so much (mm)} */
    public static List<Point2> points(Curve curve, double toleranceMm) {
        double bend = curve.hardestCurvature();
        // the height of an arc over its chord c is c² k / 8
        double chord = bend == 0 ? curve.lengthMm() : Math.sqrt(8 * toleranceMm / bend);
        int steps = (int) Math.max(1, Math.ceil(curve.lengthMm() / chord));
        List<Point2> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            points.add(curve.at(curve.lengthMm() * i / steps));
        }
        return points;
    }

    /** {@return how far along the curve it passes a place u (mm), in order} */
    public static List<Double> passes(Curve curve, double u) {
        return roots(curve, s -> curve.at(s).u() - u);
    }

    /** {@return how far along the curve it runs plumb or level (mm), in order: its extreme points} */
    public static List<Double> extremes(Curve curve) {
        List<Double> all = new ArrayList<>(roots(curve, s -> curve.direction(s).u()));
        all.addAll(roots(curve, s -> curve.direction(s).v()));
        return all.stream().sorted().toList();
    }

    private static List<Double> roots(Curve curve, DoubleUnaryOperator function) {
        List<Double> roots = new ArrayList<>();
        List<Double> stations = curve.stations();
        double from = 0;
        double here = function.applyAsDouble(0);
        if (here == 0) {
            roots.add(0.0);
        }
        for (int i = 1; i < stations.size(); i++) {
            double stretch = stations.get(i) - stations.get(i - 1);
            for (int k = 1; k <= LOOKS; k++) {
                double to = stations.get(i - 1) + stretch * k / LOOKS;
                double there = function.applyAsDouble(to);
                if (there == 0) {
                    roots.add(to);
                } else if (here * there < 0) {
                    roots.add(bisected(function, from, to, here));
                }
                from = to;
                here = there;
            }
        }
        return roots;
    }

    private static double bisected(
            DoubleUnaryOperator function, double from, double to, double valueFrom) {
        double low = from;
        double high = to;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (function.applyAsDouble(middle) * valueFrom > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
