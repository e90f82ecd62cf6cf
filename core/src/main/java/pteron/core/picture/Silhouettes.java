package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;

/** Small pictures without words: a carrier from the left, bare or with a box on it. */
public final class Silhouettes {

    private Silhouettes() {}

    /** {@return the carrier of a plan alone} */
    public static Drawing carrier(BoxModel model) {
        Canvas canvas = Canvases.of(model, View.LEFT);
        new CarrierShapes(canvas).side();
        return canvas.drawing();
    }

    /** {@return the carrier with the outline of its box} */
    public static Drawing box(BoxModel model) {
        Canvas canvas = Canvases.of(model, View.LEFT);
        new CarrierShapes(canvas).side();
        List<Point2> corners =
                model.outline().shape().polygon().corners().stream()
                        .map(corner -> canvas.at(corner.u(), 0, corner.v()))
                        .toList();
        canvas.area(Matter.SKIN, corners);
        List<Point2> closed = new ArrayList<>(corners);
        closed.add(corners.getFirst());
        canvas.line(LineKind.OUTLINE, closed);
        return canvas.drawing();
    }
}
