package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;

/** Draws front or rear of the box on its carrier. */
final class EndShapes {

    private final List<Layer> layers;
    private final Canvas canvas;
    private final double half;
    private final double top;

    EndShapes(BoxModel model, View view, List<Layer> layers, String aspect) {
        this.layers = layers;
        this.canvas = Canvases.of(model, view, aspect);
        this.half = model.plan().box().widthMm() / 2;
        this.top = model.outline().heightMm();
    }

    Drawing drawing(String selected) {
        new CarrierShapes(canvas).end();
        canvas.rectangle(Matter.SKIN, canvas.at(0, -half, 0), canvas.at(0, half, top));
        new BoxShapes(canvas, layers).panels();
        new BareShapes(canvas).strip();
        canvas.line(
                LineKind.OUTLINE,
                canvas.at(0, -half, 0),
                canvas.at(0, -half, top),
                canvas.at(0, half, top),
                canvas.at(0, half, 0));
        layers.forEach(layer -> layer.overBox(canvas));
        dimensions(selected);
        return canvas.drawing();
    }

    private void dimensions(String selected) {
        Point2 left = canvas.at(0, -half, top);
        Point2 right = canvas.at(0, half, top);
        int row = LayerRows.rows(layers, canvas, selected);
        canvas.dimension("box.width", left, right, Side.TOP, row);
        Point2 outermost = left.u() > right.u() ? left : right;
        canvas.dimension(
                "box.height",
                new Point2(outermost.u(), outermost.v() - top),
                outermost,
                Side.RIGHT,
                0);
        canvas.tells(new Point2(outermost.u(), 0), outermost, Side.RIGHT, 1);
    }
}
