package pteron.app.reckon;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;

/** Reads the sketches that ship with the application. */
final class SketchText {

    /**
     * A stroke of a sketch. Immutable.
     *
     * @param kind line, dash, fill, arc or text
     * @param numbers its numbers, in the order of the kind
     * @param words its words, empty for all but text
     */
    record Stroke(String kind, List<Double> numbers, String words) {}

    private static final Properties ALL = read();

    private SketchText() {}

    private static Properties read() {
        Properties texts = new Properties();
        try (InputStream stream = SketchText.class.getResourceAsStream("sketches.properties")) {
            texts.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }

    /** {@return the strokes of a calculator's sketch, none where there is no sketch} */
    static List<Stroke> of(String calculator) {
        String text = ALL.getProperty(calculator, "");
        List<Stroke> strokes = new ArrayList<>();
        for (String one : text.split(";")) {
            if (!one.isBlank()) {
                strokes.add(stroke(one.strip()));
            }
        }
        return strokes;
    }

    private static Stroke stroke(String text) {
        String[] words = text.split("\\s+");
        int numbers = words[0].equals("text") ? 2 : words.length - 1;
        List<Double> places = new ArrayList<>();
        for (int i = 1; i <= numbers; i++) {
            places.add(Double.parseDouble(words[i]));
        }
        String rest = String.join(" ", List.of(words).subList(1 + numbers, words.length));
        return new Stroke(words[0], places, rest);
    }
}
