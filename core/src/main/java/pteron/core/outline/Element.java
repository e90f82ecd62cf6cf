package pteron.core.outline;

import pteron.core.curve.Curve;
import pteron.core.curve.Straight;

/**
 * A smooth piece of the outline, walked from the front foot over the roof. Immutable.
 *
 * @param index 0 at the front foot, in the order of the walk
 * @param kind what it is to the box
 * @param curve its shape, (x, z) in mm
 * @param point index of the plan's corner that it arrives at, or, of a fillet, that it rounds
 */
public record Element(int index, EdgeKind kind, Curve curve, int point) {

    /** {@return whether it is a straight line} */
    public boolean isStraight() {
        return curve instanceof Straight;
    }

    /** {@return its length (mm)} */
    public double lengthMm() {
        return curve.lengthMm();
    }

    /** {@return it as a straight edge from end to end} */
    public Edge edge() {
        return new Edge(index, kind, curve.from(), curve.to());
    }
}
