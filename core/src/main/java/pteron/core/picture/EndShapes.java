package pteron.core.picture;

import java.util.ArrayList;
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
import pteron.core.plan.Box;
import pteron.core.surface.Crown;

/** Draws front or rear of the box on its carrier. */
final class EndShapes {

    /** Straight lines that draw the arc of a roof. */
    private static final int ARC_LINES = 24;

    private final List<Layer> layers;
    private final Canvas canvas;
    private final Box box;
    private final boolean straightRoof;
    private final double half;
    private final double top;

    EndShapes(BoxModel model, View view, List<Layer> layers, String aspect) {
        this.layers = layers;
        this.canvas = Canvases.of(model, view, aspect);
        this.box = model.plan().box();
        this.straightRoof = model.outline().hasStraightRoof();
        this.half = box.widthMm() / 2;
        this.top = model.outline().heightMm();
    }

    Drawing drawing(String selected) {
        new CarrierShapes(canvas).end();
        canvas.area(Matter.SKIN, silhouette());
        new BoxShapes(canvas, layers).panels();
        new BareShapes(canvas).strip();
        List<Point2> outline = new ArrayList<>(silhouette());
        canvas.line(LineKind.OUTLINE, outline);
        new RoofEdgeShapes(canvas).end();
        layers.forEach(layer -> layer.overBox(canvas));
        dimensions(selected);
        return canvas.drawing();
    }

    /** The box end on, from its left foot round to its right one; narrower below wings. */
    private List<Point2> silhouette() {
        List<Point2> round = new ArrayList<>();
        double step = box.details().wings().fromMm();
        double lower = box.lowerWidthMm() / 2;
        round.add(canvas.at(0, -lower, 0));
        if (box.details().wings().exists()) {
            round.add(canvas.at(0, -lower, step));
            round.add(canvas.at(0, -half, step));
        }
        roof(round);
        if (box.details().wings().exists()) {
            round.add(canvas.at(0, half, step));
            round.add(canvas.at(0, lower, step));
        }
        round.add(canvas.at(0, lower, 0));
        return round;
    }

    /** The roof's edges, or the arc between them where it rises across the width. */
    private void roof(List<Point2> round) {
        double rise = straightRoof ? box.details().crownMm() : 0;
        int pieces = rise > 0 ? ARC_LINES : 1;
        for (int i = 0; i <= pieces; i++) {
            double y = -half + 2 * half * i / pieces;
            double high = rise > 0 ? new Crown(2 * half, rise).heightMm(y) : 0;
            round.add(canvas.at(0, y, top + high));
        }
    }

    private void wings() {
        if (!box.details().wings().exists()) {
            return;
        }
        double step = box.details().wings().fromMm();
        double lower = box.lowerWidthMm() / 2;
        Point2 left = canvas.at(0, -lower, 0);
        Point2 right = canvas.at(0, lower, 0);
        canvas.dimension("wings.width", left, right, Side.BOTTOM, 0);
        Point2 near = left.u() < right.u() ? left : right;
        canvas.dimension("wings.from", near, near.plus(new Point2(0, step)), Side.LEFT, 0);
    }

    private void dimensions(String selected) {
        wings();
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
        double rise = straightRoof ? box.details().crownMm() : 0;
        Point2 highest = outermost.plus(new Point2(0, rise));
        canvas.tells(new Point2(outermost.u(), 0), highest, Side.RIGHT, 1);
    }
}
