package pteron.core.reckon;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pteron.core.quantity.Require.Range;
import pteron.core.quantity.Unit;

/**
 * Something a calculator asks for. Immutable.
 *
 * @param key what it is called by, {@code span}
 * @param words what it means, with its unit
 * @param kind how it is typed
 * @param usual value taken when none is given
 * @param range what each number of it may be: slips of the hand lie outside
 */
public record Input(String key, String words, Kind kind, String usual, Range range) {

    /** Longest length that a small sum is asked about (mm): 100 m. */
    private static final double LONGEST_MM = 100_000;

    /** Greatest number that a small sum is asked about. */
    private static final double GREATEST = 1e9;

    /** How an input is typed. */
    public enum Kind {
        /** A length, metric or as on a tape. */
        LENGTH,
        /** A number in the unit that the words name. */
        NUMBER,
        /** Lengths with a comma between, each with how many: {@code 2047x11,1885x4}. */
        LENGTHS,
        /** Numbers with a comma between. */
        NUMBERS
    }

    /** The unit in brackets at the end of the words: {@code air (°C)}. */
    private static final Pattern IN_WORDS =
            Pattern.compile("\\(([^()]*(?:\\([^()]*\\))?[^()]*)\\)$");

    /** {@return the unit that its words name, empty for a length or a bare number} */
    public Optional<Unit> unit() {
        Matcher words = IN_WORDS.matcher(this.words);
        if (!words.find()) {
            return Optional.empty();
        }
        String symbol = words.group(1).split(",")[0].strip();
        return Arrays.stream(Unit.values())
                .filter(unit -> !unit.symbol().isEmpty() && unit.symbol().equals(symbol))
                .findFirst();
    }

    /** {@return the sign that its number may bear: of degrees or of percent; empty for none} */
    String sign() {
        return words.contains("(degrees") ? "°" : words.contains("(percent") ? "%" : "";
    }

    static Input length(String key, String words, String usual) {
        return new Input(key, words, Kind.LENGTH, usual, new Range(0, LONGEST_MM, "mm"));
    }

    static Input number(String key, String words, String usual) {
        return new Input(key, words, Kind.NUMBER, usual, new Range(0, GREATEST, ""));
    }

    static Input numbers(String key, String words, String usual) {
        return new Input(key, words, Kind.NUMBERS, usual, new Range(0, GREATEST, ""));
    }

    static Input lengths(String key, String words, String usual) {
        return new Input(key, words, Kind.LENGTHS, usual, new Range(-LONGEST_MM, LONGEST_MM, "mm"));
    }

    /** {@return this input with other limits, in its unit} */
    Input from(double least, double most) {
        return new Input(key, words, kind, usual, new Range(least, most, range.unit()));
    }
}
