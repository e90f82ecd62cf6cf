package pteron.core.mechanics;

import java.util.Objects;
import java.util.function.Supplier;
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

    /** Equal by all but the working, which follows from what the numbers follow from. */
    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Check check
                        && key.equals(check.key)
                        && name.equals(check.name)
                        && part.equals(check.part)
                        && demand.equals(check.demand)
                        && capacity.equals(check.capacity);
    }

    @Override
    public int hashCode() {
        return Objects.hash(key, part);
    }
}
