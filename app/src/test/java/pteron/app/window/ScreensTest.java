package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pteron.app.route.ScreenRoute;
import pteron.app.style.Theme;
import pteron.core.model.Route;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.exchange.demo.Demos;

/** Every screen at three sizes, in both themes and units: no words cut off or over each other, every control named. */
class ScreensTest {

    /** How far words may reach into each other's boxes: what letters leave blank (pixels). */
    private static final double BLANK = 3;

    /** Words that may be cut short: the file tells them whole, or a tip does. */
    private static final List<String> MAY_BE_SHORT = List.of("plan-purpose", "start-what");

    /** Phrases that are wrong in every sense, as {@code docs/words.md} lists them. */
    private static final List<String> WRONG_WORDS = wrongWords();

    private static final Pattern METRIC =
            Pattern.compile(
                    "\\d[\\s\u2009]?(mm|cm|m|m²|m³|kg|kg/m³|N|kN|N/mm²|L|mL|°C|W)(?![\\p{L}\\d²³/·°])");

    private final TreeSet<String> faults = new TreeSet<>();
    private AppWindow window;

    @TempDir static Path settings;

    @BeforeAll
    static void toolkit() throws Exception {
        System.setProperty("pteron.settings", settings.toString());
        System.setProperty("pteron.data", settings.resolve("data").toString());
        FxToolkit.registerPrimaryStage();
    }

