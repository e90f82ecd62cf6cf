package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Level and plumb cuts of a polygon, by counting the edges that they cross. */
final class Scan {

    private Scan() {}

    /** {@return the stretches inside, in order; plumb at a place u or level at a height v} */
    static List<Segment2> across(Polygon shape, double at, boolean plumb) {
        List<Double> crossings = new ArrayList<>();
        crossings(shape.getExteriorRing(), at, plumb, crossings);
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            crossings(shape.getInteriorRingN(i), at, plumb, crossings);
        }
        double[] sorted = crossings.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        List<Segment2> stretches = new ArrayList<>();
        for (int i = 0; i + 1 < sorted.length; i += 2) {
            if (sorted[i + 1] > sorted[i]) {
                stretches.add(
                        plumb
                                ? new Segment2(
                                        new Point2(at, sorted[i]), new Point2(at, sorted[i + 1]))
                                : new Segment2(
                                        new Point2(sorted[i], at), new Point2(sorted[i + 1], at)));
            }
        }
        return stretches;
    }

    /** An edge counts from its lower end on, up to but without its upper end: so corners count once. */
    private static void crossings(
            LinearRing ring, double at, boolean plumb, List<Double> crossings) {
        Coordinate[] all = ring.getCoordinates();
        for (int i = 1; i < all.length; i++) {
            double from = plumb ? all[i - 1].x : all[i - 1].y;
            double to = plumb ? all[i].x : all[i].y;
            if ((from <= at) != (to <= at)) {
                double share = (at - from) / (to - from);
                double one = plumb ? all[i - 1].y : all[i - 1].x;
                double other = plumb ? all[i].y : all[i].x;
                crossings.add(one + share * (other - one));
            }
        }
    }
}
