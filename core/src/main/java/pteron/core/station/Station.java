package pteron.core.station;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A stop of the route. Immutable.
 *
 * @param key its name in files and on the command line, the beginning of the keys of its figures
 * @param label what the route calls it
 * @param figures with what the keys of its figures begin
 */
public record Station(String key, String label, List<String> figures) {

    /** Copies the list. */
    public Station {
        figures = List.copyOf(figures);
    }

    /**
     * {@return a station}
     *
     * @param key its name in files, in small letters with hyphens
     * @param label what the route calls it
     * @param more other beginnings of keys of its figures
     */
    public static Station of(String key, String label, String... more) {
        List<String> figures = new ArrayList<>(List.of(key));
        figures.addAll(List.of(more));
        return new Station(key, label, figures);
    }

    /** {@return whether a word means this station: its key, or its label as a word: {@code buy-and-cut}} */
    public boolean isCalled(String word) {
        return key.equals(word) || word().equalsIgnoreCase(word);
    }

    /** {@return what a builder types for it: buy-and-cut} */
    public String word() {
        return label.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** {@return the key of a figure of it: {@code frame.members} for {@code members}} */
    public String figure(String name) {
        return key + "." + name;
    }

    /** {@return whether a figure belongs to this station} */
    public boolean has(String figureKey) {
        return figures.stream().anyMatch(one -> figureKey.startsWith(one + "."));
    }
}
