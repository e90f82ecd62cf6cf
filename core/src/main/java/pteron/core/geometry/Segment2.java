package pteron.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A straight line between two points. Immutable.
 *
 * @param from where it begins
 * @param to where it ends, another point
 */
public record Segment2(Point2 from, Point2 to) {

    /** Length below which a stretch is rounding and none (mm). */
    private static final double NONE_MM = 1e-7;

    /** {@return its length (mm)} */
    public double lengthMm() {
        return from.distance(to);
    }

    /** {@return the rectangle round it} */
    public Bounds2 bounds() {
        return new Bounds2(
                Math.min(from.u(), to.u()),
                Math.max(from.u(), to.u()),
                Math.min(from.v(), to.v()),
                Math.max(from.v(), to.v()));
    }

    /** {@return its middle} */
    public Point2 middle() {
        return from.plus(to).times(0.5);
    }

    /** {@return the stretch that lies in a rectangle, its edge included; empty when there is none} */
    public Optional<Segment2> within(Bounds2 area) {
        double[] share = shareWithin(area);
        boolean some = share[1] > share[0] && (share[1] - share[0]) * lengthMm() > NONE_MM;
        return some ? Optional.of(new Segment2(at(share[0]), at(share[1]))) : Optional.empty();
    }

    /** {@return the stretches that lie outside of a rectangle, in the order of this} */
    public List<Segment2> outside(Bounds2 area) {
        if (within(area).isEmpty()) {
            return List.of(this);
        }
        double[] share = shareWithin(area);
        return Stream.of(new Segment2(from, at(share[0])), new Segment2(at(share[1]), to))
                .filter(stretch -> stretch.lengthMm() > NONE_MM)
                .toList();
    }

    private Point2 at(double share) {
        return from.plus(to.minus(from).times(share));
    }

    /** Shares of the way at which a rectangle is entered and left (Liang and Barsky 1984). */
    private double[] shareWithin(Bounds2 area) {
        Point2 way = to.minus(from);
        double[] share = {0, 1};
        narrow(share, way.u(), area.fromU() - from.u(), area.toU() - from.u());
        narrow(share, way.v(), area.fromV() - from.v(), area.toV() - from.v());
        return share;
    }

    private static void narrow(double[] share, double way, double enter, double leave) {
        if (way == 0) {
            // beside the rectangle, or along it: then this side does not narrow anything
            share[1] = enter <= 0 && leave >= 0 ? share[1] : -1;
            return;
        }
        share[0] = Math.max(share[0], Math.min(enter / way, leave / way));
        share[1] = Math.min(share[1], Math.max(enter / way, leave / way));
    }
}
