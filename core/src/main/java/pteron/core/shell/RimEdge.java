package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Beside;
import pteron.core.curve.Straight;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.Tolerance;

/**
 * A smooth piece of the edge of a panel's frame, the panel on its right. Immutable.
 *
 * @param line where it runs (u, v)
 * @param fromMm where it begins on that line (mm)
 * @param toMm where it ends (mm)
 */
public record RimEdge(Beside line, double fromMm, double toMm) {

    /** Height that the corners of a curved frame leave the curve by (mm): a pencil hides it. */
    public static final double SAWN_MM = 0.1;

    /** {@return a straight edge from point to point} */
    public static RimEdge straight(Point2 from, Point2 to) {
        Straight line = new Straight(from, to);
        return new RimEdge(new Beside(line, 0), 0, line.lengthMm());
    }

    /** {@return whether it is straight} */
    public boolean isStraight() {
        return line.isStraight();
    }

    /** {@return where it begins} */
    public Point2 from() {
        return line.at(fromMm);
    }

    /** {@return where it ends} */
    public Point2 to() {
        return line.at(toMm);
    }

    /** {@return its middle} */
    public Point2 middle() {
        return isStraight() ? from().plus(to()).times(0.5) : line.at((fromMm + toMm) / 2);
    }

    /** {@return its points from end to end, a curve by points close together} */
    public List<Point2> points() {
        return isStraight() ? List.of(from(), to()) : line.points(fromMm, toMm, SAWN_MM);
    }

    /** {@return the edges of a rectangle that its lower side closes} */
    static List<RimEdge> round(Bounds2 area) {
        Point2 low = new Point2(area.fromU(), area.fromV());
        Point2 lowTop = new Point2(area.fromU(), area.toV());
        Point2 highTop = new Point2(area.toU(), area.toV());
        Point2 high = new Point2(area.toU(), area.fromV());
        return List.of(straight(low, lowTop), straight(lowTop, highTop), straight(highTop, high));
    }

    /** {@return the points of edges that follow each other, a point that two share once} */
    public static List<Point2> chain(List<RimEdge> edges) {
        List<Point2> chain = new ArrayList<>();
        for (RimEdge edge : edges) {
            List<Point2> points = edge.points();
            boolean shared =
                    !chain.isEmpty()
                            && chain.getLast().distance(points.getFirst())
                                    < Tolerance.GEOMETRY.lengthMm();
            chain.addAll(shared ? points.subList(1, points.size()) : points);
        }
        return chain;
    }
}
