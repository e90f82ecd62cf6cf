package pteron.core.outline;

import java.util.Optional;
import pteron.core.curve.Curve;
import pteron.core.curve.Straight;
import pteron.core.geometry.Point2;
import pteron.core.plan.Box;
import pteron.core.surface.Crown;

/**
 * A smooth piece of the outline, walked from the front foot over the roof. Immutable.
 *
 * @param index 0 at the front foot, in the order of the walk
 * @param kind what it is to the box
 * @param curve its shape, (x, z) in mm
 * @param point index of the plan's corner that it arrives at, or, of a fillet, that it rounds
 */
public record Element(int index, EdgeKind kind, Curve curve, int point) {

    /** Curvature below which nothing bends: a radius of a thousand kilometres (1/mm). */
    private static final double LEAST_CURVATURE = 1e-9;

    /** {@return whether it is a straight line} */
    public boolean isStraight() {
        return curve instanceof Straight;
    }

    /** {@return whether it bends: a batten between spots in a line lies straight, as far as anyone could measure} */
    public boolean bends() {
        return curve.hardestCurvature() > LEAST_CURVATURE;
    }

    /** {@return its length (mm)} */
    public double lengthMm() {
        return curve.lengthMm();
    }

    /** {@return whether it begins or ends at a point, to a millimetre} */
    public boolean touches(Point2 point) {
        return curve.from().distance(point) < 1 || curve.to().distance(point) < 1;
    }

    /** {@return it as a straight edge from end to end} */
    public Edge edge() {
        return new Edge(index, kind, curve.from(), curve.to());
    }

    /** {@return the rise of this piece across the width, empty for all but straight pieces of a roof that has one} */
    public Optional<Crown> crown(Box box) {
        return crown(box.widthMm(), box.details().crownMm());
    }

    /** {@return the same of a box that is so wide and whose roof rises so much (mm)} */
    public Optional<Crown> crown(double widthMm, double riseMm) {
        return kind == EdgeKind.ROOF && isStraight() && riseMm > 0
                ? Optional.of(new Crown(widthMm, riseMm))
                : Optional.empty();
    }

    /** {@return width of the strip there, laid out flat: over its rise where it has one (mm)} */
    public double acrossMm(Box box) {
        return crown(box).map(Crown::arcMm).orElse(box.widthMm());
    }
}
