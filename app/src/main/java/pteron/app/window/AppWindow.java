package pteron.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import pteron.app.document.PlanDocument;
import pteron.app.document.RecentFiles;
import pteron.app.help.HelpCard;
import pteron.app.keep.Faults;
import pteron.app.keep.Stamp;
import pteron.app.reckon.ReckonerPane;
import pteron.app.start.StartScreen;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.app.style.Theme;
import pteron.app.window.Dialogs.Choice;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;

/** The window of the application: start screen or one open plan. */
public final class AppWindow implements PlanWindow, WindowLook {

    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");

    private final Stage stage;
    private final StackPane root = new StackPane();
    private final StackPane content = new StackPane();
    private final Overlay overlay = new Overlay();
    private final Underway underway = new Underway(root);
    private final Letters letters = new Letters();
    private final Focus focus;
    private final Scene scene;
    private final RecentFiles recent = RecentFiles.ofUser();
    private final ObjectProperty<Theme> theme = new SimpleObjectProperty<>(Theme.LIGHT);
    private final ObjectProperty<UnitSystem> newPlans =
            new SimpleObjectProperty<>(UnitSystem.METRIC);
    private final FileActions files = new FileActions(this);
    private final Consumer<String> faults =
            sentence -> Platform.runLater(() -> tellFault(sentence));
    private Runnable lastFault = () -> {};
    private Workbench bench;
    private MainWindow main;
    private Commands commands;

