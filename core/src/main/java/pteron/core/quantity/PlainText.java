package pteron.core.quantity;

/**
 * Names and other texts that a builder types. What cannot be seen, or turns the direction of what is written after it, has
 * no place in them: it would hide in lists, spoil drawings and reach a terminal.
 */
public final class PlainText {

    /** Longest text (letters). */
    public static final int LONGEST = 1000;

    private static final char SHOWN_INSTEAD = '\uFFFD';

    private PlainText() {}

    /**
     * {@return the text itself}
     *
     * @param name what it is, for the sentence
     * @param text the text
     * @throws IllegalArgumentException if it is too long, or has a control or direction mark
     */
    public static String require(String name, String text) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "%s is a text of %d letters and may have %d; shorten it"
                            .formatted(name, text.length(), LONGEST));
        }
        text.codePoints()
                .filter(PlainText::isMark)
                .findFirst()
                .ifPresent(
                        mark -> {
                            throw new IllegalArgumentException(
                                    "%s has a mark that cannot be seen (U+%04X); type it anew without it"
                                            .formatted(name, mark));
                        });
        return text;
    }

    /** {@return the text with every control and direction mark made visible} */
    public static String visible(String text) {
        if (text.codePoints().noneMatch(PlainText::isMark)) {
            return text;
        }
        StringBuilder seen = new StringBuilder();
        text.codePoints()
                .forEach(point -> seen.appendCodePoint(isMark(point) ? SHOWN_INSTEAD : point));
        return seen.toString();
    }

    /** {@return several lines with every mark but the ends of lines made visible} */
    public static String visibleLines(String lines) {
        return String.join("\n", lines.lines().map(PlainText::visible).toList())
                + (lines.endsWith("\n") ? "\n" : "");
    }

    private static boolean isMark(int point) {
        boolean direction =
                point == 0x061C
                        || point >= 0x200E && point <= 0x200F
                        || point >= 0x2028 && point <= 0x202E
                        || point >= 0x2066 && point <= 0x2069;
        boolean none = (point & 0xFFFE) == 0xFFFE || point == 0xFEFF;
        return direction
                || none
                || Character.isISOControl(point)
                || Character.getType(point) == Character.SURROGATE;
    }
}
