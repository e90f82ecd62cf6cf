package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/** Several views on one sheet. */
final class Sheet {

    private final View view;
    private final double titleMm;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Grip> grips = new ArrayList<>();
    private Bounds2 bounds;

    Sheet(View view, double titleMm) {
        this.view = view;
        this.titleMm = titleMm;
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
        double below = (0.22 + 0.3 * drawing.rows(Side.BOTTOM)) * titleMm;
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
