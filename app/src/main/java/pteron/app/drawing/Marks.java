package pteron.app.drawing;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import pteron.app.style.Palette;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;

/** Paints marks: centre of gravity, handles, hardest bend, water, the place of a finding. */
final class Marks {

    private static final double MARK = 15;

    private final GraphicsContext context;
    private final ViewTransform transform;
    private final Palette palette;

    Marks(GraphicsContext context, ViewTransform transform, Palette palette) {
        this.context = context;
        this.transform = transform;
        this.palette = palette;
    }

    void draw(Shape.Mark mark) {
        double x = transform.x(mark.at().u());
        double y = transform.y(mark.at().v());
        switch (mark.kind()) {
            case CENTRE_OF_GRAVITY -> centreOfGravity(x, y);
            case HANDLE -> {
                context.setFill(palette.paper());
                context.fillRect(x - 5, y - 5, 10, 10);
                stroke(palette.choice(), 2.2);
                context.strokeRect(x - 5, y - 5, 10, 10);
            }
            case SPOT -> {
                context.setFill(palette.paper());
                context.fillOval(x - 5, y - 5, 10, 10);
                stroke(palette.choice(), 2.2);
                context.strokeOval(x - 5, y - 5, 10, 10);
            }
            case HARDEST -> {
                stroke(palette.watch(), 2.4);
                context.strokePolygon(
                        new double[] {x, x - 9, x + 9}, new double[] {y - 3, y - 19, y - 19}, 3);
            }
            case WEIGHT -> {
                context.setFill(palette.quiet());
                context.fillOval(x - 6, y - 6, 12, 12);
            }
            case WATER -> water(x, y);
        }
    }

    private void water(double x, double y) {
        context.setFill(palette.choice());
        context.fillOval(x - 4, y - 3, 8, 8);
        context.fillPolygon(new double[] {x, x - 4, x + 4}, new double[] {y - 10, y, y}, 3);
    }

    private void centreOfGravity(double x, double y) {
        context.setFill(palette.paper());
        context.fillOval(x - MARK / 2, y - MARK / 2, MARK, MARK);
        context.setFill(palette.choice());
        context.fillArc(x - MARK / 2, y - MARK / 2, MARK, MARK, 0, 90, ArcType.ROUND);
        context.fillArc(x - MARK / 2, y - MARK / 2, MARK, MARK, 180, 90, ArcType.ROUND);
        stroke(palette.choice(), 2);
        context.strokeOval(x - MARK / 2, y - MARK / 2, MARK, MARK);
    }

    void ring(Point2 at) {
        double x = transform.x(at.u());
        double y = transform.y(at.v());
        stroke(palette.stops(), 3);
        context.strokeOval(x - 16, y - 16, 32, 32);
        context.strokeLine(x, y - 26, x, y - 16);
        context.strokeLine(x, y + 16, x, y + 26);
        context.strokeLine(x - 26, y, x - 16, y);
        context.strokeLine(x + 16, y, x + 26, y);
    }

    /** The handle that is chosen, filled. */
    void chosen(Point2 handle) {
        context.setFill(palette.choice());
        double x = transform.x(handle.u());
        double y = transform.y(handle.v());
        context.fillOval(x - 4, y - 4, 8, 8);
    }

    private void stroke(Color color, double width) {
        context.setStroke(color);
        context.setLineWidth(width);
    }
}
