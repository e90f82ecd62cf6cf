package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.route.ScreenRoute;
import pteron.app.station.Toolbox;
import pteron.app.station.Workbench;

/** The tools of the station that is stopped at; what a dragged handle has snapped to. */
final class StationTools extends HBox {

    private final Workbench bench;
    private final Toolbox toolbox;
    private final Label hint = new Label();

    StationTools(Workbench bench, DrawingBehavior behavior) {
        super(6);
        this.bench = bench;
        this.toolbox = new Toolbox(bench);
        setId("station-tools");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("station-tools");
        hint.setId("hint");
        hint.getStyleClass().add("quiet");
        hint.setMinWidth(0);
        behavior.hintProperty().subscribe(hint::setText);
        toolbox.refusedProperty().subscribe(hint::setText);
        bench.stationProperty().subscribe(station -> rebuild());
        bench.chosenProperty().subscribe(parts -> rebuild());
        bench.tableProperty().subscribe(table -> rebuild());
        bench.aspectProperty().subscribe(aspect -> rebuild());
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
            } else if (tool instanceof Button button) {
                MenuItem item = new MenuItem(button.getText());
                item.setOnAction(event -> button.fire());
                items.add(item);
            }
        }
        return items;
    }

    private void rebuild() {
        List<Node> tools = ScreenRoute.of(bench.stationProperty().get()).tools().apply(toolbox);
        getChildren().setAll(tools);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(gap, hint);
        setVisible(!tools.isEmpty());
        setManaged(!tools.isEmpty());
    }
}
