package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Calculator.Input;

/**
 * What was typed into a calculator. Immutable.
 *
 * @param typed texts by the key of their input
 * @param system what a bare length means
 */
public record Inputs(Map<String, String> typed, UnitSystem system) {

    /** Most parts that a list of lengths may ask for: a slip of the hand beyond that. */
    private static final int MOST_PARTS = 5000;

    /** Copies the texts. */
    public Inputs {
        typed = Map.copyOf(typed);
    }

    void requireKnown(Calculator calculator) {
        List<String> keys = calculator.inputs().stream().map(Input::key).toList();
        for (String key : typed.keySet()) {
            if (!keys.contains(key)) {
                throw new IllegalArgumentException(
                        "%s does not ask for [%s]; it asks for %s"
                                .formatted(calculator.name(), key, String.join(", ", keys)));
            }
        }
    }

    private String text(Input input) {
        return typed.getOrDefault(input.key(), input.usual());
    }

    /** {@return a length (mm); what was not typed is read as metric} */
    double mm(Input input) {
        UnitSystem meant = typed.containsKey(input.key()) ? system : UnitSystem.METRIC;
        try {
            return LengthText.parse(text(input), meant);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(input.key() + ": " + e.getMessage(), e);
        }
    }

    /** {@return a number} */
    double number(Input input) {
        try {
            return Double.parseDouble(text(input).strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "%s is [%s] and must be a number; write it like 12.5"
                            .formatted(input.key(), text(input)),
                    e);
        }
    }

    /** {@return numbers, in their order} */
    List<Double> numbers(Input input) {
        List<Double> numbers = new ArrayList<>();
        for (String item : text(input).split("[,;]")) {
            try {
                numbers.add(Double.parseDouble(item.strip()));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException(
                        "%s: [%s] is no number; write them like 0.12,0.034"
                                .formatted(input.key(), item.strip()),
                        e);
            }
        }
        return numbers;
    }

    /** {@return lengths (mm), each as often as it is asked for} */
    List<Double> lengths(Input input) {
        List<Double> lengths = new ArrayList<>();
        UnitSystem meant = typed.containsKey(input.key()) ? system : UnitSystem.METRIC;
        for (String item : text(input).split("[,;]")) {
            String[] parts = item.split("[x×*]");
            double length = LengthText.parse(parts[0], meant);
            int times = parts.length > 1 ? times(input, parts[1]) : 1;
            for (int i = 0; i < times; i++) {
                lengths.add(length);
            }
        }
        if (lengths.size() > MOST_PARTS) {
            throw new IllegalArgumentException(
                    "%s asks for [%d] lengths and may ask for %d; take them in parts"
                            .formatted(input.key(), lengths.size(), MOST_PARTS));
        }
        return lengths;
    }

    private static int times(Input input, String text) {
        try {
            int times = Integer.parseInt(text.strip());
            if (times >= 1 && times <= MOST_PARTS) {
                return times;
            }
        } catch (NumberFormatException e) {
            // told below, with the same sentence as a number out of range
        }
        throw new IllegalArgumentException(
                "%s: [%s] is no number of parts from 1 to %d; write it like 2047x11"
                        .formatted(input.key(), text.strip(), MOST_PARTS));
    }
}
