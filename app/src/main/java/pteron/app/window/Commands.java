package pteron.app.window;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Scene;
import pteron.app.action.Command;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;

/** The things that can be done with an open document, by id. */
final class Commands {

    private final Map<String, Command> byId = new LinkedHashMap<>();
    private final AppWindow window;

    Commands(Workbench bench, AppWindow window) {
        this.window = window;
        add(Command.of("open", "Open a plan …", "Shortcut+O", window.files()::chooseAndOpen));
        add(Command.of("save", "Save", "Shortcut+S", window.files()::save));
        add(Command.of("save-as", "Save as …", "Shortcut+Shift+S", window.files()::chooseAndSave));
        add(Command.of("earlier", "Earlier saves …", "", window.files()::chooseEarlier));
        add(
                Command.of(
                        "export",
                        "Export lists and drawings …",
                        "Shortcut+E",
                        window.files().lists()::chooseAndExport));
        add(
                Command.of(
                        "materials",
                        "Import own materials …",
                        "",
                        window.files().lists()::chooseMaterials));
        add(
                Command.of(
                        "materials-csv",
                        "Save all materials as CSV …",
                        "",
                        window.files().lists()::chooseMaterialsToSave));
        add(Command.of("reckoner", "Reckoner", "Shortcut+R", window::showReckoner));
        add(Command.of("start", "Close the plan", "Shortcut+W", window.files()::closePlan));
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
        add(
                Command.of(
                        "units",
                        "Switch between mm and inches",
                        "Shortcut+U",
                        () -> switchUnits(bench)));
        add(
                Command.of(
                        "theme",
                        "Switch between light and dark",
                        "Shortcut+T",
                        window::switchTheme));
        add(Command.of("search", "Find, go to, do", "Shortcut+K", window::showSearch));
        add(Command.of("zoom-in", "Nearer", "Shortcut+EQUALS", () -> window.zoom(1.25)));
        add(Command.of("zoom-out", "Farther", "Shortcut+MINUS", () -> window.zoom(0.8)));
        add(Command.of("fit", "Fit the drawing into the window", "Shortcut+DIGIT0", window::fit));
        add(
                Command.of(
                        "close-working",
                        "Close the working",
                        "ESCAPE",
                        () -> bench.workingProperty().set("")));
        int digit = 1;
        for (Station station : Station.values()) {
            add(
                    Command.of(
                            "station-" + station.key(),
                            "Go to " + station.label(),
                            "Alt+DIGIT" + digit++,
                            () -> bench.stationProperty().set(station)));
        }
        int key = 1;
        for (View view : View.values()) {
            add(
                    Command.of(
                            "view-" + view.key(),
                            "Look at: " + view.title(),
                            "F" + (key++ + 1),
                            () -> bench.viewProperty().set(view)));
        }
    }

    private void add(Command command) {
        byId.put(command.id(), command);
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
                                        () -> window.files().openInstead(file)))
                .toList();
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
