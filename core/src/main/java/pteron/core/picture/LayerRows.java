package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;

/** Layers of one station together. */
final class LayerRows {

    private LayerRows() {}

    /** {@return rows taken above by the dimensions of all, which are added} */
    static int rows(List<Layer> layers, Canvas canvas, String selected) {
        return layers.stream().mapToInt(layer -> layer.dimensions(canvas, selected)).sum();
    }
}
