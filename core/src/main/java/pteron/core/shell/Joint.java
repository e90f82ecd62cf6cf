package pteron.core.shell;

import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;

/**
 * Where the frame of a band ends: on its outer and on its inner face (x, z).
 *
 * @param out end of the outer face
 * @param in end of the inner face
 */
record Joint(Point2 out, Point2 in) {

    /**
     * Turn up to which two bands are mitred (degrees). At 60° the bevel of a mitre, half the turn, and
     * that of a lap, 90° less the turn, are the same; the smaller one leaves more timber.
     */
    static final double MITRE_UP_TO_DEGREES = 60;

    /** {@return where the band ends at its neighbour} */
    static Joint between(Band band, Band neighbour, double turnDegrees) {
        boolean lap = turnDegrees > MITRE_UP_TO_DEGREES;
        if (!lap) {
            return new Joint(
                    corner(band.frameOut(), neighbour.frameOut()),
                    corner(band.frameIn(), neighbour.frameIn()));
        }
        boolean liesOver = band.edge().steepnessDegrees() < neighbour.edge().steepnessDegrees();
        Line2 end = liesOver ? neighbour.frameOut() : neighbour.frameIn();
        return new Joint(corner(band.frameOut(), end), corner(band.frameIn(), end));
    }

    /** {@return where the band stands on a level floor} */
    static Joint onFloor(Band band, Line2 floor) {
        return new Joint(corner(band.frameOut(), floor), corner(band.frameIn(), floor));
    }

    /** {@return where two lines meet; where they run on, the end of the first} */
    static Point2 corner(Line2 one, Line2 other) {
        return one.meets(other).orElseGet(() -> one.at(one.along(other.origin())));
    }
}
