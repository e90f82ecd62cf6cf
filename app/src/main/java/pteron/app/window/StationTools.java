package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.route.ScreenRoute;
import pteron.app.station.Toolbox;
import pteron.app.station.Workbench;

/** The tools of the station that is stopped at; what a dragged handle has snapped to. */
final class StationTools extends VBox {

    private final Workbench bench;
    private final Toolbox toolbox;
    private final FlowPane tools = new FlowPane();
    private final Label hint = new Label();

    StationTools(Workbench bench, DrawingBehavior behavior) {
        super(2);
        this.bench = bench;
        this.toolbox = new Toolbox(bench);
        setId("station-tools");
        getStyleClass().add("station-tools");
        hint.setId("hint");
        hint.getStyleClass().add("hint");
        hint.setWrapText(true);
        tools.setHgap(6);
        tools.setVgap(4);
        tools.setAlignment(Pos.CENTER_LEFT);
        hint.setMouseTransparent(true);
        StackPane.setAlignment(hint, Pos.BOTTOM_LEFT);
        getChildren().add(tools);
        hint.textProperty()
                .subscribe(
                        words -> {
                            hint.setVisible(!words.isEmpty());
                            hint.setManaged(!words.isEmpty());
                        });
        behavior.hintProperty().subscribe(hint::setText);
        toolbox.refusedProperty().subscribe(hint::setText);
        bench.stationProperty().subscribe(station -> rebuild());
        bench.chosenProperty().subscribe(parts -> rebuild());
        bench.tableProperty().subscribe(table -> rebuild());
        bench.aspectProperty().subscribe(aspect -> rebuild());
        bench.viewProperty().subscribe(view -> rebuild());
        bench.narrowProperty().subscribe(narrow -> rebuild());
    }

    /** {@return what a drag has snapped to or why something is refused; to lie over the drawing, so that nothing moves} */
    Label hint() {
        return hint;
    }

    /** {@return the tools that can be used now, as items of a menu} */
    List<MenuItem> menuItems() {
        List<MenuItem> items = new ArrayList<>();
        for (Node tool : ScreenRoute.of(bench.stationProperty().get()).tools().apply(toolbox)) {
            if (tool.isDisabled()) {
                continue;
            }
            if (tool instanceof MenuButton menu) {
                Menu below = new Menu(menu.getText());
                below.getItems().setAll(List.copyOf(menu.getItems()));
                items.add(below);
            } else if (tool instanceof ToggleButton toggle) {
                CheckMenuItem item = new CheckMenuItem(toggle.getText());
                item.setSelected(toggle.isSelected());
                item.setOnAction(event -> toggle.fire());
                items.add(item);
            } else if (tool instanceof Button button) {
                MenuItem item = new MenuItem(button.getText());
                item.setOnAction(event -> button.fire());
                items.add(item);
            }
        }
        return items;
    }

    private MenuButton inOneMenu() {
        MenuButton menu = new MenuButton("Tools");
        menu.setId("tools-menu");
        menu.getStyleClass().add("tool");
        menu.setMinWidth(USE_PREF_SIZE);
        menu.getItems().setAll(menuItems());
        return menu;
    }

    private void rebuild() {
        List<? extends Node> made =
                ScreenRoute.of(bench.stationProperty().get()).tools().apply(toolbox);
        tools.getChildren().setAll(made);
        if (bench.narrowProperty().get() && !made.isEmpty()) {
            tools.getChildren().setAll(inOneMenu());
        }
        tools.setVisible(!tools.getChildren().isEmpty());
        tools.setManaged(!tools.getChildren().isEmpty());
    }
}
