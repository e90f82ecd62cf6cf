package pteron.app.window;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.document.RecentFiles;
import pteron.app.station.Workbench;
import pteron.app.style.Theme;
import pteron.core.edit.OwnMaterials;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.MaterialCsv;

/** The window of the application: start screen or one open plan. */
public final class AppWindow {

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

    /** Opens a plan file in place of the open plan, if that may go. */
    void openInstead(Path file) {
        if (mayClose()) {
            open(file);
        }
    }

    List<Path> recent() {
        return recent.all();
    }

    void chooseAndOpen() {
        dialogs().chooseToOpen(folder()).ifPresent(this::openInstead);
    }

    void save() {
        bench.document().file().ifPresentOrElse(this::saveTo, this::chooseAndSave);
    }

    void chooseAndSave() {
        String name = bench.document().plan().name() + ".json";
        dialogs().chooseToSave(folder(), name).ifPresent(this::saveTo);
    }

    /** {@return folder of the open plan, empty while it never was saved} */
    private Optional<Path> folder() {
        return Optional.ofNullable(bench)
                .flatMap(open -> open.document().file())
                .map(file -> file.toAbsolutePath().getParent());
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

    void chooseMaterials() {
        dialogs().chooseMaterials(folder()).ifPresent(this::importMaterials);
    }

    /** Brings own materials out of a CSV file into the plan; bad lines are told, the others taken. */
    public void importMaterials(Path file) {
        files.beside(
                () -> MaterialCsv.read(Files.readString(file, StandardCharsets.UTF_8)),
                reading -> {
                    bench.document().edit(plan -> OwnMaterials.with(plan, reading.materials()));
                    String taken = "%d materials were taken.".formatted(reading.materials().size());
                    tell(
                            "Own materials",
                            reading.faults().isEmpty()
                                    ? taken
                                    : taken + "\nRefused:\n" + String.join("\n", reading.faults()));
                },
                sentence -> tell("No materials were taken", sentence));
    }

    void chooseMaterialsToSave() {
        dialogs().chooseMaterialsToSave(folder()).ifPresent(this::saveMaterials);
    }

    /** Saves the library with the plan's own materials: change lines there and import them. */
    public void saveMaterials(Path file) {
        MaterialLibrary library = bench.document().model().library();
        files.beside(
                () -> Files.writeString(file, MaterialCsv.text(library), StandardCharsets.UTF_8),
                written -> tell("Materials", "Saved in " + written),
                sentence -> tell("The materials were not saved", sentence));
    }

    void chooseAndExport() {
        dialogs().chooseFolder("Export lists and drawings into a folder").ifPresent(this::exportTo);
    }

    /** Exports lists and drawings into a folder. */
    public void exportTo(Path folder) {
        files.export(
                bench.document().model(),
                folder,
                written ->
                        tell("Exported", "%d files are in %s.".formatted(written.size(), folder)),
                sentence -> tell("Nothing was exported", sentence));
    }

    /** {@return whether an open plan may go: it is saved, or the builder lets it go} */
    private boolean mayClose() {
        if (bench == null || !bench.document().changedProperty().get()) {
            return true;
        }
        return switch (dialogs().askToSave()) {
            case SAVE -> {
                save();
                yield bench.document().file().isPresent();
            }
            case DISCARD -> true;
            case CANCEL -> false;
        };
    }

    private Dialogs dialogs() {
        return new Dialogs(stage, scene, theme.get());
    }

    void closePlan() {
        if (mayClose()) {
            showStart();
        }
    }

    private void tell(String title, String sentence) {
        dialogs().tell(title, sentence);
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
