package pteron.core.field;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;

/**
 * Lengths of the plan that are read and set together, as those of the bars in the shop. Immutable.
 *
 * @param key stable key, {@code bars.lengths}
 * @param station the station it is shown at
 * @param name what a builder calls it
 * @param get reads them (mm)
 * @param set makes the plan with others (mm)
 */
public record LengthsField(
        String key,
        Station station,
        String name,
        Function<BoxPlan, List<Double>> get,
        BiFunction<BoxPlan, List<Double>, BoxPlan> set)
        implements Field {

    /** {@return the lengths as a builder writes them, {@code 3 000, 3 600 mm} or {@code 8′, 12′}} */
    public String text(BoxPlan plan) {
        String symbol = plan.units() == UnitSystem.METRIC ? " mm" : "";
        return get.apply(plan).stream()
                .map(mm -> LengthText.format(mm, plan.units()))
                .collect(Collectors.joining(", ", "", symbol));
    }

    /**
     * {@return the plan with the lengths that were typed, with commas or semicolons between}
     *
     * @throws IllegalArgumentException if one is no length or out of its range, with a sentence
     */
    public BoxPlan typed(BoxPlan plan, String text) {
        // a comma without a space may belong to a decimal fraction where semicolons part the
        // lengths
        List<Double> lengths =
                Arrays.stream(text.split(text.contains(";") ? ";" : ","))
                        .filter(one -> !one.isBlank())
                        .map(one -> LengthText.parse(one, plan.units()))
                        .toList();
        return set.apply(plan, lengths);
    }
}
