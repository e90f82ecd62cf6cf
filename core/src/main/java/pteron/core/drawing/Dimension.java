package pteron.core.drawing;

import java.util.Set;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/**
 * A dimension line outside of what it measures. Immutable.
 *
 * @param key field of the plan that it sets, empty where it only tells
 * @param from where it begins on the part
 * @param to where it ends on the part
 * @param side on which side of the drawing its line stands
 * @param row how far out, 0 nearest
 * @param valueMm what it says (mm)
 * @param edgeMm edge of the view that its rows are counted from (mm)
 */
public record Dimension(
        String key, Point2 from, Point2 to, Side side, int row, double valueMm, double edgeMm) {

    private static final Set<String> OVERALL = Set.of("box.length", "box.width", "box.height");

    /** Sides of a drawing. */
    public enum Side {
        /** Above; measures across. */
        TOP,
        /** Below; measures across. */
        BOTTOM,
        /** On the left; measures upwards. */
        LEFT,
        /** On the right; measures upwards. */
        RIGHT;

        /** {@return whether its dimensions measure across} */
        public boolean isAcross() {
            return this == TOP || this == BOTTOM;
        }
    }

    /** {@return what it says: a distance ahead of where it is counted from, or below it, without a minus} */
    public String text(UnitSystem units) {
        String length = LengthText.format(Math.abs(valueMm), units);
        return valueMm >= 0 ? length : length + (side.isAcross() ? " ahead" : " below");
    }

    /** {@return whether typing into it changes the plan} */
    public boolean canBeSet() {
        return !key.isEmpty();
    }

    /** {@return whether it measures the whole box} */
    boolean isOverall() {
        return key.isEmpty() || OVERALL.contains(key);
    }

    /** {@return this dimension in another row} */
    Dimension inRow(int other) {
        return new Dimension(key, from, to, side, other, valueMm, edgeMm);
    }

    /** {@return this dimension moved with its view (mm)} */
    public Dimension moved(Point2 by) {
        double edge = edgeMm + (side.isAcross() ? by.v() : by.u());
        return new Dimension(key, from.plus(by), to.plus(by), side, row, valueMm, edge);
    }

    /** {@return this dimension with its rows counted from the edge of a view} */
    Dimension outside(Bounds2 view) {
        double edge =
                switch (side) {
                    case TOP -> view.toV();
                    case BOTTOM -> view.fromV();
                    case LEFT -> view.fromU();
                    case RIGHT -> view.toU();
                };
        return new Dimension(key, from, to, side, row, valueMm, edge);
    }
}
