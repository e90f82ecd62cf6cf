package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.plan.BoxPlan;
import pteron.core.station.Station;

/**
 * A choice of the plan, such as a material, that can be read and set. Immutable.
 *
 * @param key stable key, {@code walls.outer-skin}
 * @param station the station it is shown at
 * @param name what a builder calls it
 * @param options ids that can be chosen
 * @param get reads the id
 * @param set makes the plan with another id
 */
public record ChoiceField(
        String key,
        Station station,
        String name,
        List<String> options,
        Function<BoxPlan, String> get,
        BiFunction<BoxPlan, String, BoxPlan> set)
        implements Field {

    /** Copies the options. */
    public ChoiceField {
        options = List.copyOf(options);
    }

    /** {@return this choice, what the plan has among its options even where a shop does not offer it} */
    ChoiceField withPlanned(BoxPlan plan) {
        String planned = get.apply(plan);
        if (options.contains(planned)) {
            return this;
        }
        List<String> all = new ArrayList<>(options);
        all.add(planned);
        return new ChoiceField(key, station, name, all, get, set);
    }
}
