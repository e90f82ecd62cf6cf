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

    /** {@return the same view with the dimensions of the whole box alone, in the nearest rows} */
    public Drawing withOverallDimensions() {
        List<Dimension> overall = dimensions.stream().filter(Dimension::isOverall).toList();
        List<Dimension> nearer =
                overall.stream()
                        .map(
                                one ->
                                        one.inRow(
                                                (int)
                                                        overall.stream()
                                                                .filter(o -> o.side() == one.side())
                                                                .mapToInt(Dimension::row)
                                                                .filter(row -> row < one.row())
                                                                .distinct()
                                                                .count()))
                        .toList();
        return new Drawing(view, shapes, nearer, grips, bounds);
    }
}
