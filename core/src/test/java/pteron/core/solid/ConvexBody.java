package pteron.core.solid;

import java.util.ArrayList;
import java.util.List;
import pteron.core.frame.Body;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.surface.Surface;

/**
 * A convex prism in three dimensions. How deep two of them lie in each other is found by the separating axis theorem
 * (S. Gottschalk 1996): the least overlap of their shadows on the normals of their faces and the products of their
 * edges.
 *
 * @param name the part that it is a piece of
 * @param corners its corners
 * @param edges directions of its edges, length 1
 * @param normals directions of its faces, length 1
 */
record ConvexBody(String name, List<Point3> corners, List<Point3> edges, List<Point3> normals) {

    private static final double NONE = 1e-9;

    private static final List<Point3> AXES =
            List.of(new Point3(1, 0, 0), new Point3(0, 1, 0), new Point3(0, 0, 1));

    /** {@return the convex pieces of a member} */
    static List<ConvexBody> of(Body body) {
        List<ConvexBody> pieces = new ArrayList<>();
        for (List<Point2> flat : convex(body.side())) {
            List<Point3> low =
                    flat.stream().map(p -> new Point3(p.u(), body.fromY(), p.v())).toList();
            List<Point3> high =
                    flat.stream().map(p -> new Point3(p.u(), body.toY(), p.v())).toList();
            pieces.add(prism(body.member().name(), low, high));
        }
        return pieces;
    }

    /** {@return the convex pieces of a shape of a surface with a depth; a bend in pieces between its lines} */
    static List<ConvexBody> of(
            String name, Surface surface, Polygon2 shape, double fromMm, double toMm) {
        List<ConvexBody> pieces = new ArrayList<>();
        Bounds2 all = shape.bounds();
        List<Double> places = surface.places(all.fromU(), all.toU());
        for (int i = 1; i < places.size(); i++) {
            double from = Math.min(places.get(i - 1), places.get(i));
            double to = Math.max(places.get(i - 1), places.get(i));
            Bounds2 strip = new Bounds2(from, to, all.fromV() - 1, all.toV() + 1);
            List<Polygon2> parts =
                    surface.isBent() ? shape.shared(Polygon2.rectangle(strip)) : List.of(shape);
            for (Polygon2 part : parts) {
                for (List<Point2> flat : convex(part)) {
                    pieces.add(
                            prism(
                                    name,
                                    flat.stream().map(p -> surface.at(p, fromMm)).toList(),
                                    flat.stream().map(p -> surface.at(p, toMm)).toList()));
                }
            }
        }
        return pieces;
    }

    private static List<List<Point2>> convex(Polygon2 shape) {
        boolean whole = shape.holes().isEmpty() && turnsOneWay(shape.corners());
        return whole ? List.of(shape.corners()) : shape.triangles();
    }

    private static boolean turnsOneWay(List<Point2> corners) {
        int left = 0;
        int right = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point2 a = corners.get(i);
            Point2 b = corners.get((i + 1) % corners.size());
            Point2 c = corners.get((i + 2) % corners.size());
            double turn = b.minus(a).cross(c.minus(b));
            left += turn > 1e-6 ? 1 : 0;
            right += turn < -1e-6 ? 1 : 0;
        }
        return left == 0 || right == 0;
    }

    private static ConvexBody prism(String name, List<Point3> low, List<Point3> high) {
        List<Point3> corners = new ArrayList<>(low);
        corners.addAll(high);
        List<Point3> edges = new ArrayList<>();
        List<Point3> normals = new ArrayList<>();
        int count = low.size();
        Point3 up = unit(minus(high.getFirst(), low.getFirst()));
        for (int i = 0; i < count; i++) {
            Point3 edge = unit(minus(low.get((i + 1) % count), low.get(i)));
            add(edges, edge);
            add(edges, unit(minus(high.get(i), low.get(i))));
            add(normals, unit(cross(edge, unit(minus(high.get(i), low.get(i))))));
        }
        add(edges, up);
        Point3 first = unit(minus(low.get(1), low.get(0)));
        for (int i = 2; i < count; i++) {
            add(normals, unit(cross(first, unit(minus(low.get(i), low.get(0))))));
        }
        return new ConvexBody(name, List.copyOf(corners), edges, normals);
    }

    /** Directions that are there already count once. */
    private static void add(List<Point3> all, Point3 one) {
        boolean real = one.dot(one) > 0.5;
        if (real
                && all.stream().noneMatch(other -> Math.abs(Math.abs(other.dot(one)) - 1) < 1e-7)) {
            all.add(one);
        }
    }

    private static Point3 minus(Point3 one, Point3 other) {
        return one.plus(other.times(-1));
    }

    private static Point3 cross(Point3 a, Point3 b) {
        return new Point3(
                a.y() * b.z() - a.z() * b.y(),
                a.z() * b.x() - a.x() * b.z(),
                a.x() * b.y() - a.y() * b.x());
    }

    private static Point3 unit(Point3 point) {
        double length = Math.sqrt(point.dot(point));
        return length < NONE ? new Point3(0, 0, 0) : point.times(1 / length);
    }

    /** {@return how deep it lies in another (mm), 0 where they lie apart} */
    double sharedMm(ConvexBody other) {
        if (!nearEachOther(other)) {
            return 0;
        }
        List<Point3> axes = new ArrayList<>(normals);
        axes.addAll(other.normals);
        for (Point3 one : edges) {
            for (Point3 two : other.edges) {
                Point3 both = cross(one, two);
                if (both.dot(both) > 1e-6) {
                    axes.add(unit(both));
                }
            }
        }
        double least = Double.POSITIVE_INFINITY;
        for (Point3 axis : axes) {
            double shared =
                    Math.min(most(axis), other.most(axis))
                            - Math.max(least(axis), other.least(axis));
            if (shared <= 0) {
                return 0;
            }
            least = Math.min(least, shared);
        }
        return least;
    }

    /** {@return whether the boxes round two bodies meet: what lies apart along an axis lies apart} */
    private boolean nearEachOther(ConvexBody other) {
        for (Point3 axis : AXES) {
            if (most(axis) < other.least(axis) || other.most(axis) < least(axis)) {
                return false;
            }
        }
        return true;
    }

    private double most(Point3 axis) {
        double most = Double.NEGATIVE_INFINITY;
        for (Point3 corner : corners) {
            most = Math.max(most, corner.dot(axis));
        }
        return most;
    }

    private double least(Point3 axis) {
        double least = Double.POSITIVE_INFINITY;
        for (Point3 corner : corners) {
            least = Math.min(least, corner.dot(axis));
        }
        return least;
    }

    /** {@return this body moved} */
    ConvexBody moved(Point3 by) {
        return new ConvexBody(
                name, corners.stream().map(corner -> corner.plus(by)).toList(), edges, normals);
    }
}
