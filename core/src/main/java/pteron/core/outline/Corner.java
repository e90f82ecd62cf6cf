package pteron.core.outline;

import pteron.core.geometry.Point2;
import pteron.core.quantity.Require;

/**
 * Where two edges of the outline meet. Immutable.
 *
 * @param at place (x, z) in mm
 * @param turnDegrees how far the walk turns (degrees); above 0 towards the box, below 0 away from it
 */
public record Corner(Point2 at, double turnDegrees) {

    /** {@return the mitre that closes this corner (degrees from a square cut)} */
    public double mitreDegrees() {
        return mitre(Math.abs(turnDegrees));
    }

    /**
     * Mitre of a corner: half the turn.
     *
     * <pre>  m = turn / 2  </pre>
     *
     * m angle of each cut from a square cut (degrees), turn change of direction (degrees, 0 to 180).
     * Exact for pieces of the same depth.
     *
     * <p>Source: geometry; common practice of the trade.
     *
     * <p>Example: a 45° slope gives 22.5° on each piece.
     *
     * @throws IllegalArgumentException if the turn is not from 0 to 180
     */
    public static double mitre(double turnDegrees) {
        return Require.within("turn", turnDegrees, new Require.Range(0, 180, "°")) / 2;
    }
}
