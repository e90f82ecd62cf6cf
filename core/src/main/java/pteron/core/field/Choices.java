package pteron.core.field;

import java.util.List;
import java.util.stream.Stream;
import pteron.core.quantity.Named;

/** Names of enumerated choices as they stand in fields and files. */
final class Choices {

    private Choices() {}

    /** {@return the ids of all values: small letters, words apart} */
    static List<String> of(Enum<?>[] values) {
        return Stream.of(values).map(Choices::id).toList();
    }

    /** {@return the id of a value} */
    static String id(Enum<?> value) {
        return Named.words(value);
    }

    /**
     * {@return the value with that id}
     *
     * @throws IllegalArgumentException if there is none
     */
    static <E extends Enum<E>> E value(E[] values, String id) {
        return Stream.of(values)
                .filter(value -> id(value).equals(id))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "choice is [%s] and must be one of %s"
                                                .formatted(id, of(values))));
    }
}
