package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;

/** Between our points and the rings and lines of JTS. */
final class Rings {

    static final GeometryFactory FACTORY = new GeometryFactory();

    /** Height of a corner below which it is no corner, and length below which a line is none (mm). */
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
        List<Point2> corners = withoutFlat(withoutTwins(points));
        return signedArea(corners) < 0 ? corners.reversed() : corners;
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

    static LineString line(Segment2 segment) {
        return FACTORY.createLineString(
                new Coordinate[] {
                    new Coordinate(segment.from().u(), segment.from().v()),
                    new Coordinate(segment.to().u(), segment.to().v())
                });
    }

    static List<Segment2> segments(Segment2 along, Geometry geometry) {
        Line2 line = Line2.through(along.from(), along.to());
        List<Segment2> segments = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof LineString piece
                    && piece.getLength() > FLAT_MM) {
                Coordinate a = piece.getCoordinateN(0);
                Coordinate b = piece.getCoordinateN(piece.getNumPoints() - 1);
                segments.add(new Segment2(new Point2(a.x, a.y), new Point2(b.x, b.y)));
            }
        }
        segments.sort(Comparator.comparingDouble(found -> line.along(found.from())));
        return List.copyOf(segments);
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
