package pteron.app.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Properties;

/** The words of the trade and the how-tos that ship with the application. */
public final class HelpTexts {

    private static final String TITLE = ".title";

    private HelpTexts() {}

    /** {@return the words of the trade, in the order of the alphabet} */
    public static List<Topic> words() {
        Properties words = read("words.properties");
        return words.stringPropertyNames().stream()
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .map(key -> new Topic(key.replace('_', ' '), List.of(words.getProperty(key))))
                .toList();
    }

    /** {@return the how-tos, the first steps first} */
    public static List<Topic> howTos() {
        Properties texts = read("how-tos.properties");
        return texts.stringPropertyNames().stream()
                .filter(key -> key.endsWith(TITLE))
                .map(key -> Integer.parseInt(key.substring(0, key.length() - TITLE.length())))
                .sorted(Comparator.naturalOrder())
                .map(
                        number ->
                                new Topic(
                                        texts.getProperty(number + TITLE),
                                        List.of(texts.getProperty(number + ".text").split("\\|"))))
                .toList();
    }

    private static Properties read(String name) {
        Properties texts = new Properties();
        try (InputStream stream = HelpTexts.class.getResourceAsStream(name)) {
            texts.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }
}
