package pteron.app.window;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.document.RecentFiles;
import pteron.app.style.Theme;
import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.export.Exports;
import pteron.exchange.pdf.Paper;

/** The window of the application: start screen or one open plan. */
public final class AppWindow {

    private static final FileChooser.ExtensionFilter PLANS =
            new FileChooser.ExtensionFilter("Pteron plans (*.json)", "*.json");

    private final Stage stage;
    private final StackPane root = new StackPane();
    private final Scene scene;
    private final FileDesk files = new FileDesk();
    private final RecentFiles recent = RecentFiles.ofUser();
    private final ObjectProperty<Theme> theme = new SimpleObjectProperty<>(Theme.LIGHT);
    private Workbench bench;
    private MainWindow main;
    private Commands commands;

    /** A window on a stage, of a size (pixels). */
    public AppWindow(Stage stage, double width, double height) {
        this.stage = stage;
        Theme.loadFonts();
        scene = new Scene(root, width, height);
        root.getStyleClass().add("pteron");
        theme.subscribe(
                chosen -> {
                    chosen.dress(scene);
                    root.getStyleClass().removeAll("light", "dark");
                    root.getStyleClass().add(chosen == Theme.DARK ? "dark" : "light");
                });
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(
                event -> {
                    if (!mayClose()) {
                        event.consume();
                    } else {
                        dispose();
                    }
                });
    }

    /** {@return the scene, for pictures and tests} */
    public Scene scene() {
        return scene;
    }

    /** {@return what is looked at, null on the start screen} */
    public Workbench bench() {
        return bench;
    }

    /** Shows the start screen. */
    public void showStart() {
        closeBench();
        stage.setTitle("Pteron");
        scene.getAccelerators().clear();
        root.getChildren().setAll(new StartScreen(this, recent.all()));
    }

    /**
     * Shows a plan.
     *
     * @param plan the plan
     * @param file where it was read from, null for a new one
     */
    public void show(BoxPlan plan, Path file) {
        closeBench();
        bench = new Workbench(new PlanDocument(plan, file), theme);
        commands = new Commands(bench, this);
        main = new MainWindow(bench, commands);
        scene.getAccelerators().clear();
        commands.register(scene);
        root.getChildren().setAll(main);
        stage.setTitle(plan.name() + " - Pteron");
        main.drawing().requestFocus();
    }

    private void closeBench() {
        if (bench != null) {
            bench.close();
            bench = null;
        }
    }

    /** Stops what runs beside. */
    public void dispose() {
        closeBench();
        files.close();
    }

    /** Opens a plan file; what is wrong with it is said in a sentence. */
    public void open(Path file) {
        files.read(
                file,
                plan -> {
                    recent.opened(file);
                    show(plan, file);
                },
                sentence -> tell("This plan was not opened", sentence));
    }

    void chooseAndOpen() {
        FileChooser chooser = chooser("Open a plan");
        File file = chooser.showOpenDialog(stage);
        if (file != null && mayClose()) {
            open(file.toPath());
        }
    }

