package pteron.app.help;

import java.util.List;

/**
 * A word of the trade or a how-to. Immutable.
 *
 * @param title the word, or what is done
 * @param lines what it means, or the steps
 */
public record Topic(String title, List<String> lines) {

    /** Copies the lines. */
    public Topic {
        lines = List.copyOf(lines);
    }
}
