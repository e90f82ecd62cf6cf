package pteron.app.window;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import javafx.animation.PauseTransition;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.stage.Stage;
import javafx.util.Duration;
import pteron.app.keep.Preferences;
import pteron.app.style.Theme;
import pteron.core.quantity.UnitSystem;

/** Opens a window as it looked last, and keeps how it looks. */
final class Remembering {

    /** Rest after a change until it is kept: a window that is pulled wider changes at every pixel. */
    private static final Duration REST = Duration.millis(500);

    private final Stage stage;
    private final ObjectProperty<Theme> theme;
    private final ObjectProperty<UnitSystem> units;
    private final DoubleProperty letters;
    private final Path folder;
    private final PauseTransition rest = new PauseTransition(REST);

    Remembering(
            Stage stage,
            ObjectProperty<Theme> theme,
            ObjectProperty<UnitSystem> units,
            DoubleProperty letters,
            Path folder) {
        this.stage = stage;
        this.theme = theme;
        this.units = units;
        this.letters = letters;
        this.folder = folder;
    }

    void begin() {
        Preferences last = Preferences.of(folder);
        theme.set(last.dark() ? Theme.DARK : Theme.LIGHT);
        units.set(last.inches() ? UnitSystem.INCHES : UnitSystem.METRIC);
        letters.set(last.letters());
        if (last.width() >= stage.getMinWidth() && last.height() >= stage.getMinHeight()) {
            stage.setWidth(last.width());
            stage.setHeight(last.height());
        }
        rest.setOnFinished(event -> keep());
        theme.addListener(change -> rest.playFromStart());
        units.addListener(change -> rest.playFromStart());
        letters.addListener(change -> rest.playFromStart());
        stage.widthProperty().addListener(change -> rest.playFromStart());
        stage.heightProperty().addListener(change -> rest.playFromStart());
    }

    private void keep() {
        Preferences now =
                new Preferences(
                        theme.get() == Theme.DARK,
                        units.get() == UnitSystem.INCHES,
                        letters.get(),
                        stage.getWidth(),
                        stage.getHeight());
        CompletableFuture.runAsync(() -> now.keep(folder));
    }
}
