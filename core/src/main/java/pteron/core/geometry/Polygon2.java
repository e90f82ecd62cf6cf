package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** A flat piece, with or without holes. Wraps a JTS polygon that nobody else sees. Immutable. */
public final class Polygon2 {

    /** Area below which a rest of cutting is rounding and no piece (mm²): a line a pencil hides. */
    public static final double LEAST_AREA_MM2 = 1e-3;

    /** Longest corner that is kept sharp, in margins: that of an angle of 12°. */
    private static final double MITRE_LIMIT = 10;

    private final Polygon shape;
    private final Bounds2 bounds;
    private final boolean rectangle;

    private Polygon2(Polygon shape) {
        this.shape = shape;
        Envelope box = shape.getEnvelopeInternal();
        this.bounds = new Bounds2(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMaxY());
        this.rectangle = shape.isRectangle();
    }

    /**
     * {@return the polygon with these corners, in either turn, the first not repeated}
     *
     * @throws IllegalArgumentException if there are fewer than three
     */
    public static Polygon2 of(List<Point2> corners) {
        if (corners.size() < 3) {
            throw new IllegalArgumentException(
                    "polygon has [%d] corners and needs 3 or more".formatted(corners.size()));
        }
        return new Polygon2(Rings.FACTORY.createPolygon(Rings.ring(corners)));
    }

    /** {@return an upright rectangle} */
    public static Polygon2 rectangle(Bounds2 bounds) {
        return of(
                List.of(
                        new Point2(bounds.fromU(), bounds.fromV()),
                        new Point2(bounds.toU(), bounds.fromV()),
                        new Point2(bounds.toU(), bounds.toV()),
                        new Point2(bounds.fromU(), bounds.toV())));
    }

    /** {@return whether the edges do not cross or touch each other} */
    public boolean isSimple() {
        return shape.isValid();
    }

    /** {@return this, or what remains of it when edges that cross are straightened out} */
    public Polygon2 sound() {
        if (shape.isValid()) {
            return this;
        }
        return pieces(BufferOp.bufferOp(shape, 0)).stream()
                .max(Comparator.comparingDouble(Polygon2::area))
                .orElse(this);
    }

    /** {@return the corners of the outside, anticlockwise from u towards v, flat ones left out} */
    public List<Point2> corners() {
        return Rings.corners(shape.getExteriorRing());
    }

