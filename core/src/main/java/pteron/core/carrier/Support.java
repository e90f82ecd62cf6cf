package pteron.core.carrier;

/**
 * One of the two supports that the carrier stands on: the coupler or front axle, or the group of axles
 * behind it. Immutable.
 *
 * @param key stable key: {@code coupler}, {@code front-axle}, {@code axles}, {@code rear-axles}
 * @param name what a builder calls it
 * @param placeMm where it stands; of a group its middle (x, mm)
 * @param emptyKg what it carries empty (kg)
 * @param ratingKg what it may carry (kg)
 * @param count how many axles share it, 1 for a coupler
 */
public record Support(
        String key, String name, double placeMm, double emptyKg, double ratingKg, int count) {}
