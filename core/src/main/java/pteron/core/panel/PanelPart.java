package pteron.core.panel;

import java.util.Locale;
import pteron.core.quantity.Named;

/** Parts of the box that are checked as sandwich panels. */
public enum PanelPart {
    /** The floor. */
    FLOOR("floor", "floor"),
    /** Straight walls, as strips from floor to roof. */
    WALLS("walls", "walls"),
    /** Walls that bend. */
    BENT_WALLS("bent walls", "walls"),
    /** Floor of a bed over the cab, built as the walls are. */
    OVER_CAB_FLOOR("over-cab floor", "walls"),
    /** The roof. */
    ROOF("roof", "roof");

    private final String words;
    private final String buildUp;

    PanelPart(String words, String buildUp) {
        this.words = words;
        this.buildUp = buildUp;
    }

    /** {@return the build-up whose layers it has: {@code walls}} */
    String buildUp() {
        return buildUp;
    }

    /** {@return its name in keys: {@code bent-walls}} */
    String key() {
        return Named.key(this);
    }

    /** {@return its name in words, small: {@code over-cab floor}} */
    String words() {
        return words;
    }

    /** {@return its name at the head of a sentence: {@code Over-cab floor}} */
    String title() {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
