package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Require;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

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

    private String text(Input input) {
        return typed.getOrDefault(input.key(), input.usual());
    }

    /** {@return a length (mm); what was not typed is read as metric} */
    double mm(Input input) {
        return length(input, text(input));
    }

    private double length(Input input, String text) {
        UnitSystem meant = typed.containsKey(input.key()) ? system : UnitSystem.METRIC;
        try {
            return Require.within(input.key(), LengthText.parse(text, meant), input.range());
        } catch (IllegalArgumentException e) {
            String sentence = e.getMessage();
            throw new IllegalArgumentException(
                    sentence.startsWith(input.key()) ? sentence : input.key() + ": " + sentence, e);
        }
    }

    /** {@return a number} */
    double number(Input input) {
        return number(input, text(input));
    }

    /** {@return a number without a fraction} */
    int whole(Input input) {
        double number = number(input);
        if (number != Math.rint(number)) {
            throw new IllegalArgumentException(
                    "%s %s: enter a whole number, like 2"
                            .formatted(input.key(), text(input).strip()));
        }
        return (int) number;
    }

    private static double number(Input input, String text) {
        OptionalDouble number = withUnit(input, text);
        if (number.isEmpty()) {
            throw new IllegalArgumentException(
                    "%s %s: enter a number, like 12.5".formatted(input.key(), text.strip()));
        }
        return Require.within(input.key(), number.getAsDouble(), input.range());
    }

    /** A number may carry its unit, or the one that it has under the other system: 240 lb for kg. */
    private static OptionalDouble withUnit(Input input, String text) {
        OptionalDouble bare = NumberText.parse(text);
        if (bare.isPresent()) {
            return bare;
        }
        Optional<Unit> unit = input.unit();
        if (unit.isEmpty()) {
            return signed(input.sign(), text.strip());
        }
        String plain = onAKeyboard(text.strip());
        for (UnitSystem one : UnitSystem.values()) {
            String symbol = onAKeyboard(unit.get().symbol(one));
            if (!symbol.isEmpty() && plain.endsWith(symbol)) {
                OptionalDouble number =
                        NumberText.parse(plain.substring(0, plain.length() - symbol.length()));
                return number.isEmpty()
                        ? number
                        : OptionalDouble.of(unit.get().fromShown(number.getAsDouble(), one));
            }
        }
        return OptionalDouble.empty();
    }

    private static OptionalDouble signed(String sign, String text) {
        return !sign.isEmpty() && text.endsWith(sign)
                ? NumberText.parse(text.substring(0, text.length() - sign.length()))
                : OptionalDouble.empty();
    }

    /** {@return a unit as most keyboards have it: lb/ft3 for lb/ft³, F for °F} */
    private static String onAKeyboard(String text) {
        return text.replace("°", "").replace('²', '2').replace('³', '3').replace('·', '*');
    }

    /** {@return numbers, in their order} */
    List<Double> numbers(Input input) {
        List<Double> numbers = new ArrayList<>();
        for (String item : items(input)) {
            numbers.add(number(input, item));
        }
        return numbers;
    }

    /** {@return the texts between the commas, none of them empty} */
    private String[] items(Input input) {
        String[] items = text(input).split("[,;]", -1);
        for (String item : items) {
            if (item.isBlank()) {
                throw new IllegalArgumentException(
                        "%s %s: a number is missing beside a comma; enter it like %s"
                                .formatted(input.key(), text(input).strip(), input.usual()));
            }
        }
        return items;
    }

    /** {@return lengths (mm), each as often as it is asked for} */
    List<Double> lengths(Input input) {
        List<Double> lengths = new ArrayList<>();
        for (String item : items(input)) {
            String[] parts = item.split("[x×*]", 2);
            double length = length(input, parts[0]);
            int times = parts.length > 1 ? times(input, parts[1]) : 1;
            for (int i = 0; i < times; i++) {
                lengths.add(length);
            }
        }
        if (lengths.size() > MOST_PARTS) {
            throw new IllegalArgumentException(
                    "%s: %d lengths; enter at most %d"
                            .formatted(input.key(), lengths.size(), MOST_PARTS));
        }
        return lengths;
    }

    private static int times(Input input, String text) {
        if (text.strip().matches("[0-9]{1,4}")) {
            int times = Integer.parseInt(text.strip());
            if (times >= 1 && times <= MOST_PARTS) {
                return times;
            }
        }
        throw new IllegalArgumentException(
                "%s %s: enter 1 to %d parts, like 2047x11"
                        .formatted(input.key(), text.strip(), MOST_PARTS));
    }
}
