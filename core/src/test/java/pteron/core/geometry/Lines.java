package pteron.core.geometry;

/** What tests ask of lines. */
public final class Lines {

    private Lines() {}

    /** {@return distance of a point to the left of a line (mm), negative to the right} */
    public static double leftDistance(Line2 line, Point2 point) {
        return line.direction().cross(point.minus(line.origin()));
    }
}
