package pteron.exchange.station;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Properties;
import java.util.stream.Collectors;

/**
 * What a station says. Immutable.
 *
 * @param caution where people get hurt, empty where nobody does
 * @param findings what is wrong in a few words, by code
 * @param cures what would mend it, by kind; a hash stands for the amount
 */
public record StationWords(
        String caution, Map<String, String> findings, Map<String, String> cures) {

    private static final String FILE = "words.properties";

    /** Copies the maps. */
    public StationWords {
        findings = Map.copyOf(findings);
        cures = Map.copyOf(cures);
    }

    /** {@return the words of {@code words.properties} beside a class} */
    public static StationWords beside(Class<?> station) {
        Properties words = new Properties();
        try (InputStream stream = station.getResourceAsStream(FILE)) {
            if (stream == null) {
                throw new IllegalStateException(
                        "Impossible state: no %s beside [%s]".formatted(FILE, station.getName()));
            }
            words.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new StationWords(
                words.getProperty("caution", ""), under(words, "finding."), under(words, "cure."));
    }

    private static Map<String, String> under(Properties words, String prefix) {
        return words.stringPropertyNames().stream()
                .filter(key -> key.startsWith(prefix))
                .collect(
                        Collectors.toMap(
                                key -> key.substring(prefix.length()), words::getProperty));
    }
}
