package pteron.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * What is left of a polygon when many others are cut away. What reaches through a rectangle goes first, by
 * arithmetic; a few of the others go one after the other, many in one cut.
 */
final class CutAway {

    /** So many pieces are cut away one after the other. */
    private static final int FEW = 6;

    private CutAway() {}

    /** {@return what is left, from low u to high u, then from low v to high v} */
    static List<Polygon2> of(Polygon2 whole, List<Polygon2> others) {
        List<Polygon2> near =
                others.stream().filter(other -> whole.bounds().overlaps(other.bounds())).toList();
        List<Polygon2> through = near.stream().filter(whole::isCutThroughBy).toList();
        List<Polygon2> rest = near.stream().filter(other -> !whole.isCutThroughBy(other)).toList();
        if (!through.isEmpty() && !rest.isEmpty()) {
            return oneByOne(whole, through).stream()
                    .flatMap(piece -> of(piece, rest).stream())
                    .sorted(Polygon2.ALONG_THEN_UP)
                    .toList();
        }
        return rest.size() > FEW ? atOnce(whole, rest) : oneByOne(whole, near);
    }

    private static List<Polygon2> oneByOne(Polygon2 whole, List<Polygon2> others) {
        List<Polygon2> left = List.of(whole);
        for (Polygon2 other : others) {
            List<Polygon2> rest = new ArrayList<>(left.size() + 1);
            for (Polygon2 piece : left) {
                rest.addAll(piece.without(other));
            }
            left = rest;
        }
        return List.copyOf(left);
    }

    /** Holes that lie apart within a rectangle are let in as they are; one cut for all of the others. */
    private static List<Polygon2> atOnce(Polygon2 whole, List<Polygon2> others) {
        List<Polygon2> holes = whole.isRectangle() ? holes(whole, others) : List.of();
        List<Polygon2> rest = others.stream().filter(other -> !holes.contains(other)).toList();
        List<Polygon2> left = rest.isEmpty() ? List.of(whole) : withoutAll(whole, rest);
        return holes.isEmpty() ? left : left.stream().map(piece -> letIn(piece, holes)).toList();
    }

    private static List<Polygon2> holes(Polygon2 whole, List<Polygon2> others) {
        return others.stream()
                .filter(hole -> hole.isRectangle() && whole.bounds().surrounds(hole.bounds()))
                .filter(hole -> others.stream().noneMatch(other -> touch(hole, other)))
                .toList();
    }

    private static boolean touch(Polygon2 hole, Polygon2 other) {
        return other != hole && other.bounds().touches(hole.bounds());
    }

    private static Polygon2 letIn(Polygon2 piece, List<Polygon2> holes) {
        Polygon shape = piece.shape();
        List<LinearRing> rings = new ArrayList<>();
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            rings.add(shape.getInteriorRingN(i));
        }
        holes.stream()
                .filter(hole -> shape.contains(hole.shape()))
                .forEach(hole -> rings.add(hole.shape().getExteriorRing()));
        LinearRing outside = shape.getExteriorRing();
        return new Polygon2(Rings.FACTORY.createPolygon(outside, rings.toArray(LinearRing[]::new)));
    }

    private static List<Polygon2> withoutAll(Polygon2 whole, List<Polygon2> others) {
        Geometry[] shapes = others.stream().map(Polygon2::shape).toArray(Geometry[]::new);
        Geometry together = OverlayNGRobust.union(Rings.FACTORY.createGeometryCollection(shapes));
        return Polygon2.pieces(Overlays.without(whole.shape(), together));
    }
}
