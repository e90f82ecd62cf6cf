package pteron.app.window;

import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import pteron.app.action.Command;
import pteron.app.station.Workbench;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;

/** The top: name of the plan, file menu, undo and redo, units, search. */
final class HeaderBar extends HBox {

    private final Workbench bench;
    private final Label name = new Label();
    private final Label purpose = new Label();
    private final Label state = new Label();

    HeaderBar(Workbench bench, Commands commands) {
        this.bench = bench;
        getStyleClass().add("header");
        setAlignment(Pos.CENTER_LEFT);
        name.getStyleClass().add("plan-name");
        name.setMinWidth(USE_PREF_SIZE);
        name.setOnMouseClicked(event -> commands.get("rename").run());
        purpose.getStyleClass().add("quiet");
        purpose.setMinWidth(0);
        purpose.setId("plan-purpose");
        state.getStyleClass().add("saved");
        state.setId("saved-state");
        state.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren()
                .addAll(
                        mark(),
                        name,
                        purpose,
                        state,
                        gap,
                        fileMenu(commands),
                        button(commands.get("undo"), "Undo"),
                        button(commands.get("redo"), "Redo"),
                        units(commands),
                        button(commands.get("theme"), "Light / dark"),
                        search(commands));
        tellBack(commands);
        bench.narrowProperty().subscribe(this::saysLess);
        bench.document().modelProperty().subscribe(model -> update());
        bench.document().changedProperty().subscribe(changed -> update());
        bench.document().fileProperty().subscribe(file -> update());
    }

    /** Undo and redo name what they take back or do again. */
    private void tellBack(Commands commands) {
        for (Node node : getChildren()) {
            boolean undo = "do-undo".equals(node.getId());
            if (node instanceof Button button && (undo || "do-redo".equals(node.getId()))) {
                String keys = commands.get(undo ? "undo" : "redo").keysText();
                Tooltip tip = new Tooltip();
                tip.setOnShowing(event -> tip.setText(back(undo) + "   " + keys));
                button.setTooltip(tip);
            }
        }
    }

    private String back(boolean undo) {
        return undo
                ? "Undo: " + bench.document().undoWords()
                : "Redo: " + bench.document().redoWords();
    }

    private static Group mark() {
        Group mark = new Group();
        for (int i = 0; i < 3; i++) {
            Line stroke = new Line(i * 7.0, 18, 6 + i * 7.0, 0);
            stroke.getStyleClass().add("logo-stroke");
            mark.getChildren().add(stroke);
        }
        return mark;
    }

    private static MenuItem item(Command command) {
        MenuItem item = new MenuItem(command.name());
        item.setId("menu-" + command.id());
        item.setAccelerator(command.keys());
        // later: its keys are found in the very table of shortcuts that a command may change
        item.setOnAction(event -> Platform.runLater(command::run));
        command.enabled().subscribe(enabled -> item.setDisable(!enabled));
        return item;
    }

    private static final List<String> IN_FILE_MENU =
            List.of(
                    "new",
                    "open",
                    "save",
                    "save-as",
                    "rename",
                    "earlier",
                    "print",
                    "export",
                    "materials",
                    "materials-csv",
                    "reckoner",
                    "start");

    private MenuButton fileMenu(Commands commands) {
        MenuButton menu = new MenuButton("File");
        menu.setId("file-menu");
        menu.setMinWidth(USE_PREF_SIZE);
        for (String id : IN_FILE_MENU) {
            MenuItem item = item(commands.get(id));
            if (id.equals("print") || id.equals("start")) {
                menu.getItems().add(new SeparatorMenuItem());
            }
            menu.getItems().add(item);
        }
        Menu recent = new Menu("Open recent");
        recent.setId("menu-recent");
        menu.getItems().add(2, recent);
        menu.showingProperty().subscribe(showing -> fill(recent, commands.recent()));
        return menu;
    }

    private static void fill(Menu recent, List<Command> files) {
        recent.getItems().clear();
        for (Command file : files) {
            MenuItem item = new MenuItem(file.name());
            item.setOnAction(event -> Platform.runLater(file::run));
            recent.getItems().add(item);
        }
        recent.setDisable(files.isEmpty());
    }

    private static Button button(Command command, String words) {
        Button button = new Button(words);
        button.setId("do-" + command.id());
        button.getStyleClass().add("header-button");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(event -> command.run());
        command.enabled().subscribe(enabled -> button.setDisable(!enabled));
        button.setTooltip(new Tooltip(command.name() + "   " + command.keysText()));
        return button;
    }

    private Button units(Commands commands) {
        Button units = button(commands.get("units"), "mm");
        bench.document()
                .modelProperty()
                .subscribe(
                        model ->
                                units.setText(
                                        model.plan().units() == UnitSystem.METRIC
                                                ? "mm"
                                                : "ft in"));
        units.setMinWidth(USE_PREF_SIZE);
        return units;
    }

    private Button search(Commands commands) {
        Button search = button(commands.get("search"), "");
        search.getStyleClass().add("search");
        bench.narrowProperty()
                .subscribe(
                        narrow -> search.setText(narrow ? "Find" : "Find, go to, do …   Ctrl K"));
        return search;
    }

    /** In a window that is narrow for its letters the name alone tells the plan, and a tip the rest. */
    private void saysLess(boolean narrow) {
        name.setMinWidth(narrow ? 0 : USE_PREF_SIZE);
        for (Label label : List.of(purpose, state)) {
            label.setVisible(!narrow);
            label.setManaged(!narrow);
        }
    }

    private void update() {
        BoxPlan plan = bench.document().plan();
        name.setText(plan.name());
        purpose.setText(plan.purpose());
        String where =
                bench.document()
                        .file()
                        .map(file -> file.getFileName().toString())
                        .orElse("not saved yet");
        state.setText(bench.document().changedProperty().get() ? where + ", changed" : where);
        name.setTooltip(
                new Tooltip(String.join(", ", plan.name(), plan.purpose(), state.getText())));
    }
}
