package pteron.core.wind;

/**
 * What wind does to a part, outside and inside together. Immutable.
 *
 * @param name zones that the part lies in: {@code F and G}
 * @param net part of the wind's pressure (1), 0 or above
 */
public record Zone(String name, double net) {

    /** Pressure inside that adds to suction outside: EN 1991-1-4 7.2.9(6), from memory. */
    public static final double INSIDE_PRESSURE = 0.2;

    /** Suction inside that adds to pressure outside: EN 1991-1-4 7.2.9(6), from memory. */
    public static final double INSIDE_SUCTION = 0.3;

    /** {@return the harder of two} */
    public Zone harder(Zone other) {
        return other.net > net ? other : this;
    }
}
