package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Unit;
import pteron.core.station.Station;

/** Collects fields of a part of the plan and of its parts, in their order. Not safe for several threads. */
final class Fields<T> {

    private final Station station;
    private final Lens<BoxPlan, T> at;
    private final List<NumberField> numbers;
    private final List<ChoiceField> choices;
    private final List<LengthsField> lengths;

    private Fields(
            Station station,
            Lens<BoxPlan, T> at,
            List<NumberField> numbers,
            List<ChoiceField> choices,
            List<LengthsField> lengths) {
        this.station = station;
        this.at = at;
        this.numbers = numbers;
        this.choices = choices;
        this.lengths = lengths;
    }

    /** {@return no fields of a plan yet, shown at a station} */
    static Fields<BoxPlan> at(Station station) {
        return new Fields<>(
                station, Lens.whole(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }

    List<NumberField> numbers() {
        return List.copyOf(numbers);
    }

    List<ChoiceField> choices() {
        return List.copyOf(choices);
    }

    List<LengthsField> lengths() {
        return List.copyOf(lengths);
    }

    /** {@return the same part; what is added from here on is shown at another station} */
    Fields<T> shownAt(Station other) {
        return new Fields<>(other, at, numbers, choices, lengths);
    }

    /** {@return a part of this part; its fields are added to these} */
    <U> Fields<U> part(Function<T, U> get, BiFunction<T, U, T> set) {
        return part(new Lens<>(get, set));
    }

    /** {@return a part of this part; its fields are added to these} */
    <U> Fields<U> part(Lens<T, U> part) {
        return new Fields<>(station, at.then(part), numbers, choices, lengths);
    }

    /** Adds a length. */
    Fields<T> mm(String key, String name, ToDoubleFunction<T> get, BiFunction<T, Double, T> set) {
        return number(key, name, Unit.MILLIMETRE, get, set);
    }

    /** Adds a mass. */
    Fields<T> kg(String key, String name, ToDoubleFunction<T> get, BiFunction<T, Double, T> set) {
        return number(key, name, Unit.KILOGRAM, get, set);
    }

    /** Adds a number. */
    Fields<T> number(
            String key,
            String name,
            Unit unit,
            ToDoubleFunction<T> get,
            BiFunction<T, Double, T> set) {
        numbers.add(
                new NumberField(
                        key,
                        station,
                        name,
                        unit,
                        plan -> get.applyAsDouble(at.get().apply(plan)),
                        (plan, value) -> at.change(plan, part -> set.apply(part, value))));
        return this;
    }

    /** Adds lengths that are set together. */
    Fields<T> lengths(
            String key,
            String name,
            Function<T, List<Double>> get,
            BiFunction<T, List<Double>, T> set) {
        lengths.add(
                new LengthsField(
                        key,
                        station,
                        name,
                        plan -> get.apply(at.get().apply(plan)),
                        (plan, mm) -> at.change(plan, part -> set.apply(part, mm))));
        return this;
    }

    /** Adds a choice. */
    Fields<T> choice(
            String key,
            String name,
            List<String> options,
            Function<T, String> get,
            BiFunction<T, String, T> set) {
        choices.add(
                new ChoiceField(
                        key,
                        station,
                        name,
                        options,
                        plan -> get.apply(at.get().apply(plan)),
                        (plan, id) -> at.change(plan, part -> set.apply(part, id))));
        return this;
    }

    /** Adds a choice out of an enumeration. */
    <E extends Enum<E>> Fields<T> choice(
            String key, String name, E[] values, Function<T, E> get, BiFunction<T, E, T> set) {
        return choice(
                key,
                name,
                Choices.of(values),
                part -> Choices.id(get.apply(part)),
                (part, id) -> set.apply(part, Choices.value(values, id)));
    }
}
