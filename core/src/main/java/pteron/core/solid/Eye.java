package pteron.core.solid;

import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;

/**
 * Where the box is looked at from, far away. Immutable.
 *
 * @param turnDegrees how far round it, 0 from behind, 90 from the left, 180 from ahead
 * @param upDegrees how far from above, −89 to 89
 */
public record Eye(double turnDegrees, double upDegrees) {

    /** From the left and behind, a little from above. */
    public static final Eye USUAL = new Eye(55, 18);

    private static final double MOST_UP = 89;

    /** Keeps the turn within a whole one and the height within its range. */
    public Eye {
        turnDegrees = (turnDegrees % 360 + 360) % 360;
        upDegrees = Math.clamp(upDegrees, -MOST_UP, MOST_UP);
    }

    /** {@return this eye so much further round and up (degrees)} */
    public Eye turned(double roundDegrees, double upwardDegrees) {
        return new Eye(turnDegrees + roundDegrees, upDegrees + upwardDegrees);
    }

    /** {@return the direction from the box to the eye, length 1} */
    public Point3 towards() {
        double turn = Math.toRadians(turnDegrees);
        double up = Math.toRadians(upDegrees);
        return new Point3(
                Math.cos(turn) * Math.cos(up), -Math.sin(turn) * Math.cos(up), Math.sin(up));
    }

    /** {@return where a point is seen (mm)} */
    public Point2 project(Point3 point) {
        double turn = Math.toRadians(turnDegrees);
        double up = Math.toRadians(upDegrees);
        double away = Math.cos(turn) * point.x() - Math.sin(turn) * point.y();
        return new Point2(
                Math.sin(turn) * point.x() + Math.cos(turn) * point.y(),
                Math.cos(up) * point.z() - Math.sin(up) * away);
    }

    /** {@return in words where it is: {@code seen from the left rear, 18° from above}} */
    public String words() {
        String[] sides = {
            "rear", "left rear", "left", "left front", "front", "right front", "right", "right rear"
        };
        String side = sides[(int) Math.round(turnDegrees / 45) % sides.length];
        long up = Math.round(Math.abs(upDegrees));
        String height = up == 0 ? "level" : up + "° from " + (upDegrees > 0 ? "above" : "below");
        return "seen from the " + side + ", " + height;
    }
}
