package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.View;
import pteron.core.model.BoxModel;

/** Draws the box from above: its floor on the carrier, or its roof. */
final class AboveShapes {

    private final BoxModel model;
    private final List<Layer> layers;
    private final Canvas canvas;

    AboveShapes(BoxModel model, View view, List<Layer> layers, String aspect) {
        this.model = model;
        this.layers = layers;
        this.canvas = Canvases.of(model, view, aspect);
    }

    Drawing plan(String selected) {
        new CarrierShapes(canvas).above();
        if (layers.stream().noneMatch(Layer::showsSteel)) {
            new BoxShapes(canvas, layers).panels();
        }
        box(selected);
        deck();
        return canvas.drawing();
    }

    private void deck() {
        double half = model.plan().vehicle().deck().widthMm() / 2;
        double front = model.carrier().deckFrontMm();
        canvas.dimension(
                "deck.length",
                canvas.at(front, -half, 0),
                canvas.at(model.carrier().deckRearMm(), -half, 0),
                Side.BOTTOM,
                0);
        canvas.dimension(
                "deck.width", canvas.at(front, -half, 0), canvas.at(front, half, 0), Side.LEFT, 0);
        if (Math.abs(front) > 1) {
            canvas.dimension(
                    "box.offset", canvas.at(front, half, 0), canvas.at(0, half, 0), Side.TOP, 1);
        }
    }

    Drawing roof(String selected) {
        new BoxShapes(canvas, layers).panels();
        new BareShapes(canvas).strip();
        box(selected);
        return canvas.drawing();
    }

    private void box(String selected) {
        double half = model.plan().box().widthMm() / 2;
        double front = model.outline().foremostMm();
        double rear = model.outline().rearmostMm();
        canvas.line(
                LineKind.OUTLINE,
                canvas.at(front, -half, 0),
                canvas.at(front, half, 0),
                canvas.at(rear, half, 0),
                canvas.at(rear, -half, 0),
                canvas.at(front, -half, 0));
        layers.forEach(layer -> layer.overBox(canvas));
        int row = LayerRows.rows(layers, canvas, selected);
        canvas.dimension(
                "box.length", canvas.at(front, half, 0), canvas.at(rear, half, 0), Side.TOP, row);
        canvas.dimension(
                "box.width", canvas.at(rear, -half, 0), canvas.at(rear, half, 0), Side.RIGHT, 0);
    }
}
