package pteron.core.field;

import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.station.Station;

/**
 * A number of the plan that can be read and set. Immutable.
 *
 * @param key stable key, {@code box.length}
 * @param station the station it is shown at
 * @param name what a builder calls it
 * @param unit unit inside the plan
 * @param get reads it
 * @param set makes the plan with another value
 */
public record NumberField(
        String key,
        Station station,
        String name,
        Unit unit,
        ToDoubleFunction<BoxPlan> get,
        BiFunction<BoxPlan, Double, BoxPlan> set)
        implements Field {

    /** {@return its value in a plan} */
    public Quantity value(BoxPlan plan) {
        return new Quantity(get.applyAsDouble(plan), unit);
    }

    /**
     * {@return the plan with another value}
     *
     * @throws IllegalArgumentException if the value is out of its range, with a sentence
     */
    public BoxPlan with(BoxPlan plan, double value) {
        return set.apply(plan, value);
    }
}
