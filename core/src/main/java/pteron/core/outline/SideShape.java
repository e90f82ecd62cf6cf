package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/**
 * The area of one side, wheel arches not cut out. Immutable.
 *
 * @param polygon its shape; curves as straight lines that leave them by 0.02 mm at the most
 * @param areaMm2 its area (mm²), exact for lines and arcs
 * @param centroid middle of its area
 * @param bounds the rectangle round it
 */
public record SideShape(Polygon2 polygon, double areaMm2, Point2 centroid, Bounds2 bounds) {

    /** How far the polygon may leave the curves (mm): a fiftieth of a millimetre. */
    public static final double TOLERANCE_MM = 0.02;

    /** {@return the shape that closed curves go round, in either turn} */
    static SideShape of(List<Curve> closed) {
        double area = 0;
        Point2 moments = new Point2(0, 0);
        for (Curve curve : closed) {
            area += CurveSums.area(curve);
            moments = moments.plus(CurveSums.moments(curve));
        }
        Polygon2 polygon = Polygon2.of(points(closed));
        return new SideShape(polygon, Math.abs(area), moments.times(1 / area), bounds(closed));
    }

    /** {@return the shape of bare corners that may cross or coincide; only its bounds mean something} */
    static SideShape rough(List<Point2> corners) {
        Bounds2 bounds = round(corners);
        Polygon2 polygon = corners.size() < 3 ? Polygon2.rectangle(bounds) : Polygon2.of(corners);
        return new SideShape(polygon, 0, bounds.middle(), bounds);
    }

    static List<Point2> points(List<Curve> closed) {
        List<Point2> points = new ArrayList<>();
        for (Curve curve : closed) {
            List<Point2> own = CurveSums.points(curve, TOLERANCE_MM);
            points.addAll(own.subList(0, own.size() - 1));
        }
        return points;
    }

    /** {@return the rectangle round curves, their extreme points found} */
    static Bounds2 bounds(List<Curve> curves) {
        List<Point2> points = new ArrayList<>();
        for (Curve curve : curves) {
            points.add(curve.from());
            points.add(curve.to());
            if (curve.hardestCurvature() > 0) {
                CurveSums.extremes(curve).forEach(s -> points.add(curve.at(s)));
            }
        }
        return round(points);
    }

    private static Bounds2 round(List<Point2> points) {
        return new Bounds2(
                points.stream().mapToDouble(Point2::u).min().orElseThrow(),
                points.stream().mapToDouble(Point2::u).max().orElseThrow(),
                points.stream().mapToDouble(Point2::v).min().orElseThrow(),
                points.stream().mapToDouble(Point2::v).max().orElseThrow());
    }
}
