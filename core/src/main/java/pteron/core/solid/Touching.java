package pteron.core.solid;

import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/**
 * Shapes that may lie right beside others in the same surface. Immutable.
 *
 * @param shapes upright rectangles hide what they touch; others are taken to hide nothing
 * @param hidesInside whether a lining and the walls that carry it lie behind
 */
record Touching(List<Polygon2> shapes, boolean hidesInside) implements Prism.Touch {

    /** How far beside an edge is looked for a shape (mm). */
    private static final double BESIDE_MM = 0.05;

    /** Keeps the rectangles. */
    Touching {
        shapes = shapes.stream().filter(Touching::isRectangle).toList();
    }

    private static boolean isRectangle(Polygon2 shape) {
        Bounds2 bounds = shape.bounds();
        return shape.holes().isEmpty()
                && shape.corners().size() == 4
                && Math.abs(shape.area() - bounds.width() * bounds.height()) < BESIDE_MM;
    }

    @Override
    public boolean hides(Point2 from, Point2 to) {
        Bounds2 edge =
                new Bounds2(
                        Math.min(from.u(), to.u()),
                        Math.max(from.u(), to.u()),
                        Math.min(from.v(), to.v()),
                        Math.max(from.v(), to.v()));
        for (Polygon2 shape : shapes) {
            Bounds2 near = shape.bounds().grown(BESIDE_MM, BESIDE_MM);
            // a shape that the edge belongs to has it on its own rim and is no neighbour; callers
            // leave it out
            if (near.fromU() <= edge.fromU()
                    && edge.toU() <= near.toU()
                    && near.fromV() <= edge.fromV()
                    && edge.toV() <= near.toV()) {
                return true;
            }
        }
        return false;
    }
}
