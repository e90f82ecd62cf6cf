package pteron.core.quantity;

import java.util.Locale;

/** The names of constants as words. */
public final class Named {

    private Named() {}

    /** {@return the name in small letters: {@code FLOOR_TOP} gives {@code floor_top}} */
    public static String small(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
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
