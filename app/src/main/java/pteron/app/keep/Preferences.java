package pteron.app.keep;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import pteron.exchange.file.WholeFile;

/**
 * How the window looked last. A comfort, not the builder's work: what cannot be read is as at first. Immutable.
 *
 * @param dark dark instead of light
 * @param inches new plans in feet and inches
 * @param letters size of the letters over the usual, 1 to 2
 * @param width width of the window (pixels), 0 where it is not known
 * @param height height of the window (pixels), 0 where it is not known
 */
public record Preferences(
        boolean dark, boolean inches, double letters, double width, double height) {

    /** As at first. */
    public static final Preferences FIRST = new Preferences(false, false, 1, 0, 0);

    private static final double MOST_LETTERS = 2;
    private static final double MOST_PIXELS = 10_000;

    private static final String FILE = "preferences.properties";

    /** {@return those of a settings folder} */
    public static Preferences of(Path folder) {
        Properties all = new Properties();
        try (Reader text = Files.newBufferedReader(folder.resolve(FILE))) {
            all.load(text);
        } catch (IOException | IllegalArgumentException e) {
            return FIRST;
        }
        return new Preferences(
                Boolean.parseBoolean(all.getProperty("dark")),
                Boolean.parseBoolean(all.getProperty("inches")),
                within(all.getProperty("letters"), 1, MOST_LETTERS, 1),
                within(all.getProperty("width"), 0, MOST_PIXELS, 0),
                within(all.getProperty("height"), 0, MOST_PIXELS, 0));
    }

    private static double within(String text, double least, double most, double usual) {
        try {
            double number = text == null ? usual : Double.parseDouble(text);
            return number >= least && number <= most ? number : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    /** Keeps them in a settings folder; where that cannot be, they are not kept. */
    public void keep(Path folder) {
        Properties all = new Properties();
        all.setProperty("dark", String.valueOf(dark));
        all.setProperty("inches", String.valueOf(inches));
        all.setProperty("letters", String.valueOf(letters));
        all.setProperty("width", String.valueOf(width));
        all.setProperty("height", String.valueOf(height));
        try {
            StringWriter text = new StringWriter();
            all.store(text, null);
            Files.createDirectories(folder);
            WholeFile.write(folder.resolve(FILE), text.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            System.getLogger("pteron").log(System.Logger.Level.DEBUG, "preferences not kept", e);
        }
    }
}
