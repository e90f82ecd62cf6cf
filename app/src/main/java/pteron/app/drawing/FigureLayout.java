package pteron.app.drawing;

import java.util.List;
import pteron.core.drawing.Dimension;

/** Puts the figures on their dimension lines; beside a line that is too short for its figure. */
final class FigureLayout {

    /** Room between a figure and the ticks of its line (pixels). */
    private static final double CLEAR = 6;

    private final List<DimensionNode> figures;
    private final ViewTransform transform;
    private final double width;
    private final double height;

    FigureLayout(
            List<DimensionNode> figures, ViewTransform transform, double width, double height) {
        this.figures = figures;
        this.transform = transform;
        this.width = width;
        this.height = height;
    }

    void place() {
        figures.forEach(this::place);
    }

    private void place(DimensionNode node) {
        Dimension dimension = node.dimension();
        double at = Painter.rowAt(dimension, transform);
        node.autosize();
        if (Painter.isUpward(dimension)) {
            double from = transform.y(dimension.from().v());
            double to = transform.y(dimension.to().v());
            middle(node, at, along(node, from, to));
        } else {
            double from = transform.x(dimension.from().u());
            double to = transform.x(dimension.to().u());
            middle(node, along(node, from, to), at);
        }
    }

    /** Puts a figure over a point, but inside the drawing. */
    private void middle(DimensionNode node, double x, double y) {
        double right = Math.max(0, width - node.getWidth());
        double low = Math.max(0, height - node.getHeight());
        // a figure that is turned is narrower than its node
        double least = Painter.isUpward(node.dimension()) ? -node.getWidth() / 3 : 0;
        node.relocate(
                Math.rint(Math.clamp(x - node.getWidth() / 2, least, right)),
                Math.rint(Math.clamp(y - node.getHeight() / 2, 0, low)));
    }

    /** {@return the middle of a figure on its line; beside the line where that is too short for it} */
    private double along(DimensionNode node, double from, double to) {
        double room = Math.abs(to - from);
        if (room > node.getWidth() + 2 * CLEAR || node.isEditing()) {
            return (from + to) / 2;
        }
        double low = Math.min(from, to);
        double out = node.getWidth() / 2 + CLEAR;
        boolean free =
                low - out - node.getWidth() / 2 >= 0
                        && figures.stream().noneMatch(other -> endsAt(other, node, low));
        return free ? low - out : low + room + out;
    }

    /** {@return whether another dimension of the same row ends where this one begins} */
    private boolean endsAt(DimensionNode other, DimensionNode node, double low) {
        Dimension a = other.dimension();
        Dimension b = node.dimension();
        if (other == node || a.side() != b.side() || a.row() != b.row()) {
            return false;
        }
        double end =
                Painter.isUpward(a)
                        ? Math.max(transform.y(a.from().v()), transform.y(a.to().v()))
                        : Math.max(transform.x(a.from().u()), transform.x(a.to().u()));
        return Math.abs(end - low) < 2;
    }
}
