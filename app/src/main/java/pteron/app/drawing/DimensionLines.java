package pteron.app.drawing;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import pteron.app.style.Palette;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Dimension.Side;

/** Paints dimension lines, without their figures, and says where they stand. */
final class DimensionLines {

    private static final double TICK = 4;

    private final GraphicsContext context;
    private final ViewTransform transform;
    private final Palette palette;

    DimensionLines(GraphicsContext context, ViewTransform transform, Palette palette) {
        this.context = context;
        this.transform = transform;
        this.palette = palette;
    }

    void draw(Dimension dimension) {
        stroke(palette.quiet(), 0.8);
        double at = rowAt(dimension, transform);
        if (dimension.side().isAcross()) {
            double from = transform.x(dimension.from().u());
            double to = transform.x(dimension.to().u());
            context.strokeLine(from, at, to, at);
            context.strokeLine(from, transform.y(dimension.from().v()), from, at);
            context.strokeLine(to, transform.y(dimension.to().v()), to, at);
            tick(from, at);
            tick(to, at);
        } else {
            double from = transform.y(dimension.from().v());
            double to = transform.y(dimension.to().v());
            context.strokeLine(at, from, at, to);
            context.strokeLine(transform.x(dimension.from().u()), from, at, from);
            context.strokeLine(transform.x(dimension.to().u()), to, at, to);
            tick(at, from);
            tick(at, to);
        }
    }

    private void tick(double x, double y) {
        stroke(palette.ink(), 1.4);
        context.strokeLine(x - TICK, y + TICK, x + TICK, y - TICK);
        stroke(palette.quiet(), 0.8);
    }

    /** {@return where a dimension line stands: y when it measures across, x when upwards (pixels)} */
    static double rowAt(Dimension dimension, ViewTransform transform) {
        double out = ViewTransform.FIRST_ROW + ViewTransform.ROW * dimension.row();
        return switch (dimension.side()) {
            case TOP -> transform.y(dimension.edgeMm()) - out;
            case BOTTOM -> transform.y(dimension.edgeMm()) + out;
            case LEFT -> transform.x(dimension.edgeMm()) - out;
            case RIGHT -> transform.x(dimension.edgeMm()) + out;
        };
    }

    static boolean isUpward(Dimension dimension) {
        return dimension.side() == Side.LEFT || dimension.side() == Side.RIGHT;
    }

    private void stroke(Color color, double width) {
        context.setStroke(color);
        context.setLineWidth(width);
    }
}
