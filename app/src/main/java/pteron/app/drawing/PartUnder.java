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

    /** {@return whether a convex face lies over a place} */
    private static boolean isOver(Shape.Face face, Point2 at) {
        int count = face.corners().size();
        boolean left = false;
        boolean right = false;
        for (int i = 0; i < count; i++) {
            Point2 from = face.corners().get(i);
            double side = face.corners().get((i + 1) % count).minus(from).cross(at.minus(from));
            left |= side > 0;
            right |= side < 0;
        }
        return left != right;
    }

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
                switch (shape) {
                    case Shape.Area area -> {
                        boolean under =
                                !area.part().isEmpty()
                                        && Polygon2.of(area.corners()).contains(point, HALF_MM);
                        found = under ? area.part() : found;
                    }
                    case Shape.Face face -> found = isOver(face, at) ? face.part() : found;
                    default -> {
                        // lines, marks and words are no parts
                    }
                }
            }
        }
        return found;
    }
}