    /** A window on a stage, of a size (pixels). */
    public AppWindow(Stage stage, double width, double height) {
        this.stage = stage;
        Theme.loadFonts();
        scene = new Scene(root, width, height);
        root.getStyleClass().add("pteron");
        root.getChildren().setAll(content, overlay);
        focus = new Focus(scene, () -> main == null ? content : main.drawing());
        theme.subscribe(this::dress);
        letters.dress(root);
        letters.scaleProperty().subscribe(this::follow);
        scene.widthProperty().subscribe(this::follow);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoFromField);
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(
                event -> {
                    // it goes when the plan is whole on the disk, or not wanted
                    event.consume();
                    files.leave(this::close);
                });
        Faults.tell(faults);
    }

    /** Opens as it looked last, by a settings folder, and keeps there how it looks. */
    public void remember(Path settings) {
        new Remembering(stage, theme, newPlans, letters.scaleProperty(), settings).begin();
    }

    /** Panels say less in a window that is narrow for its letters. */
    private void follow() {
        boolean narrow = Letters.isNarrow(scene.getWidth(), letters.scaleProperty().get());
        root.pseudoClassStateChanged(NARROW, narrow);
        if (bench != null) {
            bench.lettersProperty().set(letters.scaleProperty().get());
            bench.narrowProperty().set(narrow);
        }
    }

    /** Tells the newest fault in the place of the one before: many would bury the plan. */
    private void tellFault(String sentence) {
        lastFault.run();
        lastFault = dialogs().ask("Internal error", sentence, List.of(new Choice("OK", () -> {})));
    }

    /** In a field undo first takes the typing back, and when there is none the edit. */
    private void undoFromField(KeyEvent event) {
        boolean undo = event.getCode() == KeyCode.Z && event.isShortcutDown();
        boolean inField =
                event.getTarget() instanceof TextInputControl text
                        && !(event.isShiftDown() ? text.isRedoable() : text.isUndoable());
        if (undo && inField && commands != null && !isAsking()) {
            commands.get(event.isShiftDown() ? "redo" : "undo").run();
            event.consume();
        }
    }

    private void dress(Theme chosen) {
        chosen.dress(scene);
        root.getStyleClass().removeAll("light", "dark");
        root.getStyleClass().add(chosen == Theme.DARK ? "dark" : "light");
        if (bench != null) {
            bench.themeProperty().set(chosen);
        }
    }

    /** {@return the scene, for pictures and tests} */
    public Scene scene() {
        return scene;
    }

    @Override
    public Workbench bench() {
        return bench;
    }

    /** {@return what is done with files} */
    public FileActions files() {
        return files;
    }

    /** {@return what can be done, null on the start screen} */
    Commands commands() {
        return commands;
    }

    @Override
    public void opened(Path file) {
        recent.opened(file);
    }

    @Override
    public void showStart() {
        closeBench();
        stage.setTitle("Pteron");
        // first: a menu that goes takes its keys out of the table, whoever has put them there
        StartScreen.Ways ways =
                new StartScreen.Ways(
                        plan -> show(plan, null),
                        this::open,
                        files::chooseAndOpen,
                        this::showReckoner,
                        this::showHelp,
                        this::switchTheme,
                        letters::larger);
        content.getChildren()
                .setAll(
                        new StartScreen(
                                ways, recent.all(), theme, newPlans, letters.scaleProperty()));
        scene.getAccelerators().clear();
        scene.getAccelerators()
                .put(
                        KeyCombination.valueOf("Shortcut+O"),
                        () -> Platform.runLater(this::chooseUnlessAsking));
        scene.getAccelerators()
                .put(KeyCombination.valueOf("F1"), () -> Platform.runLater(this::showHelp));
        scene.getAccelerators().put(KeyCombination.valueOf("Shortcut+L"), letters::larger);
    }

    private void chooseUnlessAsking() {
        if (!isAsking()) {
            files.chooseAndOpen();
        }
    }

    /**
     * Shows a plan.
     *
     * @param plan the plan
     * @param file where it was read from, null for a new one
     */
    public void show(BoxPlan plan, Path file) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        show(new PlanDocument(model, file, stamp(file)));
    }

    /** A file that is opened is known as it stands: else its own words would look like somebody else's. */
    private static Stamp stamp(Path file) {
        try {
            return file == null ? Stamp.NONE : Stamp.of(file);
        } catch (IOException e) {
            return Stamp.NONE;
        }
    }

    /** {@inheritDoc} Everything of it is built before the one before is let go. */
    @Override
    public void show(PlanDocument document) {
        Workbench next = new Workbench(document, theme.get());
        next.lettersProperty().set(letters.scaleProperty().get());
        next.narrowProperty().set(root.getPseudoClassStates().contains(NARROW));
        Commands doing = new Commands(next, this, files, this);
        MainWindow shown;
        try {
            shown = new MainWindow(next, doing);
        } catch (RuntimeException e) {
            next.close();
            throw e;
        }
        closeBench();
        bench = next;
        bench.onRefused(sentence -> tell("Not done", sentence));
        commands = doing;
        main = shown;
        content.getChildren().setAll(main);
        scene.getAccelerators().clear();
        commands.register(scene);
        stage.setTitle(document.plan().name() + " - Pteron");
        files.keep(document);
        main.drawing().requestFocus();
    }

    private void closeBench() {
        if (bench != null) {
            files.letGo();
            bench.close();
            bench = null;
            main = null;
            commands = null;
        }
    }

    private void close() {
        dispose();
        stage.close();
    }

    /** Stops what runs beside. */
    public void dispose() {
        Faults.stopTelling(faults);
        closeBench();
        files.close();
    }

    /** Opens a plan file; what is wrong with it is said in a sentence. */
    public void open(Path file) {
        files.open(file);
    }

    @Override
    public Dialogs dialogs() {
        return new Dialogs(stage, overlay);
    }

    @Override
    public void tell(String title, String sentence) {
        dialogs().tell(title, sentence);
    }

    @Override
    public Runnable underway(String words) {
        return underway.begin(words);
    }

    @Override
    public void switchTheme() {
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

    @Override
    public boolean isAsking() {
        return overlay.isShowing();
    }

    @Override
    public void showSearch() {
        SearchCard card = new SearchCard(bench, commands, overlay::hide);
        overlay.showLight(card);
    }

    @Override
    public void zoom(double factor) {
        main.drawing().zoom(factor);
    }

    @Override
    public void showHelp() {
        HelpCard[] card = new HelpCard[1];
        card[0] =
                new HelpCard(
                        commands == null ? List.of() : commands.all(), () -> overlay.hide(card[0]));
        overlay.showLight(card[0]);
    }

    @Override
    public void showWord(String word) {
        showHelp();
        ((HelpCard) scene.lookup("#help")).showWord(word);
    }

    @Override
    public void largerLetters() {
        letters.larger();
    }

    @Override
    public void rollUpTape() {
        main.drawing().measuringProperty().set(false);
    }

    @Override
    public void measure() {
        var measuring = main.drawing().measuringProperty();
        measuring.set(!measuring.get());
    }

    @Override
    public void fit() {
        main.drawing().fit();
    }

    @Override
    public void showReckoner() {
        Stage window = new Stage();
        ReckonerPane pane =
                new ReckonerPane(bench == null ? UnitSystem.METRIC : bench.units(), theme.get());
        pane.getStyleClass().addAll("pteron", theme.get() == Theme.DARK ? "dark" : "light");
        Scene inside = new Scene(pane, 880, 640);
        inside.getStylesheets().setAll(scene.getStylesheets());
        inside.addEventHandler(
                KeyEvent.KEY_PRESSED,
                event -> {
                    if (event.getCode() == KeyCode.ESCAPE) {
                        window.hide();
                    }
                });
        window.setTitle("Calculators - Pteron");
        window.initOwner(stage);
        window.setX(stage.getX() + 60);
        window.setY(stage.getY() + 60);
        window.setScene(inside);
        window.show();
    }

    @Override
    public List<Path> recentFiles() {
        return recent.all();
    }
}
