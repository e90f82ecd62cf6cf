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
        return switch (canvas.view()) {
            case FRONT, REAR -> new OpeningDimensions(canvas).end();
            case ROOF -> new OpeningDimensions(canvas).above();
            default -> 0;
        };
    }
}
