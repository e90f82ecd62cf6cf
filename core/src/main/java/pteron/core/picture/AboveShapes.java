package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;

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
        partitions();
        box(selected);
        deck();
        return canvas.drawing();
    }

    /** Walls inside from above, a door left open in them. */
    private void partitions() {
        model.find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .map(PanelFrame::panel)
                .filter(panel -> panel.kind() == PanelKind.PARTITION)
                .forEach(this::partition);
    }

    private void partition(Panel panel) {
        Bounds2 frame = panel.frame().bounds();
        double near = panel.skins().getFirst().fromInwardMm();
        double far =
                panel.skins().getLast().fromInwardMm()
                        + panel.skins().getLast().layer().thicknessMm();
        canvas.rectangle(
                Matter.TIMBER, on(panel, frame.fromU(), near), on(panel, frame.toU(), far));
        model.find(Openings.class).stream()
                .flatMap(openings -> openings.in(panel).stream())
                .forEach(
                        one ->
                                canvas.add(
                                        new Shape.Area(
                                                List.of(
                                                        on(panel, one.cutOut().fromU(), near),
                                                        on(panel, one.cutOut().toU(), near),
                                                        on(panel, one.cutOut().toU(), far),
                                                        on(panel, one.cutOut().fromU(), far)),
                                                Matter.DOOR,
                                                one.opening().id(),
                                                0)));
    }

    private Point2 on(Panel panel, double u, double inward) {
        double low = panel.frame().bounds().fromV();
        return canvas.at(panel.surface().at(new Point2(u, low), inward));
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
