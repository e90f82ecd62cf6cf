package pteron.core.reckon;

import java.util.List;
import java.util.function.Function;
import pteron.core.figure.Figure;

/**
 * One small sum. Immutable.
 *
 * @param name what it is called by, {@code mitre}
 * @param title what it answers
 * @param inputs what it asks for
 * @param sum works it out
 */
public record Calculator(
        String name, String title, List<Input> inputs, Function<Inputs, List<Figure>> sum) {

    /** Copies the inputs. */
    public Calculator {
        inputs = List.copyOf(inputs);
    }

    /**
     * Something a calculator asks for. Immutable.
     *
     * @param key what it is called by, {@code span}
     * @param words what it means, with its unit
     * @param kind how it is typed
     * @param usual value taken when none is given
     */
    public record Input(String key, String words, Kind kind, String usual) {

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

        static Input length(String key, String words, String usual) {
            return new Input(key, words, Kind.LENGTH, usual);
        }

        static Input number(String key, String words, String usual) {
            return new Input(key, words, Kind.NUMBER, usual);
        }

        static Input numbers(String key, String words, String usual) {
            return new Input(key, words, Kind.NUMBERS, usual);
        }

        static Input lengths(String key, String words, String usual) {
            return new Input(key, words, Kind.LENGTHS, usual);
        }
    }

    /**
     * {@return the answer}
     *
     * @param given what was typed
     * @throws IllegalArgumentException if an input is unknown or bad, with a sentence
     */
    public List<Figure> answer(Inputs given) {
        given.requireKnown(this);
        return sum.apply(given);
    }
}
