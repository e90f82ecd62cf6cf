package pteron.core.quantity;

/**
 * How near is equal, lengths and angles apart. Immutable.
 *
 * @param lengthMm greatest difference of two equal lengths (mm), above 0
 * @param angleDegrees greatest difference of two equal angles (degrees), above 0
 */
public record Tolerance(double lengthMm, double angleDegrees) {

    /** Far below what a saw can do, far above what the arithmetic loses: for geometry. */
    public static final Tolerance GEOMETRY = new Tolerance(1e-6, 1e-7);

    /** What no saw can do: members and sheets that share less than that touch. */
    public static final Tolerance TOUCH = new Tolerance(0.01, 0.01);

    /** Greatest part of a unit direction, or ratio, that is taken for none: what the arithmetic loses. */
    public static final double DIRECTION = 1e-9;

    /** What a pencil line is wide: for what a builder would call flush or touching. */
    public static final Tolerance PENCIL = new Tolerance(0.5, 0.1);

    /**
     * Checks both.
     *
     * @throws IllegalArgumentException if one is not above 0
     */
    public Tolerance {
        Require.positive("length tolerance", lengthMm, "mm");
        Require.positive("angle tolerance", angleDegrees, "°");
    }

    /** {@return whether two lengths (mm) are equal within this tolerance} */
    public boolean sameLength(double one, double other) {
        return Math.abs(one - other) <= lengthMm;
    }
}
