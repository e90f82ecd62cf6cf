package pteron.exchange.plan;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.PlainText;
import pteron.core.quantity.Require.Range;

/** An object of the file with its path; remembers what was asked for. */
final class JsonCursor {

    /** Longest text that is shown of a wrong value. */
    private static final int SHOWN = 40;

    private final JsonNode node;
    private final String path;
    private final Set<String> asked = new HashSet<>();

    JsonCursor(JsonNode node, String path) throws PlanFormatException {
        this.node = node;
        this.path = path;
        if (!node.isObject()) {
            throw wrong(path.isEmpty() ? "the file" : path, node, "an object in braces { }");
        }
    }

    /** Reads one value from a cursor. */
    interface Reading<T> {
        T read(JsonCursor cursor) throws PlanFormatException;
    }

    /** {@return path of a field of this object} */
    String path(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    /** {@return whether a field is there; one that may be left out counts as asked for} */
    boolean has(String name) {
        asked.add(name);
        return node.has(name);
    }

    /** {@return the number there, or another one where it is left out} */
    double numberOr(String name, Range range, double otherwise) throws PlanFormatException {
        return has(name) ? number(name, range) : otherwise;
    }

    /** {@return the whole number there, or another one where it is left out} */
    int wholeOr(String name, Range range, int otherwise) throws PlanFormatException {
        double value = numberOr(name, range, otherwise);
        if (value != Math.rint(value)) {
            throw new PlanFormatException(
                    path(name),
                    "is %s and must be a whole number from %s to %s; correct it"
                            .formatted(
                                    NumberText.format(value, 3),
                                    NumberText.format(range.least(), 0),
                                    NumberText.format(range.most(), 0)));
        }
        return (int) value;
    }

    /** {@return the text there, or another one where it is left out} */
    String textOr(String name, String otherwise) throws PlanFormatException {
        return has(name) ? text(name) : otherwise;
    }

    /** {@return the choice there, or another one where it is left out} */
    <E extends Enum<E>> E choiceOr(String name, E[] choices, E otherwise)
            throws PlanFormatException {
        return has(name) ? choice(name, choices) : otherwise;
    }

    /** {@return the objects there, none where they are left out} */
    <T> List<T> objectsOr(String name, Reading<T> reading) throws PlanFormatException {
        return has(name) ? objects(name, reading) : List.of();
    }

    boolean bool(String name) throws PlanFormatException {
        JsonNode value = field(name);
        if (!value.isBoolean()) {
            throw wrong(path(name), value, "true or false");
        }
        return value.booleanValue();
    }

    private JsonNode field(String name) throws PlanFormatException {
        asked.add(name);
        JsonNode found = node.get(name);
        if (found == null) {
            throw new PlanFormatException(
                    path(name), "is missing; add it or start from a saved plan");
        }
        return found;
    }

    <T> T object(String name, Reading<T> reading) throws PlanFormatException {
        JsonCursor cursor = new JsonCursor(field(name), path(name));
        T value = built(path(name), cursor, reading);
        cursor.nothingElse();
        return value;
    }

    static <T> T built(String place, JsonCursor cursor, Reading<T> reading)
            throws PlanFormatException {
        try {
            return reading.read(cursor);
        } catch (IllegalArgumentException e) {
            throw new PlanFormatException(place, e.getMessage());
        }
    }

    <T> List<T> objects(String name, Reading<T> reading) throws PlanFormatException {
        JsonNode list = list(name);
        List<T> values = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            String place = "%s[%d]".formatted(path(name), i);
            JsonCursor cursor = new JsonCursor(list.get(i), place);
            values.add(built(place, cursor, reading));
            cursor.nothingElse();
        }
        return values;
    }

    List<Double> numbers(String name, Range range) throws PlanFormatException {
        JsonNode list = list(name);
        List<Double> values = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            values.add(number("%s[%d]".formatted(path(name), i), list.get(i), range));
        }
        return values;
    }

    private JsonNode list(String name) throws PlanFormatException {
        JsonNode list = field(name);
        if (!list.isArray()) {
            throw wrong(path(name), list, "a list in brackets [ ]");
        }
        return list;
    }

    double number(String name, Range range) throws PlanFormatException {
        return number(path(name), field(name), range);
    }

    private static double number(String place, JsonNode value, Range range)
            throws PlanFormatException {
        if (!value.isNumber()) {
            throw wrong(place, value, "a number in " + range.unit());
        }
        double number = value.doubleValue();
        if (!(number >= range.least() && number <= range.most())) {
            throw new PlanFormatException(
                    place,
                    "is %s %s and must be from %s to %s %s; correct it"
                            .formatted(
                                    shown(value),
                                    range.unit(),
                                    NumberText.format(range.least(), 2),
                                    NumberText.format(range.most(), 2),
                                    range.unit()));
        }
        return number;
    }

    String text(String name) throws PlanFormatException {
        JsonNode value = field(name);
        if (!value.isTextual()) {
            throw wrong(path(name), value, "a text in quotes");
        }
        String text = PlainText.visible(value.textValue());
        if (text.length() > PlanLimits.LONGEST_TEXT) {
            throw new PlanFormatException(
                    path(name),
                    "is a text of %d letters and may have %d; shorten it"
                            .formatted(text.length(), PlanLimits.LONGEST_TEXT));
        }
        return text;
    }

    /** {@return the choice whose name in small letters is written there} */
    <E extends Enum<E>> E choice(String name, E[] choices) throws PlanFormatException {
        String text = text(name);
        for (E choice : choices) {
            if (Named.small(choice).equals(text)) {
                return choice;
            }
        }
        List<String> names = Stream.of(choices).map(choice -> Named.small(choice)).toList();
        throw new PlanFormatException(
                path(name),
                "is %s and must be one of %s"
                        .formatted(shown(field(name)), String.join(", ", names)));
    }

    /** Refuses fields that nobody asked for. */
    void nothingElse() throws PlanFormatException {
        Set<String> unknown = new TreeSet<>();
        node.fieldNames().forEachRemaining(unknown::add);
        unknown.removeAll(asked);
        if (!unknown.isEmpty()) {
            throw new PlanFormatException(
                    path(shortened(unknown.iterator().next())),
                    "is no field that Pteron knows here; known are %s. Remove or rename it"
                            .formatted(String.join(", ", new TreeSet<>(asked))));
        }
    }

    private static PlanFormatException wrong(String place, JsonNode value, String expected) {
        return new PlanFormatException(
                place, "is %s and must be %s".formatted(shown(value), expected));
    }

    private static String shown(JsonNode value) {
        return shortened(value.toString());
    }

    private static String shortened(String text) {
        return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
    }
}
