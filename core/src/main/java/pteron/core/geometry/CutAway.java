package pteron.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * What is left of a shape when many others are cut away at once. Rectangles that lie apart within a rectangle are let
 * in as holes, as they are; all of the others are put together and cut away.
 */
final class CutAway {

    private CutAway() {}

    /** {@return what is left, in one or more polygons} */
    static Geometry from(Polygon whole, List<Polygon> others) {
        List<Polygon> holes = whole.isRectangle() ? holes(whole, others) : List.of();
        List<Polygon> rest = others.stream().filter(other -> !holes.contains(other)).toList();
        Geometry left = rest.isEmpty() ? whole : withoutAll(whole, rest);
        return holes.isEmpty() ? left : letIn(left, holes);
    }

    private static List<Polygon> holes(Polygon whole, List<Polygon> others) {
        return others.stream()
                .filter(Polygon::isRectangle)
                .filter(hole -> surrounds(whole, hole))
                .filter(hole -> others.stream().noneMatch(other -> touch(hole, other)))
                .toList();
    }

    /** {@return whether a hole lies in a rectangle and nowhere at its edge} */
    private static boolean surrounds(Polygon whole, Polygon hole) {
        Envelope room = whole.getEnvelopeInternal();
        Envelope inside = hole.getEnvelopeInternal();
        return room.getMinX() < inside.getMinX()
                && room.getMaxX() > inside.getMaxX()
                && room.getMinY() < inside.getMinY()
                && room.getMaxY() > inside.getMaxY();
    }

    private static boolean touch(Polygon hole, Polygon other) {
        return other != hole && other.getEnvelopeInternal().intersects(hole.getEnvelopeInternal());
    }

    private static Geometry letIn(Geometry left, List<Polygon> holes) {
        List<Polygon> pieces = new ArrayList<>();
        for (int i = 0; i < left.getNumGeometries(); i++) {
            if (left.getGeometryN(i) instanceof Polygon piece) {
                pieces.add(letIn(piece, holes));
            }
        }
        return Rings.FACTORY.createGeometryCollection(pieces.toArray(Geometry[]::new));
    }

    private static Polygon letIn(Polygon piece, List<Polygon> holes) {
        List<LinearRing> rings = new ArrayList<>();
        for (int i = 0; i < piece.getNumInteriorRing(); i++) {
            rings.add(piece.getInteriorRingN(i));
        }
        holes.stream().filter(piece::contains).forEach(hole -> rings.add(hole.getExteriorRing()));
        return Rings.FACTORY.createPolygon(
                piece.getExteriorRing(), rings.toArray(LinearRing[]::new));
    }

    private static Geometry withoutAll(Polygon whole, List<Polygon> others) {
        Geometry[] shapes = others.toArray(Geometry[]::new);
        Geometry together = OverlayNGRobust.union(Rings.FACTORY.createGeometryCollection(shapes));
        return Overlays.without(whole, together);
    }
}
