package pteron.core.drawing;

import java.util.List;
import pteron.core.geometry.Bounds2;

/**
 * A view of the box. Immutable.
 *
 * @param view how it is looked at
 * @param shapes from back to front
 * @param dimensions dimension lines
 * @param grips what can be dragged, front last
 * @param bounds room that the shapes take (mm), without dimensions
 */
public record Drawing(
        View view,
        List<Shape> shapes,
        List<Dimension> dimensions,
        List<Grip> grips,
        Bounds2 bounds) {

    /** Copies the lists. */
    public Drawing {
        shapes = List.copyOf(shapes);
        dimensions = List.copyOf(dimensions);
        grips = List.copyOf(grips);
    }

    /** {@return rows of dimensions on a side} */
    public int rows(Dimension.Side side) {
        return dimensions.stream()
                .filter(dimension -> dimension.side() == side)
                .mapToInt(dimension -> dimension.row() + 1)
                .max()
                .orElse(0);
    }
}
