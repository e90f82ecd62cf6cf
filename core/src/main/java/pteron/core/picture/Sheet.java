package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/** Several views on one sheet. */
final class Sheet {

    /** Rows of dimensions that a sheet is high, a screen or a paper across. */
    private static final double ROWS_HIGH = 19;

    /** Rows of dimensions that a sheet is wide. */
    private static final double ROWS_WIDE = 29;

    /** Rows that edges and titles take. */
    private static final int ROWS_BETWEEN = 5;

    private final View view;
    private final double rowMm;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Grip> grips = new ArrayList<>();
    private Bounds2 bounds;

    Sheet(View view, double rowMm) {
        this.view = view;
        this.rowMm = rowMm;
    }

    /**
     * {@return room that a row of dimensions takes when all is drawn as large as the sheet allows (mm)}
     *
     * @param across views beside each other
     * @param down views below each other
     */
    static double rowMm(List<Drawing> across, List<Drawing> down) {
        double wide = across.stream().mapToDouble(d -> d.bounds().width()).sum();
        double high = down.stream().mapToDouble(d -> d.bounds().height()).sum();
        int columns = rows(across, Side.LEFT) + rows(across, Side.RIGHT) + ROWS_BETWEEN;
        int rows = rows(down, Side.TOP) + rows(down, Side.BOTTOM) + ROWS_BETWEEN;
        return Math.max(
                wide / Math.max(1, ROWS_WIDE - columns), high / Math.max(1, ROWS_HIGH - rows));
    }

    private static int rows(List<Drawing> drawings, Side side) {
        return drawings.stream().mapToInt(drawing -> drawing.rows(side)).sum();
    }

    void put(Drawing drawing, Point2 by) {
        put(drawing, by, drawing.view().title());
    }

    void put(Drawing drawing, Point2 by, String title) {
        drawing.shapes().forEach(shape -> shapes.add(shape.moved(by)));
        drawing.dimensions().forEach(dimension -> dimensions.add(dimension.moved(by)));
        for (Grip grip : drawing.grips()) {
            grips.add(grip.at(moved(grip.area(), by)));
        }
        Bounds2 here = moved(drawing.bounds(), by);
        double below = (0.9 + drawing.rows(Side.BOTTOM)) * rowMm;
        shapes.add(
                new Shape.Label(
                        new Point2(here.middle().u(), here.fromV() - below),
                        title,
                        Shape.Label.Kind.TITLE,
                        Double.POSITIVE_INFINITY));
        Bounds2 titled = new Bounds2(here.fromU(), here.toU(), here.fromV() - below, here.toV());
        bounds = bounds == null ? titled : joined(bounds, titled);
    }

    /** Keeps room above all that was put on it (mm). */
    void roomAbove(double mm) {
        bounds = new Bounds2(bounds.fromU(), bounds.toU(), bounds.fromV(), bounds.toV() + mm);
    }

    private static Bounds2 moved(Bounds2 b, Point2 by) {
        return new Bounds2(
                b.fromU() + by.u(), b.toU() + by.u(), b.fromV() + by.v(), b.toV() + by.v());
    }

    private static Bounds2 joined(Bounds2 a, Bounds2 b) {
        return new Bounds2(
                Math.min(a.fromU(), b.fromU()),
                Math.max(a.toU(), b.toU()),
                Math.min(a.fromV(), b.fromV()),
                Math.max(a.toV(), b.toV()));
    }

    Drawing drawing() {
        return new Drawing(view, shapes, dimensions, grips, bounds);
    }
}
