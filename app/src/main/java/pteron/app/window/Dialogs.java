package pteron.app.window;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import pteron.app.keep.Patience;

/**
 * Questions and messages over a window, in its own dress.
 *
 * @param owner the window
 * @param overlay where cards are shown inside of it
 */
record Dialogs(Stage owner, Overlay overlay) {

    private static final double CARD_WIDTH = 520;

    /** How long a chooser waits for the folder that it begins in. */
    private static final Duration AT_ONCE = Duration.ofMillis(500);

    private static final FileChooser.ExtensionFilter TABLES =
            new FileChooser.ExtensionFilter("Tables (CSV)", "*.csv");

    private static final FileChooser.ExtensionFilter PLANS =
            new FileChooser.ExtensionFilter("Pteron plans (*.json)", "*.json");

    /** Tells something; does not wait for it to be read. */
    void tell(String title, String sentence) {
        ask(title, sentence, List.of(new Choice("OK", () -> {})));
    }

    /**
     * One of the ways on.
     *
     * @param words what stands on its button
     * @param action what it does
     */
    record Choice(String words, Runnable action) {}

    /**
     * Asks which way to go on; does not wait for the answer. The last choice is taken when the question is
     * closed without one.
     *
     * @return takes the question back; nothing is done then
     */
    Runnable ask(String title, String sentence, List<Choice> choices) {
        return ask(title, sentence, null, choices);
    }

    /** Asks with something to choose under the sentence. */
    Runnable ask(String title, String sentence, Node content, List<Choice> choices) {
        DialogPane pane = pane(title, sentence);
        if (content != null) {
            Label words = new Label(sentence);
            words.setWrapText(true);
            pane.setContent(new VBox(8, words, content));
        }
        show(pane, choices);
        return () -> overlay.hide(pane);
    }

    /** Shows a card with ways on; Escape takes the last. */
    void show(DialogPane pane, List<Choice> choices) {
        for (Choice choice : choices) {
            ButtonType type = new ButtonType(choice.words(), ButtonBar.ButtonData.OTHER);
            pane.getButtonTypes().add(type);
            Button button = (Button) pane.lookupButton(type);
            // the toolkit's own keys for such buttons would take those of the commands away
            button.setDefaultButton(false);
            button.setCancelButton(false);
            // as wide as its own words: buttons all of one width would cut the longest
            ButtonBar.setButtonUniformSize(button, false);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(
                    event -> {
                        overlay.hide(pane);
                        choice.action().run();
                    });
            if (choice == choices.getFirst()) {
                button.getStyleClass().add("primary");
            }
        }
        overlay.show(pane, choices.getLast().action());
    }

    /**
     * How one of several things is picked.
     *
     * @param words what a thing is called
     * @param open opens it
     * @param throwAway throws it away, null where that is not offered
     */
    record Picking<T>(Function<T, String> words, Consumer<T> open, Consumer<T> throwAway) {}

    /** A cell that names its thing. */
    private static final class NamedCell<T> extends ListCell<T> {
        private final Function<T, String> words;

        NamedCell(Function<T, String> words) {
            this.words = words;
            setWrapText(true);
            // no wider than the list: words that are too long go on in the next line
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(T thing, boolean empty) {
            super.updateItem(thing, empty);
            setText(empty || thing == null ? "" : words.apply(thing));
        }
    }

    /** Lets one of several things be opened, or thrown away; does not wait for the answer. */
    <T> void choose(String title, String sentence, List<T> things, Picking<T> picking) {
        DialogPane pane = pane(title, sentence);
        ListView<T> list = new ListView<>();
        list.setId("choices");
        list.getItems().setAll(things);
        list.getSelectionModel().selectFirst();
        list.setPrefSize(560, 240);
        list.setCellFactory(view -> new NamedCell<>(picking.words));
        pane.setContent(new VBox(8, new Label(sentence), list));
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice("Open", () -> picked(list, picking.open)));
        if (picking.throwAway != null) {
            choices.add(new Choice("Discard", () -> picked(list, picking.throwAway)));
        }
        choices.add(new Choice("Later", () -> {}));
        show(pane, choices);
    }

    private static <T> void picked(ListView<T> list, Consumer<T> action) {
        T chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            action.accept(chosen);
        }
    }

    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm:ss", Locale.ENGLISH);

    /** {@return a moment as it is on the wall's clock} */
    static String time(Instant moment) {
        return TIME.format(moment.atZone(ZoneId.systemDefault()));
    }

    private static DialogPane pane(String title, String sentence) {
        DialogPane pane = new DialogPane();
        pane.setHeaderText(title);
        pane.setContentText(sentence);
        pane.setMinHeight(Region.USE_PREF_SIZE);
        pane.setPrefWidth(CARD_WIDTH);
        return pane;
    }

    Optional<Path> chooseToOpen(Optional<Path> folder) {
        return chosen(() -> chooser("Open a plan", folder, PLANS).showOpenDialog(owner));
    }

    Optional<Path> chooseToSave(Optional<Path> folder, String name) {
        FileChooser chooser = chooser("Save the plan as", folder, PLANS);
        chooser.setInitialFileName(name);
        return chosen(() -> chooser.showSaveDialog(owner));
    }

    Optional<Path> chooseToSaveAs(String name, String kind, String ending) {
        FileChooser chooser =
                chooser("Save as", Optional.empty(), new FileChooser.ExtensionFilter(kind, ending));
        chooser.setInitialFileName(name);
        return chosen(() -> chooser.showSaveDialog(owner));
    }

    Optional<Path> chooseMaterials(Optional<Path> folder) {
        return chosen(() -> chooser("Import own materials", folder, TABLES).showOpenDialog(owner));
    }

    Optional<Path> chooseMaterialsToSave(Optional<Path> folder) {
        FileChooser chooser = chooser("Save all materials", folder, TABLES);
        chooser.setInitialFileName("materials.csv");
        return chosen(() -> chooser.showSaveDialog(owner));
    }

    Optional<Path> chooseFolder(String title, Path from) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        if (isThere(from)) {
            chooser.setInitialDirectory(from.toFile());
        }
        return chosen(() -> chooser.showDialog(owner));
    }

    private static FileChooser chooser(
            String title, Optional<Path> folder, FileChooser.ExtensionFilter kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(kind);
        // a folder that is gone would keep the chooser from opening
        folder.filter(Dialogs::isThere)
                .ifPresent(path -> chooser.setInitialDirectory(path.toFile()));
        return chooser;
    }

    /** {@return whether a folder is there; one that does not answer at once is taken for gone} */
    private static boolean isThere(Path folder) {
        try {
            return Patience.within(AT_ONCE, folder, () -> Files.isDirectory(folder));
        } catch (IOException e) {
            return false;
        }
    }

    /** {@return what was chosen, empty for nothing; a desktop without choosers says so} */
    private Optional<Path> chosen(Supplier<File> chooser) {
        try {
            return Optional.ofNullable(chooser.get()).map(File::toPath);
        } catch (UnsupportedOperationException e) {
            tell(
                    "No files can be chosen here",
                    "This desktop has no chooser for files; give the file on the command line: ./pteron open FILE.");
            return Optional.empty();
        }
    }
}
