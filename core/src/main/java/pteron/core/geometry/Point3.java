package pteron.core.geometry;

/**
 * A point or vector in the box. Immutable.
 *
 * @param x from the front face to the rear (mm)
 * @param y to the right of the middle (mm)
 * @param z up from the deck (mm)
 */
public record Point3(double x, double y, double z) {

    /** {@return this and the other added} */
    public Point3 plus(Point3 other) {
        return new Point3(x + other.x, y + other.y, z + other.z);
    }

    /** {@return this vector so many times as long} */
    public Point3 times(double factor) {
        return new Point3(x * factor, y * factor, z * factor);
    }

    /** {@return the scalar product} */
    public double dot(Point3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    /** {@return the vector from the other to this} */
    public Point3 minus(Point3 other) {
        return new Point3(x - other.x, y - other.y, z - other.z);
    }

    /** {@return the vector product, by the right hand} */
    public Point3 cross(Point3 other) {
        return new Point3(
                y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    /** {@return distance to the other point (mm)} */
    public double distance(Point3 other) {
        return Math.sqrt(
                Math.pow(x - other.x, 2) + Math.pow(y - other.y, 2) + Math.pow(z - other.z, 2));
    }
}
