package pteron.core.solid;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/** Takes a flat piece apart into convex ones. */
final class Convex {

    private Convex() {}

    /**
     * A convex piece. Immutable.
     *
     * @param corners its corners, anticlockwise
     * @param edges whether the line from each corner to the next one is an edge of the whole
     */
    record Piece(List<Point2> corners, List<Boolean> edges) {}

    static List<Piece> pieces(Polygon2 whole) {
        List<Point2> corners = whole.corners();
        if (whole.isConvex()) {
            List<Boolean> edges = new ArrayList<>();
            corners.forEach(corner -> edges.add(true));
            return List.of(new Piece(corners, edges));
        }
        Set<Line> outline = new HashSet<>();
        lines(corners, outline);
        whole.holes().forEach(hole -> lines(hole, outline));
        List<Piece> pieces = new ArrayList<>();
        for (List<Point2> triangle : whole.triangles()) {
            List<Boolean> edges = new ArrayList<>();
            for (int i = 0; i < triangle.size(); i++) {
                Point2 from = triangle.get(i);
                Point2 to = triangle.get((i + 1) % triangle.size());
                edges.add(outline.contains(Line.of(from, to)));
            }
            pieces.add(new Piece(triangle, edges));
        }
        return pieces;
    }

    private static void lines(List<Point2> ring, Set<Line> lines) {
        for (int i = 0; i < ring.size(); i++) {
            lines.add(Line.of(ring.get(i), ring.get((i + 1) % ring.size())));
        }
    }

    /** A line between two points, whichever comes first, to a thousandth of a mm. */
    private record Line(long u1, long v1, long u2, long v2) {
        static Line of(Point2 one, Point2 other) {
            boolean swap = one.u() > other.u() || (one.u() == other.u() && one.v() > other.v());
            Point2 a = swap ? other : one;
            Point2 b = swap ? one : other;
            return new Line(round(a.u()), round(a.v()), round(b.u()), round(b.v()));
        }

        private static long round(double mm) {
            return Math.round(mm * 1000);
        }
    }
}
