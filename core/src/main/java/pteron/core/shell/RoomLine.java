package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.plan.Assembly;

/**
 * The room inside as a side view shows it: what lies over the floor, and the floor. Immutable.
 *
 * @param over edges from the front foot over the top to the rear foot (x, z)
 * @param steps corners of the floor, from the rear to the front; none where it is level
 * @param room the area within
 */
record RoomLine(List<RimEdge> over, List<Point2> steps, Polygon2 room) {

    /** Shortest stretch of a room that is worth a wall (mm); common practice. */
    private static final double LEAST_MM = 300;

    /** So often a place is looked for by halving: a millionth of a mm of any box. */
    private static final int HALVINGS = 60;

    static RoomLine of(List<Band> bands, Underside plain, Assembly assembly) {
        List<RimEdge> over = SideLines.of(bands, plain, assembly).room();
        List<Point2> steps = plain.lining();
        return new RoomLine(over, steps, SideLines.polygon(over, steps));
    }

    /** {@return the corners of the floor between two places} */
    List<Point2> step(double fromMm, double toMm) {
        return steps.stream().filter(point -> point.u() > fromMm && point.u() < toMm).toList();
    }

    /** {@return the longest upright line in the room at a place x, empty where there is none} */
    Optional<Segment2> upright(double xMm) {
        return room.plumbAt(xMm).stream()
                .reduce((one, other) -> other.lengthMm() > one.lengthMm() ? other : one);
    }

    /** {@return the edges of the room from one place to another, upright at both; empty where it is too short} */
    List<RimEdge> stretch(double fromMm, double toMm) {
        Bounds2 all = room.bounds();
        double from = Math.max(fromMm, all.fromU());
        double to = Math.min(toMm, all.toU());
        if (to - from < LEAST_MM) {
            return List.of();
        }
        if (from <= all.fromU() && to >= all.toU()) {
            return over;
        }
        List<RimEdge> pieces = new ArrayList<>();
        for (RimEdge edge : over) {
            part(edge, from, to).ifPresent(pieces::add);
        }
        return pieces.isEmpty() ? List.of() : closed(pieces, from, to);
    }

    /** {@return the edges over a stretch with an upright one at each end that is not a wall's} */
    private List<RimEdge> closed(List<RimEdge> pieces, double from, double to) {
        Optional<Segment2> first = upright(from + 1);
        Optional<Segment2> last = upright(to - 1);
        if (first.isEmpty() || last.isEmpty()) {
            return List.of();
        }
        Bounds2 all = room.bounds();
        List<RimEdge> edges = new ArrayList<>();
        if (from > all.fromU()) {
            Point2 foot = new Point2(from, first.get().from().v());
            edges.add(RimEdge.straight(foot, pieces.getFirst().from()));
        }
        edges.addAll(pieces);
        if (to < all.toU()) {
            Point2 foot = new Point2(to, last.get().from().v());
            edges.add(RimEdge.straight(pieces.getLast().to(), foot));
        }
        return edges;
    }

    private static Optional<RimEdge> part(RimEdge edge, double from, double to) {
        double start = edge.from().u();
        double end = edge.to().u();
        if (Math.max(start, end) <= from + 1 || Math.min(start, end) >= to - 1) {
            return Optional.empty();
        }
        double first = start < from ? at(edge, from) : edge.fromMm();
        double last = end > to ? at(edge, to) : edge.toMm();
        return Optional.of(new RimEdge(edge.line(), first, last));
    }

    /** {@return where an edge has a place x, by halving (mm)} */
    private static double at(RimEdge edge, double xMm) {
        double before = edge.fromMm();
        double after = edge.toMm();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (before + after) / 2;
            if (edge.line().at(middle).u() < xMm) {
                before = middle;
            } else {
                after = middle;
            }
        }
        return (before + after) / 2;
    }
}
