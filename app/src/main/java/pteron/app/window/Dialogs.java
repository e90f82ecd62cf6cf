package pteron.app.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.layout.Region;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import pteron.app.style.Theme;

/**
 * Questions and messages over a window, in its own dress.
 *
 * @param owner the window
 * @param scene its scene, whose style sheets are worn
 * @param theme light or dark
 */
record Dialogs(Stage owner, Scene scene, Theme theme) {

    private static final FileChooser.ExtensionFilter TABLES =
            new FileChooser.ExtensionFilter("Tables (CSV)", "*.csv");

    private static final FileChooser.ExtensionFilter PLANS =
            new FileChooser.ExtensionFilter("Pteron plans (*.json)", "*.json");

    /** What becomes of changes that are not saved. */
    enum Answer {
        /** They are saved. */
        SAVE,
        /** They are let go. */
        DISCARD,
        /** The plan stays open. */
        CANCEL
    }

    /** Tells something; does not wait for it to be read. */
    void tell(String title, String sentence) {
        alert(title, sentence).show();
    }

    Answer askToSave() {
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType("Don't save", ButtonBar.ButtonData.NO);
        Alert ask = alert("Save the changes?", "The plan has changes that are not saved.");
        ask.getButtonTypes().setAll(save, discard, ButtonType.CANCEL);
        ButtonType answer = ask.showAndWait().orElse(ButtonType.CANCEL);
        return answer == save ? Answer.SAVE : answer == discard ? Answer.DISCARD : Answer.CANCEL;
    }

    private Alert alert(String title, String sentence) {
        Alert alert = new Alert(Alert.AlertType.NONE, sentence, ButtonType.OK);
        alert.initOwner(owner);
        alert.setTitle("Pteron");
        alert.setHeaderText(title);
        alert.getDialogPane().getStylesheets().setAll(scene.getStylesheets());
        alert.getDialogPane()
                .getStyleClass()
                .addAll("pteron", theme == Theme.DARK ? "dark" : "light");
        alert.getDialogPane().setMinHeight(Region.USE_PREF_SIZE);
        return alert;
    }

    Optional<Path> chooseToOpen(Optional<Path> folder) {
        return path(chooser("Open a plan", folder, PLANS).showOpenDialog(owner));
    }

    Optional<Path> chooseToSave(Optional<Path> folder, String name) {
        FileChooser chooser = chooser("Save the plan as", folder, PLANS);
        chooser.setInitialFileName(name);
        return path(chooser.showSaveDialog(owner));
    }

    Optional<Path> chooseMaterials(Optional<Path> folder) {
        return path(chooser("Import own materials", folder, TABLES).showOpenDialog(owner));
    }

    Optional<Path> chooseMaterialsToSave(Optional<Path> folder) {
        FileChooser chooser = chooser("Save all materials", folder, TABLES);
        chooser.setInitialFileName("materials.csv");
        return path(chooser.showSaveDialog(owner));
    }

    Optional<Path> chooseFolder(String title) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        return path(chooser.showDialog(owner));
    }

    private static FileChooser chooser(
            String title, Optional<Path> folder, FileChooser.ExtensionFilter kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(kind);
        folder.ifPresent(path -> chooser.setInitialDirectory(path.toFile()));
        return chooser;
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
