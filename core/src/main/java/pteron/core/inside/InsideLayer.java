package pteron.core.inside;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/** The room inside laid over the sides. */
public final class InsideLayer implements Layer {

    @Override
    public void overBox(Canvas canvas) {
        if (canvas.view().isSide()) {
            canvas.box().get(Inside.class).room().ifPresent(room -> draw(canvas, room));
        }
    }

    private static void draw(Canvas canvas, Polygon2 room) {
        List<Point2> corners = new ArrayList<>();
        room.corners().forEach(corner -> corners.add(canvas.at(corner.u(), 0, corner.v())));
        corners.add(corners.getFirst());
        canvas.line(LineKind.INSIDE, corners);
    }
}
