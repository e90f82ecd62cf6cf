package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;

/** Between our points and the rings and lines of JTS. */
final class Rings {

    static final GeometryFactory FACTORY = new GeometryFactory();

    /** Height of a corner below which it is no corner (mm). */
    private static final double FLAT_MM = 1e-7;

    private Rings() {}

    static LinearRing ring(List<Point2> corners) {
        Coordinate[] coordinates = new Coordinate[corners.size() + 1];
        Arrays.setAll(
                coordinates,
                i -> {
                    Point2 corner = corners.get(i % corners.size());
                    return new Coordinate(corner.u(), corner.v());
                });
        return FACTORY.createLinearRing(coordinates);
    }

    /** {@return the corners of a ring, anticlockwise, flat ones left out} */
    static List<Point2> corners(LinearRing ring) {
        Coordinate[] all = ring.getCoordinates();
        List<Point2> points = new ArrayList<>();
        for (int i = 0; i < all.length - 1; i++) {
            points.add(new Point2(all[i].x, all[i].y));
        }
        List<Point2> corners = cornersOf(points);
        return signedArea(corners) < 0 ? corners.reversed() : corners;
    }

    /** {@return the corners among the points of a ring, flat ones left out} */
    static List<Point2> cornersOf(List<Point2> points) {
        return withoutFlat(withoutTwins(points));
    }

    /** Points that lie on each other are one: else both would look flat, and their corner would be lost. */
    private static List<Point2> withoutTwins(List<Point2> points) {
        List<Point2> kept = new ArrayList<>();
        for (Point2 point : points) {
            if (kept.isEmpty() || point.distance(kept.getLast()) > FLAT_MM) {
                kept.add(point);
            }
        }
        while (kept.size() > 1 && kept.getFirst().distance(kept.getLast()) <= FLAT_MM) {
            kept.removeLast();
        }
        return kept;
    }

    private static List<Point2> withoutFlat(List<Point2> points) {
        List<Point2> kept = new ArrayList<>();
        int count = points.size();
        for (int i = 0; i < count; i++) {
            Point2 before = kept.isEmpty() ? points.get((i + count - 1) % count) : kept.getLast();
            Point2 here = points.get(i);
            Point2 after = points.get((i + 1) % count);
            double height = Math.abs(after.minus(before).cross(here.minus(before)));
            if (height > FLAT_MM * Math.max(1, after.distance(before))) {
                kept.add(here);
            }
        }
        return kept.size() < 3 ? points : List.copyOf(kept);
    }

    /** {@return the area of a ring, above 0 anticlockwise} */
    static double signedArea(List<Point2> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            twice += corners.get(i).cross(corners.get((i + 1) % corners.size()));
        }
        return twice / 2;
    }
}
