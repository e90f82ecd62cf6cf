package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a straight cut of any slope runs inside of a polygon, its edge included: by counting the edges that it
 * crosses, and those that it runs along.
 */
final class LineCut {

    /** Distance under which a corner lies on the line, and length under which a stretch is none (mm). */
    private static final double ON_MM = 1e-7;

    private final Segment2 segment;
    private final Point2 way;
    private final double length;

    /** Places where the line goes from one side of an edge to the other (mm from its beginning). */
    private final List<Double> crossings = new ArrayList<>();

    /** Stretches of edges that lie on the line, from low to high. */
    private final List<double[]> flats = new ArrayList<>();

    private LineCut(Segment2 segment, Polygon shape) {
        this.segment = segment;
        this.length = segment.lengthMm();
        this.way = segment.to().minus(segment.from()).times(1 / length);
        read(shape.getExteriorRing());
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            read(shape.getInteriorRingN(i));
        }
    }

    /** {@return the stretches of a cut that lie in a polygon, in the order of the cut} */
    static List<Segment2> within(Segment2 segment, Polygon shape) {
        return stretches(segment, shape, true);
    }

    /** {@return the stretches of a cut that lie outside of a polygon, in the order of the cut} */
    static List<Segment2> outside(Segment2 segment, Polygon shape) {
        return stretches(segment, shape, false);
    }

    private static List<Segment2> stretches(Segment2 segment, Polygon shape, boolean inside) {
        return segment.lengthMm() <= ON_MM
                ? List.of()
                : new LineCut(segment, shape).stretches(inside);
    }

    private void read(LinearRing ring) {
        CoordinateSequence all = ring.getCoordinateSequence();
        double before = height(all, 0);
        for (int i = 1; i < all.size(); i++) {
            double here = height(all, i);
            if (before == 0 && here == 0) {
                double one = along(all, i - 1);
                double other = along(all, i);
                flats.add(new double[] {Math.min(one, other), Math.max(one, other)});
            } else if (before <= 0 != here <= 0) {
                double share = before / (before - here);
                crossings.add(along(all, i - 1) * (1 - share) + along(all, i) * share);
            }
            before = here;
        }
    }

    /** {@return how far to the left of the line a corner lies (mm), 0 when it is on it} */
    private double height(CoordinateSequence all, int i) {
        double u = all.getX(i) - segment.from().u();
        double v = all.getY(i) - segment.from().v();
        double height = way.u() * v - way.v() * u;
        return Math.abs(height) <= ON_MM ? 0 : height;
    }

    private double along(CoordinateSequence all, int i) {
        double u = all.getX(i) - segment.from().u();
        double v = all.getY(i) - segment.from().v();
        return way.u() * u + way.v() * v;
    }

    private List<Segment2> stretches(boolean inside) {
        List<Segment2> found = new ArrayList<>();
        double[] stops = stops();
        double from = 0;
        boolean open = false;
        for (int i = 1; i < stops.length; i++) {
            boolean wanted = isInside((stops[i - 1] + stops[i]) / 2) == inside;
            if (wanted && !open) {
                from = stops[i - 1];
            }
            if (open && !wanted) {
                found.add(new Segment2(at(from), at(stops[i - 1])));
            }
            open = wanted;
        }
        if (open) {
            found.add(new Segment2(at(from), segment.to()));
        }
        return List.copyOf(found);
    }

    /** {@return places between which nothing changes, those that lie on each other once} */
    private double[] stops() {
        List<Double> all = new ArrayList<>(crossings);
        flats.forEach(flat -> all.addAll(List.of(flat[0], flat[1])));
        double[] between =
                all.stream()
                        .mapToDouble(Double::doubleValue)
                        .filter(at -> at > ON_MM && at < length - ON_MM)
                        .sorted()
                        .toArray();
        double[] stops = new double[between.length + 2];
        int count = 1;
        for (double at : between) {
            if (at - stops[count - 1] > ON_MM) {
                stops[count++] = at;
            }
        }
        stops[count++] = length;
        return Arrays.copyOf(stops, count);
    }

    private boolean isInside(double alongMm) {
        long ahead = crossings.stream().filter(at -> at > alongMm).count();
        return ahead % 2 == 1
                || flats.stream().anyMatch(flat -> flat[0] < alongMm && alongMm < flat[1]);
    }

    private Point2 at(double alongMm) {
        return alongMm == 0 ? segment.from() : segment.from().plus(way.times(alongMm));
    }
}
