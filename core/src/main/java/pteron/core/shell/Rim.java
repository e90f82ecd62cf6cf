package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;

/** The edge of a panel's frame all round, and the room within. Immutable; equal where edges and corners are. */
public final class Rim {

    private final List<RimEdge> edges;
    private final List<Point2> bottom;
    private final Polygon2 room;

    /**
     * A rim.
     *
     * @param edges from the lower end at least u, over the top, to the lower end at greatest u
     * @param bottom corners of the lower edge from greatest u to least u between the ends of those edges, where it
     *     steps: over a dropped floor, over wheels, at wings; usually none
     */
    Rim(List<RimEdge> edges, List<Point2> bottom) {
        this.edges = List.copyOf(edges);
        this.bottom = List.copyOf(bottom);
        List<Point2> round = new ArrayList<>(RimEdge.chain(edges));
        round.addAll(bottom);
        this.room = Polygon2.of(round);
    }

    /** {@return its edges from the lower end at least u, over the top, to the lower end at greatest u} */
    public List<RimEdge> edges() {
        return edges;
    }

    /** {@return the room within (u, v)} */
    public Polygon2 room() {
        return room;
    }

    /** {@return the level and plumb pieces of its lower edge, from least u to greatest u} */
    public List<Segment2> lowerEdge() {
        List<Point2> points = new ArrayList<>();
        points.add(edges.getLast().to());
        points.addAll(bottom);
        points.add(edges.getFirst().from());
        List<Segment2> pieces = new ArrayList<>();
        for (int i = points.size() - 1; i > 0; i--) {
            pieces.add(new Segment2(points.get(i), points.get(i - 1)));
        }
        return pieces;
    }

    /** {@return the highest place of its lower edge between two places u (v, mm)} */
    public double lowestMm(double fromU, double toU) {
        return lowerEdge().stream()
                .filter(piece -> isLevel(piece) && piece.from().u() < toU && fromU < piece.to().u())
                .mapToDouble(piece -> piece.from().v())
                .max()
                .orElse(room.bounds().fromV());
    }

    /** {@return whether a piece of the lower edge is level} */
    public static boolean isLevel(Segment2 piece) {
        return Math.abs(piece.to().v() - piece.from().v()) < Tolerance.TOUCH.lengthMm();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Rim rim && edges.equals(rim.edges) && bottom.equals(rim.bottom);
    }

    @Override
    public int hashCode() {
        return Objects.hash(edges, bottom);
    }

    @Override
    public String toString() {
        return "Rim[edges=%s, bottom=%s]".formatted(edges, bottom);
    }
}
