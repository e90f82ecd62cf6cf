package pteron.app.window;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Scene;
import pteron.app.action.Command;
import pteron.app.station.Toolbox;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.model.Route;
import pteron.core.placing.OpeningEdits;
import pteron.core.plan.Opening;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;

/** The things that can be done with an open document, by id. */
final class Commands {

    /** The row of digits and the two keys after it: the twelve stations of the route. */
    static final List<String> STATION_KEYS =
            List.of(
                    "DIGIT1", "DIGIT2", "DIGIT3", "DIGIT4", "DIGIT5", "DIGIT6", "DIGIT7", "DIGIT8",
                    "DIGIT9", "DIGIT0", "MINUS", "EQUALS");

    private final Map<String, Command> byId = new LinkedHashMap<>();
    private final FileActions files;
    private final PlanWindow window;
    private final WindowLook look;

    Commands(Workbench bench, PlanWindow window, FileActions files, WindowLook look) {
        this.window = window;
        this.files = files;
        this.look = look;
        addFiles();
        add(
                Command.of(
                        "rename",
                        "Rename the plan …",
                        "",
                        () -> new Renaming(bench, window.dialogs()).ask()));
        add(Command.of("reckoner", "Calculators", "Shortcut+R", look::showReckoner));
        add(Command.of("start", "Close the plan", "Shortcut+W", files::closePlan));
        addEdits(bench, look);
        addLooks(bench, look);
        addStations(bench);
        addViews(bench);
    }

    private void addFiles() {
        add(Command.of("print", "Print …", "Shortcut+P", files::print));
        add(Command.of("new", "New plan", "Shortcut+N", files::closePlan));
        add(Command.of("open", "Open a plan …", "Shortcut+O", files::chooseAndOpen));
        add(Command.of("save", "Save", "Shortcut+S", files::save));
        add(Command.of("save-as", "Save as …", "Shortcut+Shift+S", files::chooseAndSave));
        add(Command.of("earlier", "Earlier saves …", "", files::chooseEarlier));
        add(
                Command.of(
                        "export",
                        "Export lists and drawings …",
                        "Shortcut+E",
                        files.exports()::chooseAndExport));
        add(Command.of("materials", "Import own materials …", "", files.lists()::chooseMaterials));
        add(
                Command.of(
                        "materials-csv",
                        "Save all materials as CSV …",
                        "",
                        files.lists()::chooseMaterialsToSave));
    }

    private void addEdits(Workbench bench, WindowLook look) {
        add(
                Command.of(
                        "undo",
                        "Undo",
                        "Shortcut+Z",
                        bench.document().canUndoProperty(),
                        bench.document()::undo));
        add(
                Command.of(
                        "redo",
                        "Redo",
                        "Shortcut+Shift+Z",
                        bench.document().canRedoProperty(),
                        bench.document()::redo));
        add(Command.of("delete", "Delete selection", "DELETE", () -> delete(bench)));
        add(Command.of("duplicate", "Duplicate selection", "Shortcut+D", () -> duplicate(bench)));
        add(
                Command.of(
                        "units",
                        "Switch between mm and inches",
                        "Shortcut+U",
                        () -> switchUnits(bench)));
        add(Command.of("theme", "Switch between light and dark", "Shortcut+T", look::switchTheme));
    }

    private void addLooks(Workbench bench, WindowLook look) {
        add(Command.of("help", "Help: keys, words of the trade, how-tos", "F1", look::showHelp));
        add(Command.of("letters", "Text size", "Shortcut+L", look::largerLetters));
        add(Command.of("measure", "Measuring tape", "Shortcut+M", look::measure));
        add(Command.of("search", "Find, go to, do", "Shortcut+K", look::showSearch));
        add(Command.of("zoom-in", "Zoom in", "Shortcut+EQUALS", () -> look.zoom(1.25)));
        add(Command.of("zoom-out", "Zoom out", "Shortcut+MINUS", () -> look.zoom(0.8)));
        add(Command.of("fit", "Fit the drawing to the window", "Shortcut+DIGIT0", look::fit));
        add(
                Command.of(
                        "close-working",
                        "Close the working",
                        "ESCAPE",
                        () -> {
                            bench.workingProperty().set("");
                            look.rollUpTape();
                        }));
    }

    private void addStations(Workbench bench) {
        Iterator<String> keys = STATION_KEYS.iterator();
        for (Station station : Route.stations()) {
            add(
                    Command.of(
                            "station-" + station.key(),
                            "Go to " + station.label(),
                            keys.hasNext() ? "Alt+" + keys.next() : "",
                            () -> bench.stationProperty().set(station)));
        }
    }

    private void addViews(Workbench bench) {
        int key = 1;
        for (View view : View.values()) {
            add(
                    Command.of(
                            "view-" + view.key(),
                            "View: " + view.title(),
                            "F" + (key++ + 1),
                            () -> bench.viewProperty().set(view)));
        }
    }

    /** A command rests while a card lies over the window. */
    private void add(Command command) {
        Runnable action =
                () -> {
                    if (!look.isAsking()) {
                        command.action().run();
                    }
                };
        byId.put(
                command.id(),
                new Command(
                        command.id(), command.name(), command.keys(), command.enabled(), action));
    }

    /** Takes out the chosen openings, or the chosen corner or spot. */
    private static void delete(Workbench bench) {
        String part = bench.selectedProperty().get();
        List<String> openings = chosenOpenings(bench);
        if (!openings.isEmpty()) {
            bench.edit(plan -> OpeningEdits.without(plan, openings));
        } else if (OutlineHandle.of(part).corner() >= 0) {
            bench.edit(plan -> OutlineTools.without(plan, OutlineHandle.of(part)));
        }
        bench.selectedProperty().set("");
    }

    private static List<String> chosenOpenings(Workbench bench) {
        List<String> all = bench.document().plan().openings().stream().map(Opening::id).toList();
        return bench.chosenProperty().get().stream().filter(all::contains).toList();
    }

    private static void duplicate(Workbench bench) {
        List<String> openings = chosenOpenings(bench);
        if (!openings.isEmpty()) {
            new Toolbox(bench).edit(plan -> OpeningEdits.duplicated(plan, openings));
        }
    }

    private static void switchUnits(Workbench bench) {
        UnitSystem other =
                bench.units() == UnitSystem.METRIC ? UnitSystem.INCHES : UnitSystem.METRIC;
        bench.edit(plan -> plan.withUnits(other));
    }

    /** {@return the files opened last, newest first, each with what opens it} */
    List<Command> recent() {
        return window.recentFiles().stream()
                .map(
                        file ->
                                Command.of(
                                        "recent",
                                        file.toString(),
                                        "",
                                        () -> files.openInstead(file)))
                .toList();
    }

    /** Shows what a word of the trade means. */
    void word(String word) {
        look.showWord(word);
    }

    Command get(String id) {
        return byId.get(id);
    }

    List<Command> all() {
        return List.copyOf(byId.values());
    }

    /** Makes the shortcuts work in a scene. */
    void register(Scene scene) {
        for (Command command : byId.values()) {
            if (command.keys() != null) {
                // later: a command may change the very table of shortcuts that is being searched
                scene.getAccelerators().put(command.keys(), () -> Platform.runLater(command::run));
            }
        }
    }
}
