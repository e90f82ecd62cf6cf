package pteron.app.drawing;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import pteron.app.style.Palette;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;

/** Hatches of layers that are cut through, so that materials are told by more than colour. */
final class Hatch {

    private static final double STEP = 8;
    private static final double WAVE = 10;

    /** A layer thicker than this on the screen is hatched wider, not with more lines (pixels). */
    private static final double THICK = 90;

    private final GraphicsContext context;
    private final ViewTransform transform;
    private final Palette palette;
    private double left;
    private double top;
    private double right;
    private double bottom;

    Hatch(GraphicsContext context, ViewTransform transform, Palette palette) {
        this.context = context;
        this.transform = transform;
        this.palette = palette;
    }

    /** Hatches what is seen of a rectangle of a cut. */
    void over(Shape.Area area) {
        Bounds2 bounds = Polygon2.of(area.corners()).bounds();
        left = transform.x(bounds.fromU());
        right = transform.x(bounds.toU());
        top = transform.y(bounds.toV());
        bottom = transform.y(bounds.fromV());
        double grown = Math.max(1, Math.min(right - left, bottom - top) / THICK);
        double wide = context.getCanvas().getWidth();
        double high = context.getCanvas().getHeight();
        if (right <= 0 || left >= wide || bottom <= 0 || top >= high) {
            return;
        }
        Color ink = palette.ink().deriveColor(0, 1, 1, 0.35);
        context.save();
        context.beginPath();
        context.rect(
                Math.max(0, left),
                Math.max(0, top),
                Math.min(wide, right) - Math.max(0, left),
                Math.min(high, bottom) - Math.max(0, top));
        context.clip();
        context.setLineDashes();
        context.setStroke(ink);
        context.setLineWidth(0.9);
        lines(area.matter(), grown);
        context.restore();
    }

    private void lines(Matter matter, double grown) {
        switch (matter) {
            case TIMBER -> slanted(STEP * 1.4 * grown, 1);
            case BOARD -> level(4 * grown);
            case FOAM -> waves(WAVE * grown);
            case METAL, SKIN -> slanted(4 * grown, 1);
            case ROLL -> {
                slanted(6 * grown, 1);
                slanted(6 * grown, -1);
            }
            default -> {}
        }
    }

    /** Leaves out what lies far beyond the drawing's edges, by whole steps: the lines stay where they are. */
    private void onlySeen(double step) {
        left += step * Math.floor(Math.max(0, -left) / step);
        top += step * Math.floor(Math.max(0, -top) / step);
        double overRight = Math.max(0, right - context.getCanvas().getWidth());
        double overBottom = Math.max(0, bottom - context.getCanvas().getHeight());
        right -= step * Math.floor(overRight / step);
        bottom -= step * Math.floor(overBottom / step);
    }

    private void slanted(double step, int way) {
        onlySeen(step);
        double high = bottom - top;
        for (double x = left - high; x < right + high; x += step) {
            context.strokeLine(x, way > 0 ? bottom : top, x + high, way > 0 ? top : bottom);
        }
    }

    private void level(double step) {
        onlySeen(step);
        for (double y = top + step; y < bottom; y += step) {
            context.strokeLine(left, y, right, y);
        }
    }

    /** Small waves, as foam and wool are drawn with a pencil. */
    private void waves(double wave) {
        onlySeen(wave);
        for (double y = top + wave / 2; y < bottom + wave; y += wave) {
            for (double x = left; x < right; x += wave) {
                context.strokeArc(x, y - wave / 4, wave / 2, wave / 2, 0, 180, ArcType.OPEN);
                context.strokeArc(
                        x + wave / 2, y - wave / 4, wave / 2, wave / 2, 180, 180, ArcType.OPEN);
            }
        }
    }
}
