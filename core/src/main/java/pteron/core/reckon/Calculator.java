package pteron.core.reckon;

import java.util.List;
import java.util.Set;
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
     * {@return the answer}
     *
     * @param given what was typed
     * @throws IllegalArgumentException if an input is unknown or bad, with a sentence
     */
    public List<Figure> answer(Inputs given) {
        requireKnown(given.typed().keySet());
        return sum.apply(given);
    }

    private void requireKnown(Set<String> typed) {
        List<String> keys = inputs.stream().map(Input::key).toList();
        for (String key : typed) {
            if (!keys.contains(key)) {
                throw new IllegalArgumentException(
                        "%s has no input %s; its inputs are %s"
                                .formatted(name, key, String.join(", ", keys)));
            }
        }
    }
}
