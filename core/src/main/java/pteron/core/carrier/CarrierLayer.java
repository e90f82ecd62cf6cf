package pteron.core.carrier;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.View;

/** The carrier laid over the box: what the box may hit, sizes of deck, bed and cab. */
public final class CarrierLayer implements Layer {

    @Override
    public boolean showsSteel() {
        return true;
    }

    @Override
    public void overBox(Canvas canvas) {
        if (canvas.view() != View.ROOF) {
            new SolidShapes(canvas).draw();
        }
    }

    @Override
    public int dimensions(Canvas canvas, String selected) {
        if (canvas.view().isSide()) {
            new CarrierDimensions(canvas).side();
        } else if (canvas.view().isEnd()) {
            new CarrierDimensions(canvas).end();
        }
        return 0;
    }
}