    private static List<String> wrongWords() {
        try {
            List<String> wrong =
                    Files.readAllLines(Path.of("../docs/words.md")).stream()
                            .filter(line -> line.startsWith("| ") && !line.startsWith("| not |"))
                            .map(line -> line.split("\\|")[1].strip())
                            .toList();
            assertThat(wrong).hasSizeGreaterThan(25);
            return wrong;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void onScreen(Runnable act) {
        WaitForAsyncUtils.waitForAsyncFx(60_000, act::run);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @ParameterizedTest
    @CsvSource({"1000,700,1", "1280,800,1", "1920,1080,1", "1000,700,2", "2560,1440,2"})
    void nothingIsCutOff_orOverlaps(int wide, int high, double letters) {
        // not shown: the toolkit's own screen is smaller than the largest of them
        onScreen(() -> window = new AppWindow(new Stage(), wide, high));
        onScreen(() -> lettersOf(letters));
        for (Theme theme : themes(letters)) {
            for (UnitSystem units : UnitSystem.values()) {
                onScreen(() -> show(Demos.wagtail().withUnits(units), theme));
                for (Station station : Route.stations()) {
                    for (String side : List.of("chosen", "findings", "inputs", "figures")) {
                        onScreen(() -> visit(station, "", side));
                        look("%s %s %s %s".formatted(station.key(), side, theme, units));
                    }
                }
                for (String table : ScreenRoute.tables()) {
                    Station station = ScreenRoute.withTable(table).orElseThrow();
                    onScreen(() -> visit(station, table, "findings"));
                    look("%s %s %s".formatted(table, theme, units));
                }
            }
        }
        onScreen(window::showStart);
        look("start");
        onScreen(window::dispose);
        assertThat(faults).as("%d × %d, letters × %s", wide, high, letters).isEmpty();
    }

    /** Both themes, and one of them where larger letters are looked at: colours move nothing. */
    private static List<Theme> themes(double letters) {
        return letters > 1 ? List.of(Theme.LIGHT) : List.of(Theme.values());
    }

    private void lettersOf(double scale) {
        for (double now = 1; now < scale; now += 0.25) {
            window.largerLetters();
        }
    }

    private void show(BoxPlan plan, Theme theme) {
        window.show(plan, null);
        window.setTheme(theme);
    }

    private void visit(Station station, String table, String side) {
        window.bench().stationProperty().set(station);
        window.bench().tableProperty().set(table);
        window.showSide(side);
    }

    private void look(String screen) {
        onScreen(
                () -> {
                    Parent root = window.scene().getRoot();
                    for (int i = 0; i < 3; i++) {
                        root.applyCss();
                        root.resize(window.scene().getWidth(), window.scene().getHeight());
                        root.layout();
                    }
                    List<Text> texts = new ArrayList<>();
                    collect(root, texts);
                    texts.forEach(text -> cut(text, screen));
                    texts.forEach(text -> worded(text.getText(), screen));
                    texts.forEach(text -> unmetric(text.getText(), screen));
                    overlaps(texts, screen);
                });
    }

    private void collect(Node node, List<Text> texts) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Text text && !text.getText().isBlank()) {
            texts.add(text);
        }
        named(node);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, texts));
        }
    }

    /** What can be pressed or typed into has a name for a reader of screens and is reached by Tab. */
    private void named(Node node) {
        boolean control =
                node instanceof ButtonBase
                        || node instanceof TextInputControl
                        || node instanceof ComboBoxBase;
        boolean own = node.getId() != null || !(node.getParent() instanceof ListView);
        if (control && own && node.getStyleClass().stream().noneMatch(this::isOfTheToolkit)) {
            String words = node instanceof Labeled labeled ? labeled.getText() : "";
            String told = Objects.requireNonNullElse(node.getAccessibleText(), words);
            if (told == null || told.isBlank()) {
                faults.add("no name: " + node);
            }
            if (!node.isFocusTraversable() && !node.isDisabled()) {
                faults.add("not reached by Tab: " + node);
            }
        }
    }

    /** In a plan in feet and inches no metric unit stands behind a number, on any screen. */
    private void unmetric(String text, String screen) {
        boolean inches = screen.contains(UnitSystem.INCHES.toString());
        boolean own = text.equals(Demos.wagtail().purpose());
        if (inches && !own && METRIC.matcher(text).find()) {
            faults.add(screen + ": metric “" + text + "”");
        }
    }

    private void worded(String text, String screen) {
        WRONG_WORDS.stream()
                .filter(text.toLowerCase(Locale.ROOT)::contains)
                .forEach(wrong -> faults.add(screen + ": says “" + wrong + "” in “" + text + "”"));
    }

    private boolean isOfTheToolkit(String style) {
        return List.of("arrow-button", "increment-button", "decrement-button", "tab-close-button")
                .contains(style);
    }

    private void cut(Text text, String screen) {
        Node holder = text.getParent();
        if (holder instanceof Labeled labeled
                && labeled.getText() != null
                && !labeled.getText().equals(text.getText())
                && !MAY_BE_SHORT.contains(String.valueOf(labeled.getId()))) {
            faults.add(screen + ": cut off “" + labeled.getText() + "”");
        }
        Bounds in = text.localToScene(text.getLayoutBounds());
        boolean scrolls = scrollPane(text) != null;
        if (!scrolls
                && (in.getMinX() < -BLANK
                        || in.getMaxX() > window.scene().getWidth() + BLANK
                        || in.getMinY() < -BLANK
                        || in.getMaxY() > window.scene().getHeight() + BLANK)) {
            faults.add(screen + ": out of the window “" + text.getText() + "”");
        }
    }

    private static ScrollPane scrollPane(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at instanceof ScrollPane pane) {
                return pane;
            }
        }
        return null;
    }

    /** {@return what can be seen of words: panes that scroll and fields cut them off} */
    private static Rectangle2D seen(Text text) {
        Bounds own = text.localToScene(text.getLayoutBounds());
        double left = own.getMinX();
        double right = own.getMaxX();
        double top = own.getMinY();
        double bottom = own.getMaxY();
        for (Node at = text; at != null; at = at.getParent()) {
            if (at instanceof ScrollPane
                    || at instanceof ListView
                    || at instanceof TextInputControl) {
                Bounds pane = at.localToScene(at.getLayoutBounds());
                left = Math.max(left, pane.getMinX());
                right = Math.min(right, pane.getMaxX());
                top = Math.max(top, pane.getMinY());
                bottom = Math.min(bottom, pane.getMaxY());
            }
        }
        return right > left && bottom > top
                ? new Rectangle2D(left, top, right - left, bottom - top)
                : Rectangle2D.EMPTY;
    }

    private void overlaps(List<Text> texts, String screen) {
        List<Rectangle2D> rooms = texts.stream().map(ScreensTest::seen).toList();
        for (int i = 0; i < texts.size(); i++) {
            Rectangle2D one = rooms.get(i);
            for (int j = i + 1; j < texts.size(); j++) {
                Rectangle2D other = rooms.get(j);
                double wide =
                        Math.min(one.getMaxX(), other.getMaxX())
                                - Math.max(one.getMinX(), other.getMinX());
                double high =
                        Math.min(one.getMaxY(), other.getMaxY())
                                - Math.max(one.getMinY(), other.getMinY());
                if (wide > BLANK && high > BLANK) {
                    faults.add(
                            "%s: “%s” over “%s”"
                                    .formatted(
                                            screen,
                                            texts.get(i).getText(),
                                            texts.get(j).getText()));
                }
            }
        }
    }
}
