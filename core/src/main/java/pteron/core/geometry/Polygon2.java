package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.precision.GeometryPrecisionReducer;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/** A flat piece, with or without holes. Wraps a JTS polygon that nobody else sees. Immutable. */
public final class Polygon2 {

    /** Area below which a rest of cutting is rounding and no piece (mm²): a line a pencil hides. */
    public static final double LEAST_AREA_MM2 = 1e-3;

    private static final Comparator<Polygon2> ALONG_THEN_UP =
            Comparator.comparingDouble((Polygon2 piece) -> piece.bounds().fromU())
                    .thenComparingDouble(piece -> piece.bounds().fromV());

    /** Longest corner that is kept sharp, in margins: that of an angle of 12°. */
    private static final double MITRE_LIMIT = 10;

    /** So many pieces are cut away one after the other. */
    private static final int FEW = 6;

    private final Polygon shape;
    private final Bounds2 bounds;
    private final boolean rectangle;
    private List<Point2> corners;
    private Boolean convex;
    private Point2 centroid;
    private Inset lastInset;

    /** Rooms within a margin: openings of one wall ask for the same ones again and again. */
    private record Inset(double marginMm, List<Polygon2> rooms) {}

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

    /** {@return a circle as a polygon of so many corners, 3 or more, on it} */
    public static Polygon2 round(Point2 middle, double radiusMm, int count) {
        List<Point2> corners = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * i / count;
            corners.add(middle.plus(new Point2(Math.cos(angle), Math.sin(angle)).times(radiusMm)));
        }
        return of(corners);
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

    /** {@return the same with corners on a grid of a millionth of a mm, so that edges meant to be one are one} */
    public Polygon2 onGrid() {
        Polygon even =
                (Polygon) GeometryPrecisionReducer.reducePointwise(shape, new PrecisionModel(1e6));
        return new Polygon2(even).sound();
    }

    /** {@return the corners of the outside, anticlockwise from u towards v, flat ones left out} */
    public List<Point2> corners() {
        // two threads may both find them, and find the same
        List<Point2> found = corners;
        if (found == null) {
            found = List.copyOf(Rings.corners(shape.getExteriorRing()));
            corners = found;
        }
        return found;
    }

