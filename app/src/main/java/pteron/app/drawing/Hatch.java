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

    /** Hatches a rectangle of a cut. */
    void over(Shape.Area area) {
        Bounds2 bounds = Polygon2.of(area.corners()).bounds();
        left = transform.x(bounds.fromU());
        right = transform.x(bounds.toU());
        top = transform.y(bounds.toV());
        bottom = transform.y(bounds.fromV());
        Color ink = palette.ink().deriveColor(0, 1, 1, 0.35);
        context.save();
        context.beginPath();
        context.rect(left, top, right - left, bottom - top);
        context.clip();
        context.setLineDashes();
        context.setStroke(ink);
        context.setLineWidth(0.9);
        lines(area.matter());
        context.restore();
    }

    private void lines(Matter matter) {
        switch (matter) {
            case TIMBER -> slanted(STEP * 1.4, 1);
            case BOARD -> level(4);
            case FOAM -> waves();
            case METAL, SKIN -> slanted(4, 1);
            case ROLL -> {
                slanted(6, 1);
                slanted(6, -1);
            }
            default -> {}
        }
    }

    private void slanted(double step, int way) {
        double high = bottom - top;
        for (double x = left - high; x < right + high; x += step) {
            context.strokeLine(x, way > 0 ? bottom : top, x + high, way > 0 ? top : bottom);
        }
    }

    private void level(double step) {
        for (double y = top + step; y < bottom; y += step) {
            context.strokeLine(left, y, right, y);
        }
    }

    /** Small waves, as foam and wool are drawn with a pencil. */
    private void waves() {
        for (double y = top + WAVE / 2; y < bottom + WAVE; y += WAVE) {
            for (double x = left; x < right; x += WAVE) {
                context.strokeArc(x, y - WAVE / 4, WAVE / 2, WAVE / 2, 0, 180, ArcType.OPEN);
                context.strokeArc(
                        x + WAVE / 2, y - WAVE / 4, WAVE / 2, WAVE / 2, 180, 180, ArcType.OPEN);
            }
        }
    }
}
