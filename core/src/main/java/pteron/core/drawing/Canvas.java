package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.stage.Given;
import pteron.core.surface.Surface;

/** Collects the shapes of one view. Not safe for use by several threads. */
public final class Canvas {

    private final View view;
    private final Given box;
    private final double deckHeightMm;
    private final ToDoubleFunction<String> fields;
    private final String aspect;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Grip> grips = new ArrayList<>();
    private final List<Point2> room = new ArrayList<>();

    /**
     * Nothing drawn yet.
     *
     * @param view how the box is looked at
     * @param box what is drawn
     * @param deckHeightMm height of its deck over the ground (mm)
     * @param fields the value of a field of the plan by its key (mm)
     */
    public Canvas(View view, Given box, double deckHeightMm, ToDoubleFunction<String> fields) {
        this(view, box, deckHeightMm, fields, "");
    }

    /**
     * Nothing drawn yet, of a station that can be looked at in several ways.
     *
     * @param aspect in which of its ways, empty for the first
     */
    public Canvas(
            View view,
            Given box,
            double deckHeightMm,
            ToDoubleFunction<String> fields,
            String aspect) {
        this.aspect = aspect;
        this.view = view;
        this.box = box;
        this.deckHeightMm = deckHeightMm;
        this.fields = fields;
    }

    /** {@return in which of its ways the station is looked at, empty for the first} */
    public String aspect() {
        return aspect;
    }

    /** {@return what is drawn: its plan and what follows from it} */
    public Given box() {
        return box;
    }

    /** {@return how the box is looked at} */
    public View view() {
        return view;
    }

    /** {@return how what stands plumb along the box or across it lies in the view} */
    public Axes axes() {
        return Axes.square(view == View.RIGHT || view == View.FRONT ? -1 : 1);
    }

    /** {@return how a surface lies in the view at a place (u, v)} */
    public Axes axes(Surface surface, Point2 place) {
        Point2 middle = at(surface.at(place, 0));
        Point2 half = new Point2(0.5, 0);
        Point2 ahead = at(surface.at(place.plus(half), 0));
        Point2 behind = at(surface.at(place.minus(half), 0));
        Point2 across = at(surface.at(place.plus(new Point2(0, 1)), 0));
        return new Axes(ahead.minus(behind), across.minus(middle));
    }

    /** {@return the side of the drawing on which the rear of the box lies, in a view of a side} */
    public Dimension.Side rearSide() {
        return view == View.RIGHT ? Dimension.Side.LEFT : Dimension.Side.RIGHT;
    }

    /** {@return the side of the drawing on which the front of the box lies, in a view of a side} */
    public Dimension.Side frontSide() {
        return view == View.RIGHT ? Dimension.Side.RIGHT : Dimension.Side.LEFT;
    }

    /** {@return where a place of the box lies in the view (mm)} */
    public Point2 at(double x, double y, double z) {
        return view.project(new Point3(x, y, z), deckHeightMm);
    }

    /** {@return where a place of the box lies in the view} */
    public Point2 at(Point3 point) {
        return view.project(point, deckHeightMm);
    }

    /** Adds an area by its corners. */
    public void area(Matter matter, List<Point2> corners) {
        shapes.add(new Shape.Area(corners, matter, "", 0));
    }

    /** Adds a rectangle between two opposite corners. */
    public void rectangle(Matter matter, Point2 one, Point2 other) {
        area(
                matter,
                List.of(
                        one,
                        new Point2(other.u(), one.v()),
                        other,
                        new Point2(one.u(), other.v())));
    }

    /** Adds a line through points. */
    public void line(LineKind kind, Point2... points) {
        shapes.add(new Shape.Line(List.of(points), kind));
    }

    /** Adds a line through points. */
    public void line(LineKind kind, List<Point2> points) {
        shapes.add(new Shape.Line(points, kind));
    }

    /** Adds a shape in front of those before. */
    public void add(Shape shape) {
        shapes.add(shape);
    }

    /** Keeps room up to a point, for names that reach beyond the shapes. */
    public void room(Point2 point) {
        room.add(point);
    }

    /** Adds something that can be dragged, in front of those before. */
    public void grip(Grip grip) {
        grips.add(grip);
    }

    /** Adds a dimension that sets a field, saying the field's value. */
    public void dimension(String key, Point2 from, Point2 to, Dimension.Side side, int row) {
        dimensions.add(new Dimension(key, from, to, side, row, fields.applyAsDouble(key), 0));
    }

    /** Adds a dimension that only tells. */
    public void tells(Point2 from, Point2 to, Dimension.Side side, int row) {
        double value = side.isAcross() ? Math.abs(to.u() - from.u()) : Math.abs(to.v() - from.v());
        dimensions.add(new Dimension("", from, to, side, row, value, 0));
    }

    /** {@return what was collected} */
    public Drawing drawing() {
        Bounds2 bounds = bounds();
        List<Dimension> placed = dimensions.stream().map(d -> d.outside(bounds)).toList();
        return new Drawing(view, shapes, placed, grips, bounds);
    }

    private Bounds2 bounds() {
        List<Point2> points = new ArrayList<>(room);
        for (Shape shape : shapes) {
            switch (shape) {
                case Shape.Area area -> points.addAll(area.corners());
                case Shape.Face face -> points.addAll(face.corners());
                case Shape.Line line -> points.addAll(line.points());
                case Shape.Disc disc -> {
                    points.add(disc.middle().plus(new Point2(disc.radiusMm(), disc.radiusMm())));
                    points.add(disc.middle().minus(new Point2(disc.radiusMm(), disc.radiusMm())));
                }
                case Shape.Label label -> points.add(label.at());
                case Shape.Lettering words -> {
                    points.add(new Point2(words.room().fromU(), words.room().fromV()));
                    points.add(new Point2(words.room().toU(), words.room().toV()));
                }
                case Shape.MemberName name -> points.addAll(List.of(name.from(), name.to()));
                case Shape.Mark mark -> points.add(mark.at());
            }
        }
        return new Bounds2(
                points.stream().mapToDouble(Point2::u).min().orElse(0),
                points.stream().mapToDouble(Point2::u).max().orElse(1),
                points.stream().mapToDouble(Point2::v).min().orElse(0),
                points.stream().mapToDouble(Point2::v).max().orElse(1));
    }
}
