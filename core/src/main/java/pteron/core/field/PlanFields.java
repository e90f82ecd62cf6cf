package pteron.core.field;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;

/**
 * All fields of a plan. Immutable.
 *
 * @param numbers numbers, station by station
 * @param choices choices, station by station
 * @param lengths lengths that are set together, station by station
 */
public record PlanFields(
        List<NumberField> numbers, List<ChoiceField> choices, List<LengthsField> lengths) {

    /** Copies the lists. */
    public PlanFields {
        numbers = List.copyOf(numbers);
        choices = List.copyOf(choices);
        lengths = List.copyOf(lengths);
    }

    /** {@return the fields of a plan} */
    public static PlanFields of(BoxPlan plan, MaterialLibrary starting) {
        MaterialLibrary library = starting.with(plan.materials());
        Fields<BoxPlan> found = FoundFields.of(plan);
        List<Fields<?>> parts =
                List.of(
                        MakeUpFields.of(plan, library),
                        LayerFields.of(plan, library),
                        PartitionFields.of(plan, library),
                        OpeningFields.of(plan));
        List<ChoiceField> choices =
                choices(plan, library, found, parts).stream()
                        .map(choice -> choice.withPlanned(plan))
                        .toList();
        return new PlanFields(numbers(plan, found, parts), choices, SupplyFields.lengths());
    }

    private static List<NumberField> numbers(
            BoxPlan plan, Fields<BoxPlan> found, List<Fields<?>> parts) {
        return joined(
                Stream.of(
                        CarrierFields.numbers(plan),
                        found.numbers(),
                        OutlineFields.numbers(plan),
                        joined(parts.stream().map(Fields::numbers)),
                        LoadFields.numbers(),
                        SupplyFields.numbers(),
                        SurroundingFields.numbers()));
    }

    private static List<ChoiceField> choices(
            BoxPlan plan, MaterialLibrary library, Fields<BoxPlan> found, List<Fields<?>> parts) {
        return joined(
                Stream.of(
                        CarrierChoices.of(plan),
                        found.choices(),
                        OutlineChoices.of(plan, library),
                        SurroundingFields.choices(),
                        LoadFields.choices(),
                        joined(parts.stream().map(Fields::choices))));
    }

    private static <T> List<T> joined(Stream<List<T>> lists) {
        return lists.flatMap(List::stream).toList();
    }

    /** {@return the number with that key, empty if there is none} */
    public Optional<NumberField> number(String key) {
        return numbers.stream().filter(field -> field.key().equals(key)).findFirst();
    }

    /** {@return the lengths with that key, empty if there are none} */
    public Optional<LengthsField> lengths(String key) {
        return lengths.stream().filter(field -> field.key().equals(key)).findFirst();
    }

    /** {@return the choice with that key, empty if there is none} */
    public Optional<ChoiceField> choice(String key) {
        return choices.stream().filter(field -> field.key().equals(key)).findFirst();
    }
}
