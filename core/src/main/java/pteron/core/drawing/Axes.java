package pteron.core.drawing;

import pteron.core.geometry.Point2;

/**
 * How the two ways in which something is moved lie in a view: along its wall or the box, and up or across it.
 * Immutable.
 *
 * @param along what a mm along is in the view (mm)
 * @param up what a mm up is in the view (mm)
 */
public record Axes(Point2 along, Point2 up) {

    /** Share of a mm that must be seen for something to be moved by it. */
    private static final double LEAST_SEEN = 0.05;

    /** {@return axes of what is looked at squarely: along to the right (1) or to the left (−1), up upwards} */
    public static Axes square(int alongPerRight) {
        return new Axes(new Point2(alongPerRight, 0), new Point2(0, 1));
    }

    private double seen() {
        return along.cross(up);
    }

    /** {@return whether it is seen well enough to be moved in the view} */
    public boolean canBeMoved() {
        return Math.abs(seen()) > LEAST_SEEN;
    }

    /** {@return how far along and up something goes for a way in the view (mm)} */
    public Point2 moved(Point2 way) {
        return new Point2(way.cross(up) / seen(), along.cross(way) / seen());
    }

    /** {@return as long a step as a level or plumb way in the view, along or up, whichever lies more its way} */
    public Point2 step(Point2 way) {
        double length = way.length();
        double alongIt = along.unit().dot(way);
        double upIt = up.unit().dot(way);
        return Math.abs(alongIt) >= Math.abs(upIt)
                ? new Point2(Math.signum(alongIt) * length, 0)
                : new Point2(0, Math.signum(upIt) * length);
    }
}
