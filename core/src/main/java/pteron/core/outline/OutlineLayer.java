package pteron.core.outline;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;

/** The outline laid over the sides: handles, uprights, where curves bend hardest, sizes of corners. */
public final class OutlineLayer implements Layer {

    @Override
    public void overBox(Canvas canvas) {
        if (canvas.view().isSide()) {
            new OutlineShapes(canvas).draw();
        }
    }

    @Override
    public int dimensions(Canvas canvas, String selected) {
        return canvas.view().isSide() ? new OutlineDimensions(canvas).corners(selected) : 0;
    }
}
