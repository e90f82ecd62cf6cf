package pteron.app.style;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Light or dark. */
public enum Theme {
    /** For daylight. */
    LIGHT("light"),
    /** For the evening. */
    DARK("dark");

    private static final List<String> FONTS =
            List.of(
                    "overpass-400",
                    "overpass-600",
                    "overpass-700",
                    "overpass-mono-400",
                    "overpass-mono-600");

    private final String key;

    Theme(String key) {
        this.key = key;
    }

    /** {@return the other one} */
    public Theme other() {
        return this == LIGHT ? DARK : LIGHT;
    }

    /** Loads the fonts that ship with the application. */
    public static void loadFonts() {
        for (String name : FONTS) {
            String path = "/pteron/exchange/fonts/" + name + ".ttf";
            try (InputStream in = Theme.class.getResourceAsStream(path)) {
                if (Font.loadFont(in, 13) == null) {
                    throw new IllegalStateException(
                            "Impossible state: font " + name + " is broken");
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Dresses a scene. */
    public void dress(Scene scene) {
        Application.setUserAgentStylesheet(
                this == LIGHT
                        ? new PrimerLight().getUserAgentStylesheet()
                        : new PrimerDark().getUserAgentStylesheet());
        scene.getStylesheets().setAll(sheet(key), sheet("pteron"));
    }

    private static String sheet(String name) {
        return Theme.class.getResource("/pteron/app/style/" + name + ".css").toExternalForm();
    }
}