    /** {@return the corners of each hole, anticlockwise} */
    public List<List<Point2>> holes() {
        List<List<Point2>> holes = new ArrayList<>();
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            holes.add(Rings.corners(shape.getInteriorRingN(i)));
        }
        return holes;
    }

    /** {@return triangles that make it up, each anticlockwise, by JTS} */
    public List<List<Point2>> triangles() {
        Polygon plain = Rings.FACTORY.createPolygon(Rings.ring(corners()), rings(holes()));
        Geometry parts = PolygonTriangulator.triangulate(new Polygon2(plain).sound().shape);
        List<List<Point2>> triangles = new ArrayList<>();
        for (int i = 0; i < parts.getNumGeometries(); i++) {
            triangles.add(Rings.corners(((Polygon) parts.getGeometryN(i)).getExteriorRing()));
        }
        return triangles;
    }

    private static LinearRing[] rings(List<List<Point2>> holes) {
        return holes.stream().map(Rings::ring).toArray(LinearRing[]::new);
    }

    /** {@return it with every corner moved to another place, holes too} */
    public Polygon2 mapped(UnaryOperator<Point2> move) {
        LinearRing outer = Rings.ring(corners().stream().map(move).toList());
        LinearRing[] inner =
                holes().stream()
                        .map(hole -> Rings.ring(hole.stream().map(move).toList()))
                        .toArray(LinearRing[]::new);
        return new Polygon2(Rings.FACTORY.createPolygon(outer, inner));
    }

    /** {@return area without holes (mm²)} */
    public double area() {
        return shape.getArea();
    }

    /** {@return middle of its area} */
    public Point2 centroid() {
        Point2 found = centroid;
        if (found == null) {
            Coordinate middle = shape.getCentroid().getCoordinate();
            found = new Point2(middle.x, middle.y);
            centroid = found;
        }
        return found;
    }

    /** {@return how far it reaches along a direction of length 1 (mm): the greatest place of its corners} */
    public double reach(Point2 direction) {
        double reach = Double.NEGATIVE_INFINITY;
        for (Point2 corner : corners()) {
            reach = Math.max(reach, direction.dot(corner));
        }
        return reach;
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
        return canTellSharedArea(other)
                ? sharedWhereOneIsConvex(other)
                : pieces(Overlays.shared(shape, other.shape));
    }

    private List<Polygon2> sharedWhereOneIsConvex(Polygon2 other) {
        if (isConvex() && other.isConvex()) {
            List<Point2> ring = Rings.cornersOf(ConvexCut.of(corners(), other.corners()));
            return signedArea(ring) > LEAST_AREA_MM2 ? List.of(of(ring)) : List.of();
        }
        double area = sharedArea(other);
        if (area == 0) {
            return List.of();
        }
        if (other.area() - area <= LEAST_AREA_MM2) {
            return List.of(other);
        }
        return area() - area <= LEAST_AREA_MM2
                ? List.of(this)
                : pieces(Overlays.shared(shape, other.shape));
    }

    /** {@return whether one is convex and none has holes, so that arithmetic tells the area in both} */
    private boolean canTellSharedArea(Polygon2 other) {
        return hasNoHoles() && other.hasNoHoles() && (isConvex() || other.isConvex());
    }

    /** {@return whether it has no holes and turns one way all round} */
    public boolean isConvex() {
        Boolean found = convex;
        if (found == null) {
            found = hasNoHoles() && ConvexCut.isConvex(corners());
            convex = found;
        }
        return found;
    }

    private boolean hasNoHoles() {
        return shape.getNumInteriorRing() == 0;
    }

    /** {@return whether both are rectangles and the other reaches over this from side to side} */
    private boolean isCutThroughBy(Polygon2 other) {
        return isRectangle() && other.isRectangle() && other.bounds.spans(bounds);
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
        if (!bounds().overlaps(other.bounds())) {
            return 0;
        }
        if (canTellSharedArea(other)) {
            return other.isConvex() ? sharedWithConvex(other) : other.sharedWithConvex(this);
        }
        return shared(other).stream().mapToDouble(Polygon2::area).sum();
    }

    private double sharedWithConvex(Polygon2 convex) {
        double area = signedArea(ConvexCut.of(corners(), convex.corners()));
        return area > LEAST_AREA_MM2 ? area : 0;
    }

    /** {@return what is left when the others are cut away, in the order of {@link #shared}} */
    public List<Polygon2> without(List<Polygon2> others) {
        List<Polygon2> near =
                others.stream().filter(other -> bounds.overlaps(other.bounds)).toList();
        List<Polygon2> through = near.stream().filter(this::isCutThroughBy).toList();
        List<Polygon2> rest = near.stream().filter(other -> !isCutThroughBy(other)).toList();
        if (!through.isEmpty() && !rest.isEmpty()) {
            return withoutFew(through).stream()
                    .flatMap(piece -> piece.without(rest).stream())
                    .sorted(ALONG_THEN_UP)
                    .toList();
        }
        return rest.size() > FEW
                ? pieces(CutAway.from(shape, rest.stream().map(other -> other.shape).toList()))
                : withoutFew(near);
    }

    private List<Polygon2> withoutFew(List<Polygon2> others) {
        List<Polygon2> left = List.of(this);
        for (Polygon2 other : others) {
            List<Polygon2> rest = new ArrayList<>(left.size() + 1);
            for (Polygon2 piece : left) {
                rest.addAll(piece.without(other));
            }
            left = rest;
        }
        return List.copyOf(left);
    }

    /** {@return what is left when the other is cut away} */
    public List<Polygon2> without(Polygon2 other) {
        if (!bounds().overlaps(other.bounds())) {
            return List.of(this);
        }
        if (isCutThroughBy(other)) {
            return rectangles(bounds.rests(other.bounds).stream());
        }
        if (canTellSharedArea(other)) {
            double area = sharedArea(other);
            if (area == 0) {
                return List.of(this);
            }
            if (area() - area <= LEAST_AREA_MM2) {
                return List.of();
            }
        }
        return pieces(Overlays.without(shape, other.shape));
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
        Inset last = lastInset;
        if (last == null || last.marginMm != marginMm) {
            last = new Inset(marginMm, insetAnew(marginMm));
            lastInset = last;
        }
        return last.rooms;
    }

    private List<Polygon2> insetAnew(double marginMm) {
        BufferParameters sharp = new BufferParameters();
        sharp.setJoinStyle(BufferParameters.JOIN_MITRE);
        sharp.setMitreLimit(MITRE_LIMIT);
        return pieces(BufferOp.bufferOp(shape, -marginMm, sharp));
    }

    /** {@return the stretches of a straight cut that lie in this, in the order of the cut} */
    public List<Segment2> cut(Segment2 segment) {
        return isRectangle()
                ? segment.within(bounds).map(List::of).orElse(List.of())
                : LineCut.within(segment, shape);
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
        Bounds2 reach = segment.bounds();
        List<Segment2> left = List.of(segment);
        for (Polygon2 cover : covers) {
            if (cover.bounds.touches(reach)) {
                List<Segment2> rest = new ArrayList<>(left.size() + 1);
                for (Segment2 stretch : left) {
                    rest.addAll(cover.notOver(stretch));
                }
                left = rest;
            }
        }
        return List.copyOf(left);
    }

    private List<Segment2> notOver(Segment2 segment) {
        if (isRectangle() || segment.within(bounds).isEmpty()) {
            return segment.outside(bounds);
        }
        return LineCut.outside(segment, shape);
    }

    private static List<Polygon2> pieces(Geometry geometry) {
        List<Polygon2> pieces = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon piece
                    && piece.getArea() > LEAST_AREA_MM2) {
                pieces.add(new Polygon2(piece));
            }
        }
        pieces.sort(ALONG_THEN_UP);
        return List.copyOf(pieces);
    }

    /** {@return area of a chain of corners (mm²), above 0 when it runs anticlockwise} */
    public static double signedArea(List<Point2> corners) {
        return Rings.signedArea(corners);
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Polygon2 polygon
                        && bounds.equals(polygon.bounds)
                        && shape.equalsExact(polygon.shape);
    }

    @Override
    public int hashCode() {
        return bounds.hashCode();
    }

    @Override
    public String toString() {
        return corners().toString();
    }
}
