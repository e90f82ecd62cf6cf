package pteron.app.drawing;

import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/** Finds what lies under the pointer. */
final class PartUnder {

    /** Half the side of what the pointer covers (mm). */
    private static final double HALF_MM = 0.5;

    private PartUnder() {}

    /** {@return the foremost part that has an area under a place of the view, empty for none} */
    static String of(Drawing drawing, Point2 at) {
        String found = "";
        if (drawing != null) {
            Polygon2 point =
                    Polygon2.rectangle(
                            new Bounds2(
                                    at.u() - HALF_MM,
                                    at.u() + HALF_MM,
                                    at.v() - HALF_MM,
                                    at.v() + HALF_MM));
            for (Shape shape : drawing.shapes()) {
                boolean under =
                        shape instanceof Shape.Area area
                                && !area.part().isEmpty()
                                && Polygon2.of(area.corners()).contains(point, HALF_MM);
                found = under ? ((Shape.Area) shape).part() : found;
            }
        }
        return found;
    }
}
