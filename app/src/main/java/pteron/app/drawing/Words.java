package pteron.app.drawing;

import pteron.core.edit.OutlineHandle;

/** What handles are called. */
final class Words {

    private Words() {}

    /** {@return the name of a line of the outline by its key: {@code outline.2.line}} */
    static String line(String key) {
        int corner = OutlineHandle.arrivesAt(key);
        return "line from corner %d to corner %d".formatted(corner, corner + 1);
    }

    /** {@return the name of a handle of the outline by its key: {@code outline.2.spot.0}} */
    static String handle(String key) {
        String[] words = key.split("\\.");
        int corner = Integer.parseInt(words[1]) + 1;
        return words.length > 3
                ? "point %d before corner %d".formatted(Integer.parseInt(words[3]) + 1, corner)
                : "corner " + corner;
    }
}
