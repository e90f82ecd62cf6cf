package pteron.core.quantity;

import java.util.Arrays;
import java.util.Locale;

/** The names of constants as words. */
public final class Named {

    private Named() {}

    /** {@return the name in small letters: {@code FLOOR_TOP} gives {@code floor_top}} */
    public static String small(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    /**
     * {@return the constant with a name in small letters}
     *
     * @throws IllegalArgumentException if there is none
     */
    public static <E extends Enum<E>> E of(E[] constants, String small) {
        return Arrays.stream(constants)
                .filter(one -> small(one).equals(small))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "there is no [%s]; the names are %s"
                                                .formatted(
                                                        small,
                                                        Arrays.stream(constants)
                                                                .map(Named::small)
                                                                .toList())));
    }

    /** {@return the name as words: {@code FLOOR_TOP} gives {@code floor top}} */
    public static String words(Enum<?> constant) {
        return small(constant).replace('_', ' ');
    }

    /** {@return the name as a key: {@code FLOOR_TOP} gives {@code floor-top}} */
    public static String key(Enum<?> constant) {
        return small(constant).replace('_', '-');
    }
}
