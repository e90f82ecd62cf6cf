package pteron.core.panel;

import java.util.Locale;
import pteron.core.quantity.Named;

/** Parts of the box that are checked as sandwich panels. */
public enum PanelPart {
    /** The floor. */
    FLOOR("floor"),
    /** Straight walls, as strips from floor to roof. */
    WALLS("walls"),
    /** Walls that bend. */
    BENT_WALLS("walls"),
    /** Floor of a bed over the cab, built as the walls are. */
    OVER_CAB_FLOOR("walls"),
    /** The roof. */
    ROOF("roof");

    private final String buildUp;

    PanelPart(String buildUp) {
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
        return this == OVER_CAB_FLOOR ? "over-cab floor" : Named.words(this);
    }

    /** {@return its name at the head of a sentence: {@code Over-cab floor}} */
    String title() {
        return words().substring(0, 1).toUpperCase(Locale.ROOT) + words().substring(1);
    }
}
