package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

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
        Fields<MakeUp> makeUp = MakeUpFields.of(library);
        Fields<MakeUp> layers = LayerFields.of(plan.makeUp(), library);
        Fields<BoxPlan> partitions = PartitionFields.of(plan, library);
        Fields<BoxPlan> found = FoundFields.of(plan);
        List<NumberField> numbers = new ArrayList<>();
        numbers.addAll(CarrierFields.numbers(plan));
        numbers.addAll(found.numbers());
        numbers.addAll(OutlineFields.numbers(plan));
        numbers.addAll(makeUp.numbers());
        numbers.addAll(layers.numbers());
        numbers.addAll(partitions.numbers());
        numbers.addAll(OpeningFields.numbers(plan));
        numbers.addAll(LoadFields.numbers());
        numbers.addAll(SupplyFields.numbers());
        numbers.addAll(SurroundingFields.numbers());
        List<ChoiceField> choices = new ArrayList<>();
        choices.addAll(CarrierChoices.of(plan));
        choices.addAll(found.choices());
        choices.addAll(OutlineChoices.of(plan, library));
        choices.addAll(SurroundingFields.choices());
        choices.addAll(LoadFields.choices());
        choices.addAll(makeUp.choices());
        choices.addAll(layers.choices());
        choices.addAll(partitions.choices());
        return new PlanFields(numbers, choices, SupplyFields.lengths());
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
