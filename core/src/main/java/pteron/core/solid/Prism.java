package pteron.core.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import pteron.core.drawing.Matter;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.surface.FlatSurface;
import pteron.core.surface.Surface;

/**
 * A shape of a surface with a depth. Immutable.
 *
 * @param surface what it lies on
 * @param shape its shape (u, v), with or without holes
 * @param fromMm where it begins (w, mm)
 * @param toMm where it ends (w, mm)
 * @param matter what it is made of
 * @param part name of the part
 */
record Prism(
        Surface surface, Polygon2 shape, double fromMm, double toMm, Matter matter, String part) {

    /** Turn between two short lines of a curve at the most (degrees): no edge is drawn there. */
    private static final double CURVE_DEGREES = 9;

    /** Tells the facets of the body. */
    void facets(Consumer<Facet> tell) {
        facets(Touch.NONE, tell);
    }

    /** Tells the facets of the body, but for the sides that other parts touch. */
    void facets(Touch touch, Consumer<Facet> tell) {
        if (!surface.isBent()) {
            solid((FlatSurface) surface, touch, tell);
            return;
        }
        strips((piece, joins) -> stave(piece, joins, touch, tell));
    }

    /** What touches a body. */
    interface Touch {
        /** Nothing does. */
        Touch NONE =
                new Touch() {
                    @Override
                    public boolean hides(Point2 from, Point2 to) {
                        return false;
                    }

                    @Override
                    public boolean hidesInside() {
                        return false;
                    }
                };

        /** {@return whether another part hides the side over an edge of the shape} */
        boolean hides(Point2 from, Point2 to);

        /** {@return whether other parts hide the face towards the inside} */
        boolean hidesInside();
    }

    /** Tells the two faces of a sheet as one, seen from both sides. */
    void sheet(Consumer<Facet> tell) {
        if (surface.isBent()) {
            strips((piece, joins) -> cap(surface, piece, fromMm, false, true, joins, tell));
        } else {
            cap(surface, shape, fromMm, false, true, Joins.NONE, tell);
        }
    }

    /** Tells the pieces between the lines that draw a bend. */
    private void strips(BiConsumer<Polygon2, Joins> tell) {
        Bounds2 all = shape.bounds();
        List<Double> places = surface.places(all.fromU(), all.toU());
        for (int i = 1; i < places.size(); i++) {
            double from = Math.min(places.get(i - 1), places.get(i));
            double to = Math.max(places.get(i - 1), places.get(i));
            Bounds2 strip = new Bounds2(from, to, all.fromV() - 1, all.toV() + 1);
            Joins joins =
                    new Joins(
                            from > all.fromU() ? from : Double.NaN,
                            to < all.toU() ? to : Double.NaN);
            shape.shared(Polygon2.rectangle(strip)).forEach(piece -> tell.accept(piece, joins));
        }
    }

    private void solid(FlatSurface flat, Touch touch, Consumer<Facet> tell) {
        cap(flat, shape, fromMm, false, false, Joins.NONE, tell);
        if (!touch.hidesInside()) {
            cap(flat, shape, toMm, true, false, Joins.NONE, tell);
        }
        sides(shape.corners(), true, touch, tell);
        shape.holes().forEach(hole -> sides(hole, false, touch, tell));
    }

    /**
     * Where a piece of a bend goes on into the next one: no edge is there.
     *
     * @param fromU its lower end, not a number where the body ends
     * @param toU its upper end, not a number where the body ends
     */
    private record Joins(double fromU, double toU) {
        static final Joins NONE = new Joins(Double.NaN, Double.NaN);

        boolean has(Point2 a, Point2 b) {
            return onLine(a, b, fromU) || onLine(a, b, toU);
        }
    }

    /** A piece between two lines of a bend: its ends inside of the body are no faces. */
    private void stave(Polygon2 piece, Joins joins, Touch touch, Consumer<Facet> tell) {
        cap(surface, piece, fromMm, false, false, joins, tell);
        if (!touch.hidesInside()) {
            cap(surface, piece, toMm, true, false, joins, tell);
        }
        List<Point2> corners = piece.corners();
        for (int i = 0; i < corners.size(); i++) {
            Point2 a = corners.get(i);
            Point2 b = corners.get((i + 1) % corners.size());
            if (!joins.has(a, b) && !touch.hides(a, b)) {
                side(a, b, true, true, true, tell);
            }
        }
    }

    private static boolean onLine(Point2 a, Point2 b, double u) {
        return Math.abs(a.u() - u) < Plane.IN_IT_MM && Math.abs(b.u() - u) < Plane.IN_IT_MM;
    }

    /** A face of the surface at a depth; facing inward or outward. */
    private void cap(
            Surface on,
            Polygon2 piece,
            double depth,
            boolean inward,
            boolean thin,
            Joins joins,
            Consumer<Facet> tell) {
        Point3 facing = on.inward(piece.centroid()).times(inward ? 1 : -1);
        for (Convex.Piece part : Convex.pieces(piece)) {
            List<Point3> corners = part.corners().stream().map(c -> on.at(c, depth)).toList();
            List<Boolean> edges = new ArrayList<>();
            int count = part.corners().size();
            for (int i = 0; i < count; i++) {
                boolean joined =
                        joins.has(part.corners().get(i), part.corners().get((i + 1) % count));
                edges.add(part.edges().get(i) && !joined);
            }
            tell.accept(turned(corners, edges, facing, thin));
        }
    }

    private void sides(List<Point2> corners, boolean outer, Touch touch, Consumer<Facet> tell) {
        int count = corners.size();
        for (int i = 0; i < count; i++) {
            Point2 before = corners.get((i + count - 1) % count);
            Point2 from = corners.get(i);
            Point2 to = corners.get((i + 1) % count);
            Point2 after = corners.get((i + 2) % count);
            if (!touch.hides(from, to)) {
                side(from, to, outer, isSharp(before, from, to), isSharp(from, to, after), tell);
            }
        }
    }

    private static boolean isSharp(Point2 before, Point2 corner, Point2 after) {
        Point2 one = corner.minus(before);
        Point2 other = after.minus(corner);
        double turn = Math.toDegrees(Math.atan2(Math.abs(one.cross(other)), one.dot(other)));
        return turn > CURVE_DEGREES;
    }

    private void side(
            Point2 from,
            Point2 to,
            boolean outer,
            boolean sharpFrom,
            boolean sharpTo,
            Consumer<Facet> tell) {
        List<Point3> corners =
                List.of(
                        surface.at(from, fromMm),
                        surface.at(to, fromMm),
                        surface.at(to, toMm),
                        surface.at(from, toMm));
        Point2 way = to.minus(from);
        Point2 middle = from.plus(way.times(0.5));
        FlatSurface flat = surface.touching(middle.u());
        double sign = outer ? 1 : -1;
        Point3 facing =
                flat.alongU().times(sign * way.v()).plus(flat.alongV().times(-sign * way.u()));
        tell.accept(turned(corners, List.of(true, sharpTo, true, sharpFrom), facing, false));
    }

    /** {@return the facet with its corners in the turn that makes it face a way} */
    private Facet turned(List<Point3> corners, List<Boolean> edges, Point3 facing, boolean thin) {
        Facet facet = new Facet(corners, edges, matter, part, thin);
        if (facet.facing().dot(facing) >= 0) {
            return facet;
        }
        List<Boolean> back = new ArrayList<>();
        int count = edges.size();
        for (int i = 0; i < count; i++) {
            back.add(edges.get((2 * count - 2 - i) % count));
        }
        return new Facet(corners.reversed(), back, matter, part, thin);
    }
}