    /** {@return the corners of each hole, anticlockwise} */
    public List<List<Point2>> holes() {
        List<List<Point2>> holes = new ArrayList<>();
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            holes.add(Rings.corners(shape.getInteriorRingN(i)));
        }
        return holes;
    }

    /** {@return area without holes (mm²)} */
    public double area() {
        return shape.getArea();
    }

    /** {@return middle of its area} */
    public Point2 centroid() {
        Coordinate middle = shape.getCentroid().getCoordinate();
        return new Point2(middle.x, middle.y);
    }

    /** {@return the rectangle round it} */
    public Bounds2 bounds() {
        return bounds;
    }

    /** {@return the pieces that lie in both, from low u to high u, then from low v to high v} */
    public List<Polygon2> shared(Polygon2 other) {
        if (!bounds().overlaps(other.bounds())) {
            return List.of();
        }
        if (isRectangle() && other.isRectangle()) {
            return rectangles(Stream.of(bounds.shared(other.bounds)));
        }
        if (isRectangle() && bounds.covers(other.bounds)) {
            return List.of(other);
        }
        if (other.isRectangle() && other.bounds.covers(bounds)) {
            return List.of(this);
        }
        return pieces(OverlayNGRobust.overlay(shape, other.shape, OverlayNG.INTERSECTION));
    }

    /** {@return whether it is an upright rectangle} */
    private boolean isRectangle() {
        return rectangle;
    }

    /** {@return least distance to the other (mm), 0 where they touch or overlap} */
    public double distance(Polygon2 other) {
        return shape.distance(other.shape);
    }

    /** {@return area that lies in both (mm²)} */
    public double sharedArea(Polygon2 other) {
        return shared(other).stream().mapToDouble(Polygon2::area).sum();
    }

    /** {@return what is left when the others are cut away, in the order of {@link #shared}} */
    public List<Polygon2> without(List<Polygon2> others) {
        List<Polygon2> left = List.of(this);
        for (Polygon2 other : others) {
            left = left.stream().flatMap(piece -> piece.without(other).stream()).toList();
        }
        return left;
    }

    /** {@return what is left when the other is cut away} */
    public List<Polygon2> without(Polygon2 other) {
        if (!bounds().overlaps(other.bounds())) {
            return List.of(this);
        }
        if (isRectangle() && other.isRectangle() && other.bounds.spans(bounds)) {
            return rectangles(bounds.rests(other.bounds).stream());
        }
        return pieces(OverlayNGRobust.overlay(shape, other.shape, OverlayNG.DIFFERENCE));
    }

    private static List<Polygon2> rectangles(Stream<Bounds2> areas) {
        return areas.filter(area -> area.width() > 0 && area.height() > 0)
                .filter(area -> area.width() * area.height() > LEAST_AREA_MM2)
                .map(Polygon2::rectangle)
                .toList();
    }

    /** {@return whether the other lies in this, its edge included, but for so much area (mm²)} */
    public boolean contains(Polygon2 other, double toleranceMm2) {
        return other.area() - sharedArea(other) <= toleranceMm2;
    }

    /** {@return what is left when a margin is taken off all round (mm), corners kept sharp} */
    public List<Polygon2> inset(double marginMm) {
        BufferParameters sharp = new BufferParameters();
        sharp.setJoinStyle(BufferParameters.JOIN_MITRE);
        sharp.setMitreLimit(MITRE_LIMIT);
        return pieces(BufferOp.bufferOp(shape, -marginMm, sharp));
    }

    /** {@return the stretches of a straight cut that lie in this, in the order of the cut} */
    public List<Segment2> cut(Segment2 segment) {
        return isRectangle()
                ? segment.within(bounds).map(List::of).orElse(List.of())
                : Rings.segments(segment, Rings.line(segment).intersection(shape));
    }

    /** {@return the level stretches of this at a height v, from low u to high u; edges on it left out} */
    public List<Segment2> levelAt(double v) {
        return Scan.across(shape, v, false);
    }

    /** {@return the plumb stretches of this at a place u, from low v to high v; edges on it left out} */
    public List<Segment2> plumbAt(double u) {
        return Scan.across(shape, u, true);
    }

    /** {@return the stretches of a straight cut that lie in none of the polygons} */
    public static List<Segment2> uncovered(Segment2 segment, List<Polygon2> covers) {
        List<Segment2> left = List.of(segment);
        for (Polygon2 cover : covers) {
            left = left.stream().flatMap(stretch -> cover.notOver(stretch).stream()).toList();
        }
        return left;
    }

    private List<Segment2> notOver(Segment2 segment) {
        if (isRectangle() || segment.within(bounds).isEmpty()) {
            return segment.outside(bounds);
        }
        return Rings.segments(segment, Rings.line(segment).difference(shape));
    }

    private static List<Polygon2> pieces(Geometry geometry) {
        List<Polygon2> pieces = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon piece
                    && piece.getArea() > LEAST_AREA_MM2) {
                pieces.add(new Polygon2(piece));
            }
        }
        pieces.sort(
                Comparator.comparingDouble((Polygon2 piece) -> piece.bounds().fromU())
                        .thenComparingDouble(piece -> piece.bounds().fromV()));
        return List.copyOf(pieces);
    }

    /** {@return area of a chain of corners (mm²), above 0 when it runs anticlockwise} */
    public static double signedArea(List<Point2> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            twice += corners.get(i).cross(corners.get((i + 1) % corners.size()));
        }
        return twice / 2;
    }

    @Override
    public String toString() {
        return corners().toString();
    }
}
