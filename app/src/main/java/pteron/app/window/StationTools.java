package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.station.Workbench;
import pteron.app.table.Tables;
import pteron.core.buildup.Layer;
import pteron.core.edit.MakeUpEdits;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.VehicleEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingVehicles;
import pteron.core.quantity.Named;
import pteron.core.vehicle.Vehicle;

/** What can be added, taken away or changed in kind at a station; what a dragged handle has snapped to. */
final class StationTools extends HBox {

    private final Workbench bench;
    private final Label hint = new Label();

    StationTools(Workbench bench, DrawingBehavior behavior) {
        super(6);
        this.bench = bench;
        setId("station-tools");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("station-tools");
        hint.setId("hint");
        hint.getStyleClass().add("quiet");
        hint.setMinWidth(0);
        behavior.hintProperty().subscribe(hint::setText);
        bench.stationProperty().subscribe(station -> rebuild());
        bench.selectedProperty().subscribe(part -> rebuild());
        bench.tableProperty().subscribe(table -> rebuild());
    }

    private void rebuild() {
        List<Node> tools =
                switch (bench.stationProperty().get()) {
                    case CARRIER -> carrier();
                    case OUTLINE -> outline();
                    case MAKE_UP -> makeUp();
                    default -> List.of();
                };
        getChildren().setAll(tools);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(gap, hint);
        setVisible(!tools.isEmpty());
        setManaged(!tools.isEmpty());
    }

    /** Edits the plan; what is refused is said beside the tools. */
    private void edit(UnaryOperator<BoxPlan> change) {
        try {
            bench.document().edit(change);
            hint.setText("");
        } catch (IllegalArgumentException e) {
            hint.setText(e.getMessage());
        }
    }

    private Button button(String id, String words, UnaryOperator<BoxPlan> change) {
        Button button = new Button(words);
        button.setId("tool-" + id);
        button.getStyleClass().add("tool");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(event -> edit(change));
        return button;
    }

    private static MenuButton menu(String id, String words) {
        MenuButton menu = new MenuButton(words);
        menu.setId("tool-" + id);
        menu.getStyleClass().add("tool");
        menu.setMinWidth(USE_PREF_SIZE);
        return menu;
    }

    private void item(MenuButton menu, String words, UnaryOperator<BoxPlan> change) {
        MenuItem item = new MenuItem(words);
        item.setId(menu.getId() + "-" + words.toLowerCase(Locale.ROOT).replace(' ', '-'));
        item.setOnAction(event -> edit(change));
        menu.getItems().add(item);
    }

    private Button table(String key, String words) {
        boolean open = bench.tableProperty().get().equals(key);
        Button button = new Button(open ? "Back to the drawing" : words);
        button.setId("tool-" + key);
        button.getStyleClass().add("tool");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(event -> bench.tableProperty().set(open ? "" : key));
        return button;
    }

    private List<Node> carrier() {
        MenuButton kind = menu("kind", "Another kind");
        for (Vehicle.Kind one : Vehicle.Kind.values()) {
            String words = Named.small(one);
            item(kind, words, plan -> plan.withVehicle(StartingVehicles.of(one)));
        }
        MenuButton add = menu("add", "Add");
        item(add, "axle", VehicleEdits::withAxle);
        item(add, "cross-member", VehicleEdits::withCrossMember);
        item(add, "outrigger", VehicleEdits::withOutrigger);
        item(add, "wheel box", VehicleEdits::withWheelBox);
        item(add, "hump", VehicleEdits::withHump);
        item(add, "fuel tank", VehicleEdits::withTank);
        item(add, "mud flaps", VehicleEdits::withMudFlaps);
        MenuButton drop = menu("drop", "Take off the last");
        item(drop, "axle", VehicleEdits::withoutAxle);
        item(drop, "cross-member", VehicleEdits::withoutCrossMember);
        item(drop, "outrigger", VehicleEdits::withoutOutrigger);
        item(drop, "solid", VehicleEdits::withoutSolid);
        return List.of(kind, add, drop, table(Tables.SCALES, "Weigh …"));
    }

    private List<Node> outline() {
        MenuButton start = menu("start", "Start from");
        for (OutlineStart one : OutlineStart.values()) {
            item(start, one.title(), plan -> OutlineTools.startedFrom(plan, one));
        }
        MenuButton more = menu("more", "Cut-outs");
        item(more, "add a wheel arch", OutlineTools::withWheelArch);
        item(more, "take off the last wheel arch", OutlineTools::withoutWheelArch);
        item(more, "drop the floor behind", OutlineTools::withDropFloor);
        item(more, "roof edge with drip", OutlineTools::withDripEdge);
        OutlineHandle handle = OutlineHandle.of(bench.selectedProperty().get());
        int corner = handle.corner();
        boolean none = corner < 1;
        Node[] shaping = {
            button("add-corner", "Corner", plan -> OutlineTools.withCorner(plan, corner)),
            button("drop-corner", "Remove", plan -> OutlineTools.without(plan, handle)),
            button("straight", "Straight", plan -> OutlineTools.straight(plan, corner)),
            button("arc", "Arc", plan -> OutlineTools.arc(plan, corner)),
            button("batten", "Batten", plan -> OutlineTools.batten(plan, corner)),
            button("spot", "Spot", plan -> OutlineTools.withSpot(plan, corner)),
        };
        for (Node tool : shaping) {
            tool.setDisable(none);
        }
        List<Node> all = new ArrayList<>(List.of(start, more));
        all.addAll(List.of(shaping));
        all.add(table(Tables.UPRIGHTS, "Uprights"));
        return all;
    }

    private List<Node> makeUp() {
        MenuButton add = menu("add-layer", "Add a layer");
        item(add, "floor, finish", layer(MakeUpEdits.Slot.FLOOR_FINISH, "vinyl", 2));
        item(add, "walls, outside", layer(MakeUpEdits.Slot.WALLS_OUTSIDE, "breather", 0.5));
        item(add, "walls, inside", layer(MakeUpEdits.Slot.WALLS_INSIDE, "vapour-film", 0.2));
        item(add, "roof, outside", layer(MakeUpEdits.Slot.ROOF_OUTSIDE, "spruce-ply", 6));
        item(add, "roof, inside", layer(MakeUpEdits.Slot.ROOF_INSIDE, "vapour-film", 0.2));
        MenuButton drop = menu("drop-layer", "Take off the last");
        for (MakeUpEdits.Slot slot : MakeUpEdits.Slot.values()) {
            String words = Named.small(slot).replace("_", ", ");
            item(drop, words, plan -> MakeUpEdits.withoutLastLayer(plan, slot));
        }
        return List.of(
                add,
                drop,
                table(Tables.SCHOOLS, "Schools side by side"),
                table(Tables.GLUES, "Glues"),
                table(Tables.MATERIALS, "Materials"));
    }

    private static UnaryOperator<BoxPlan> layer(
            MakeUpEdits.Slot slot, String material, double thicknessMm) {
        return plan -> MakeUpEdits.withLayer(plan, slot, new Layer(material, thicknessMm));
    }
}
