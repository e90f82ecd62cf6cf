package pteron.core.solid;

import java.util.List;
import pteron.core.drawing.Matter;
import pteron.core.geometry.Point3;

/**
 * A flat convex piece of the skin of a body. Immutable.
 *
 * @param corners anticlockwise seen from outside, 3 or more
 * @param edges whether the edge from each corner to the next one is an edge of the body
 * @param matter what the body is made of
 * @param part name of the part
 * @param thin whether it is seen from both sides, as a sheet is
 */
public record Facet(
        List<Point3> corners, List<Boolean> edges, Matter matter, String part, boolean thin) {

    /** Copies the lists. */
    public Facet {
        corners = List.copyOf(corners);
        edges = List.copyOf(edges);
    }

    /** {@return the direction it faces, as long as twice its area (Newell's method)} */
    Point3 facing() {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point3 a = corners.get(i);
            Point3 b = corners.get((i + 1) % corners.size());
            x += (a.y() - b.y()) * (a.z() + b.z());
            y += (a.z() - b.z()) * (a.x() + b.x());
            z += (a.x() - b.x()) * (a.y() + b.y());
        }
        return new Point3(x, y, z);
    }

    /** {@return its area (mm²)} */
    double areaMm2() {
        Point3 facing = facing();
        return Math.sqrt(facing.dot(facing)) / 2;
    }

    /** {@return whether it can be seen from a direction} */
    boolean isSeenFrom(Point3 towards) {
        return thin || facing().dot(towards) > 0;
    }
}
