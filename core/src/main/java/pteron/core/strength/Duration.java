package pteron.core.strength;

/**
 * How long a load stands, with the factor on strength of solid timber and plywood in service classes 1
 * and 2. Source: EN 1995-1-1 table 3.1, from memory.
 */
public enum Duration {
    /** More than ten years, such as the weight of the box. */
    PERMANENT(0.60),
    /** Half a year to ten years, such as stores. */
    LONG(0.70),
    /** A week to half a year, such as people and goods on a floor. */
    MEDIUM(0.80),
    /** Less than a week, such as wind or a person on the roof. */
    SHORT(0.90),
    /** A blow. */
    INSTANTANEOUS(1.10);

    private final double kmod;

    Duration(double kmod) {
        this.kmod = kmod;
    }

    /** {@return the modification factor} */
    public double kmod() {
        return kmod;
    }
}
