package pteron.app.drawing;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Rectangle2D;
import pteron.core.drawing.Dimension;

/**
 * Puts the figures on their dimension lines; beside a line that is too short for its figure. A figure that
 * would lie on another one is left out until the drawing is enlarged.
 */
final class FigureLayout {

    /** Room between a figure and the ticks of its line (pixels). */
    private static final double CLEAR = 6;

    /** How far two figures may reach into each other's margins (pixels). */
    private static final double MARGIN = 4;

    /** The same over and under level figures, which stand in a column. */
    private static final double LEVEL_MARGIN = 1;

    /** Half figures that a level figure may stand off its place. */
    private static final int LEVELS = 8;

    private final List<DimensionNode> figures;
    private final ViewTransform transform;
    private final double width;
    private final double height;
    private final List<Rectangle2D> taken = new ArrayList<>();

    FigureLayout(
            List<DimensionNode> figures, ViewTransform transform, double width, double height) {
        this.figures = figures;
        this.transform = transform;
        this.width = width;
        this.height = height;
    }

    void place() {
        figures.forEach(DimensionNode::autosize);
        figures.stream().filter(this::fits).forEach(this::place);
        figures.stream().filter(node -> !fits(node)).forEach(this::place);
    }

    private void place(DimensionNode node) {
        Dimension dimension = node.dimension();
        double row = DimensionLines.rowAt(dimension, transform);
        boolean upright = DimensionLines.isUpward(dimension);
        boolean level = upright && !node.isUpward();
        for (double along : places(node)) {
            double x = level ? row - node.getWidth() / 2 - CLEAR : upright ? row : along;
            double y = upright ? along : row;
            if (!node.isEditing() && isOutside(x, y)) {
                continue;
            }
            Rectangle2D room = put(node, x, y);
            if (node.isEditing() || taken.stream().noneMatch(room::intersects)) {
                taken.add(room);
                node.setVisible(true);
                return;
            }
        }
        node.setVisible(false);
    }

    /** A line that is zoomed out of sight takes its figure along. */
    private boolean isOutside(double x, double y) {
        return x < -CLEAR || x > width + CLEAR || y < -CLEAR || y > height + CLEAR;
    }

    /**
     * Puts a figure over a point, but inside the drawing.
     *
     * @return the room that it takes there
     */
    private Rectangle2D put(DimensionNode node, double x, double y) {
        boolean turned = node.isUpward() && !node.isEditing();
        // a figure that is turned is as high as its node is wide
        double wideHalf = (turned ? node.getHeight() : node.getWidth()) / 2;
        double highHalf = (turned ? node.getWidth() : node.getHeight()) / 2;
        double atX = Math.clamp(x, wideHalf, Math.max(wideHalf, width - wideHalf));
        double atY = Math.clamp(y, highHalf, Math.max(highHalf, height - highHalf));
        node.relocate(Math.rint(atX - node.getWidth() / 2), Math.rint(atY - node.getHeight() / 2));
        double middleX = node.getLayoutX() + node.getWidth() / 2;
        double middleY = node.getLayoutY() + node.getHeight() / 2;
        double wide = (turned ? node.getHeight() : node.getWidth()) - 2 * MARGIN;
        boolean level = DimensionLines.isUpward(node.dimension()) && !node.isUpward();
        double margin = level ? LEVEL_MARGIN : MARGIN;
        double high = (turned ? node.getWidth() : node.getHeight()) - 2 * margin;
        return new Rectangle2D(
                middleX - wide / 2, middleY - high / 2, Math.max(1, wide), Math.max(1, high));
    }

    private double from(Dimension dimension) {
        return DimensionLines.isUpward(dimension)
                ? Math.min(transform.y(dimension.from().v()), transform.y(dimension.to().v()))
                : Math.min(transform.x(dimension.from().u()), transform.x(dimension.to().u()));
    }

    private double to(Dimension dimension) {
        return DimensionLines.isUpward(dimension)
                ? Math.max(transform.y(dimension.from().v()), transform.y(dimension.to().v()))
                : Math.max(transform.x(dimension.from().u()), transform.x(dimension.to().u()));
    }

    private boolean fits(DimensionNode node) {
        double room = to(node.dimension()) - from(node.dimension());
        boolean level = DimensionLines.isUpward(node.dimension()) && !node.isUpward();
        double needed = level ? node.getHeight() : node.getWidth() + 2 * CLEAR;
        return room > needed || node.isEditing();
    }

    /** {@return middles of a figure along its line, the best first; beside it where it is too short} */
    private List<Double> places(DimensionNode node) {
        double low = from(node.dimension());
        double high = to(node.dimension());
        double middle = (low + high) / 2;
        if (DimensionLines.isUpward(node.dimension()) && !node.isUpward()) {
            return near(middle, node.getHeight());
        }
        if (fits(node)) {
            return List.of(middle);
        }
        double out = node.getWidth() / 2 + CLEAR;
        boolean room = low - out - node.getWidth() / 2 >= 0;
        boolean free = figures.stream().noneMatch(other -> endsAt(other, node, low));
        List<Double> places =
                new ArrayList<>(
                        room && free
                                ? List.of(low - out, high + out)
                                : room ? List.of(high + out, low - out) : List.of(high + out));
        // over its own ticks rather than not at all
        places.add(middle);
        return places;
    }

    /** Beside its stretch, or as little over or under it as others leave room. */
    private static List<Double> near(double middle, double high) {
        List<Double> places = new ArrayList<>(List.of(middle));
        for (int i = 1; i <= LEVELS; i++) {
            places.add(middle - i * high / 2);
            places.add(middle + i * high / 2);
        }
        return places;
    }

    /** {@return whether another dimension of the same row ends where this one begins} */
    private boolean endsAt(DimensionNode other, DimensionNode node, double low) {
        Dimension a = other.dimension();
        Dimension b = node.dimension();
        boolean sameRow = other != node && a.side() == b.side() && a.row() == b.row();
        return sameRow && Math.abs(to(a) - low) < 2;
    }
}