    private FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(PLANS);
        if (bench != null) {
            bench.document()
                    .file()
                    .map(Path::toAbsolutePath)
                    .ifPresent(f -> chooser.setInitialDirectory(f.getParent().toFile()));
        }
        return chooser;
    }

    void save() {
        bench.document().file().ifPresentOrElse(this::saveTo, this::chooseAndSave);
    }

    void chooseAndSave() {
        FileChooser chooser = chooser("Save the plan as");
        chooser.setInitialFileName(bench.document().plan().name() + ".json");
        File file = chooser.showSaveDialog(stage);
        if (file != null) {
            saveTo(file.toPath());
        }
    }

    /** Saves the plan to a file. */
    public void saveTo(Path file) {
        PlanDocument document = bench.document();
        BoxPlan plan = document.plan();
        files.save(
                plan,
                file,
                () -> {
                    document.savedAs(plan, file);
                    recent.opened(file);
                },
                sentence -> tell("The plan was not saved", sentence));
    }

    void chooseAndExport() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Export lists and drawings into a folder");
        File folder = chooser.showDialog(stage);
        if (folder != null) {
            exportTo(folder.toPath());
        }
    }

    /** Exports lists and drawings into a folder. */
    public void exportTo(Path folder) {
        BoxModel model = bench.document().model();
        Paper paper = model.plan().units() == UnitSystem.METRIC ? Paper.A4 : Paper.LETTER;
        files.beside(
                () -> {
                    BarCutting cutting = BarCutting.of(model.members(), model.plan().supplies());
                    return write(model, cutting, paper, folder);
                },
                written ->
                        tell("Exported", "%d files are in %s.".formatted(written.size(), folder)),
                sentence -> tell("Nothing was exported", sentence));
    }

    private static List<Path> write(BoxModel model, BarCutting cutting, Paper paper, Path folder)
            throws IOException {
        return Exports.write(model, cutting, new Exports.Order(folder, Exports.KINDS, paper));
    }

    /** {@return whether an open plan may go: it is saved, or the builder lets it go} */
    private boolean mayClose() {
        if (bench == null || !bench.document().changedProperty().get()) {
            return true;
        }
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType("Don't save", ButtonBar.ButtonData.NO);
        Alert ask = alert("Save the changes?", "The plan has changes that are not saved.");
        ask.getButtonTypes().setAll(save, discard, ButtonType.CANCEL);
        Optional<ButtonType> answer = ask.showAndWait();
        if (answer.isPresent() && answer.get() == save) {
            save();
            return bench.document().file().isPresent();
        }
        return answer.isPresent() && answer.get() == discard;
    }

    void closePlan() {
        if (mayClose()) {
            showStart();
        }
    }

    private Alert alert(String title, String sentence) {
        Alert alert = new Alert(Alert.AlertType.NONE, sentence, ButtonType.OK);
        alert.initOwner(stage);
        alert.setTitle("Pteron");
        alert.setHeaderText(title);
        alert.getDialogPane().getStylesheets().setAll(scene.getStylesheets());
        alert.getDialogPane()
                .getStyleClass()
                .addAll("pteron", theme.get() == Theme.DARK ? "dark" : "light");
        alert.getDialogPane().setMinHeight(Region.USE_PREF_SIZE);
        return alert;
    }

    private void tell(String title, String sentence) {
        alert(title, sentence).show();
    }

    void switchTheme() {
        theme.set(theme.get().other());
    }

    /** Shows it light or dark. */
    public void setTheme(Theme chosen) {
        theme.set(chosen);
    }

    /** Shows findings, inputs or figures at the right. */
    public void showSide(String name) {
        main.showSide(name);
    }

    void showSearch() {
        SearchPopup popup = new SearchPopup(bench, commands);
        popup.getScene().getStylesheets().setAll(scene.getStylesheets());
        popup.getScene().getRoot().getStyleClass().addAll(root.getStyleClass());
        popup.show(stage, stage.getX() + scene.getWidth() / 2 - 230, stage.getY() + 70);
    }

    void zoom(double factor) {
        main.drawing().zoom(factor);
    }

    void fit() {
        main.drawing().fit();
    }

    /** Opens the small sums in a window of their own. */
    public void showReckoner() {
        Stage window = new Stage();
        ReckonerPane pane = new ReckonerPane(bench == null ? UnitSystem.METRIC : bench.units());
        pane.getStyleClass().addAll("pteron", theme.get() == Theme.DARK ? "dark" : "light");
        Scene inside = new Scene(pane, 760, 560);
        inside.getStylesheets().setAll(scene.getStylesheets());
        window.setTitle("Reckoner - Pteron");
        window.initOwner(stage);
        window.setScene(inside);
        window.show();
    }
}
