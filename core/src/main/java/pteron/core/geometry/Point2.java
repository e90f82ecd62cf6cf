package pteron.core.geometry;

/**
 * A point or a vector in a plane. Immutable.
 *
 * @param u first coordinate (mm)
 * @param v second coordinate (mm)
 */
public record Point2(double u, double v) {

    /** {@return this and the other added} */
    public Point2 plus(Point2 other) {
        return new Point2(u + other.u, v + other.v);
    }

    /** {@return the vector from the other to this} */
    public Point2 minus(Point2 other) {
        return new Point2(u - other.u, v - other.v);
    }

    /** {@return this vector so many times as long} */
    public Point2 times(double factor) {
        return new Point2(u * factor, v * factor);
    }

    /** {@return the scalar product} */
    public double dot(Point2 other) {
        return u * other.u + v * other.v;
    }

    /** {@return the cross product; above 0 when the other lies to the left of this} */
    public double cross(Point2 other) {
        return u * other.v - v * other.u;
    }

    /** {@return length of this vector (mm)} */
    public double length() {
        return Math.sqrt(u * u + v * v);
    }

    /** {@return distance to the other point (mm)} */
    public double distance(Point2 other) {
        return minus(other).length();
    }

    /**
     * {@return this vector with length 1}
     *
     * @throws IllegalArgumentException if its length is 0
     */
    public Point2 unit() {
        double length = length();
        if (length == 0) {
            throw new IllegalArgumentException(
                    "vector has length [0] mm and no direction; give two different points");
        }
        return times(1 / length);
    }

    /** {@return this vector turned a quarter to the left, from u towards v} */
    public Point2 leftNormal() {
        return new Point2(-v, u);
    }
}
