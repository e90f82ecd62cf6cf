package pteron.core.opening;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;

/** Sizes of doors and windows laid over their walls. */
public final class OpeningLayer implements Layer {

    @Override
    public int dimensions(Canvas canvas, String selected) {
        if (canvas.view().isSide()) {
            return new OpeningDimensions(canvas).side(selected);
        }
        return canvas.view().isEnd() ? new OpeningDimensions(canvas).end() : 0;
    }
}
