package pteron.core.strength;

import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;

/**
 * Demand against capacity of one part in one way of failing. Immutable.
 *
 * @param key stable key, {@code stud.bending}
 * @param name what a builder calls it
 * @param part the member or panel that governs
 * @param demand what is asked of it
 * @param capacity what it can bear, in the unit of the demand, above 0
 * @param working writes the working out
 */
public record Check(
        String key,
        String name,
        String part,
        Quantity demand,
        Quantity capacity,
        Supplier<Working> working) {

    /** {@return demand over capacity} */
    public double utilisation() {
        return demand.value() / capacity.value();
    }

    /** {@return the utilisation as a figure} */
    public Figure figure() {
        return Figure.of("strength." + key, name, Quantity.ratio(utilisation()), working);
    }
}
