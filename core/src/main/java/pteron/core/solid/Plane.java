package pteron.core.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Point3;

/**
 * A plane in the box. Immutable.
 *
 * @param normal direction it faces, length 1
 * @param distanceMm of the origin's foot along the normal (mm)
 */
record Plane(Point3 normal, double distanceMm) {

    /** What a pencil line hides: so near to a plane a corner lies in it (mm). */
    static final double IN_IT_MM = 0.05;

    static Plane of(Facet facet) {
        Point3 facing = facet.facing();
        Point3 normal = facing.times(1 / Math.sqrt(facing.dot(facing)));
        double sum = 0;
        for (Point3 corner : facet.corners()) {
            sum += normal.dot(corner);
        }
        return new Plane(normal, sum / facet.corners().size());
    }

    double over(Point3 point) {
        return normal.dot(point) - distanceMm;
    }

    /** {@return the parts of a facet over and under the plane; both empty where it lies in it} */
    Halves cut(Facet facet) {
        double most = 0;
        double least = 0;
        for (Point3 corner : facet.corners()) {
            double over = over(corner);
            most = Math.max(most, over);
            least = Math.min(least, over);
        }
        if (most <= IN_IT_MM && least >= -IN_IT_MM) {
            return new Halves(Optional.empty(), Optional.empty());
        }
        if (least >= -IN_IT_MM) {
            return new Halves(Optional.of(facet), Optional.empty());
        }
        if (most <= IN_IT_MM) {
            return new Halves(Optional.empty(), Optional.of(facet));
        }
        return new Halves(half(facet, 1), half(facet, -1));
    }

    /**
     * What a plane makes of a facet.
     *
     * @param over the part on the side that the plane faces
     * @param under the part on the other
     */
    record Halves(Optional<Facet> over, Optional<Facet> under) {}

    private Optional<Facet> half(Facet facet, int side) {
        List<Point3> corners = new ArrayList<>();
        List<Boolean> edges = new ArrayList<>();
        int count = facet.corners().size();
        for (int i = 0; i < count; i++) {
            Point3 from = facet.corners().get(i);
            Point3 to = facet.corners().get((i + 1) % count);
            double a = side * over(from);
            double b = side * over(to);
            if (a >= 0) {
                corners.add(from);
                // where it leaves this side the cut itself is no edge of the body
                edges.add(a == 0 && b < 0 ? Boolean.FALSE : facet.edges().get(i));
            }
            if (a > 0 && b < 0) {
                corners.add(from.plus(to.plus(from.times(-1)).times(a / (a - b))));
                edges.add(false);
            } else if (a < 0 && b > 0) {
                corners.add(from.plus(to.plus(from.times(-1)).times(a / (a - b))));
                edges.add(facet.edges().get(i));
            }
        }
        return corners.size() < 3
                ? Optional.empty()
                : Optional.of(
                        new Facet(corners, edges, facet.matter(), facet.part(), facet.thin()));
    }
}
