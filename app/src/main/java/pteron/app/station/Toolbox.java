package pteron.app.station;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Control;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import pteron.core.drawing.View;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.RefusalWords;

/** Makes the tools of a station: buttons and menus that edit the plan, and those that show a table. */
public final class Toolbox {

    private final Workbench bench;
    private final ReadOnlyStringWrapper refused = new ReadOnlyStringWrapper("");

    /** Tools for a workbench. */
    public Toolbox(Workbench bench) {
        this.bench = bench;
    }

    /** {@return the part that is chosen, or empty} */
    public String selected() {
        return bench.selectedProperty().get();
    }

    /** {@return why the last edit was refused, empty when it was taken} */
    public ReadOnlyStringProperty refusedProperty() {
        return refused.getReadOnlyProperty();
    }

    /** {@return all that is chosen} */
    public List<String> chosen() {
        return bench.chosenProperty().get();
    }

    /** {@return how lengths are shown} */
    public UnitSystem units() {
        return bench.units();
    }

    /** {@return the plan as it is} */
    public BoxPlan plan() {
        return bench.document().plan();
    }

    /** {@return how the box is looked at} */
    public View view() {
        return bench.viewProperty().get();
    }

    /** Edits the plan; openings that are new are chosen, and what is refused is told. */
    public void edit(UnaryOperator<BoxPlan> change) {
        List<String> before = openings();
        try {
            bench.document().edit(change);
            refused.set("");
            List<String> fresh = openings().stream().filter(id -> !before.contains(id)).toList();
            if (!fresh.isEmpty()) {
                bench.choose(fresh);
            }
        } catch (IllegalArgumentException e) {
            refused.set("");
            refused.set(RefusalWords.of(e, bench.units()));
        }
    }

    private List<String> openings() {
        return plan().openings().stream().map(Opening::id).toList();
    }

    /** {@return a tool that says more of itself when it is pointed at, and does nothing while it cannot} */
    public static <N extends Control> N explained(N tool, String tip, boolean usable) {
        tool.setTooltip(new Tooltip(tip));
        tool.setAccessibleHelp(tip);
        tool.setDisable(!usable);
        return tool;
    }

    private static <B extends ButtonBase> B tool(B button, String id) {
        button.setId("tool-" + id);
        button.getStyleClass().add("tool");
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** {@return a button that edits the plan} */
    public Button button(String id, String words, UnaryOperator<BoxPlan> change) {
        Button button = tool(new Button(words), id);
        button.setOnAction(event -> edit(change));
        return button;
    }

    /** {@return a button that looks at the station in one of its ways, shown pressed while it does} */
    public ToggleButton aspect(String key, String words) {
        ToggleButton button = tool(new ToggleButton(words), key.isEmpty() ? "first" : key);
        button.setSelected(bench.aspectProperty().get().equals(key));
        button.setOnAction(event -> bench.aspectProperty().set(key));
        return button;
    }

    /** {@return everything that follows from the plan} */
    public BoxModel model() {
        return bench.document().model();
    }

    /** {@return a menu without items} */
    public MenuButton menu(String id, String words) {
        return tool(new MenuButton(words), id);
    }

    /** Adds an item that looks at the station in one of its ways; the menu is called by the one that is looked at. */
    public void aspectItem(MenuButton menu, String words, String key) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(event -> bench.aspectProperty().set(key));
        menu.getItems().add(item);
        boolean first = menu.getItems().size() == 1;
        if (bench.aspectProperty().get().equals(key) || first) {
            menu.setText(words);
        }
    }

    /** Adds an item that edits the plan. */
    public void item(MenuButton menu, String words, UnaryOperator<BoxPlan> change) {
        MenuItem item = new MenuItem(words);
        item.setId(
                menu.getId()
                        + "-"
                        + words.split(";")[0].toLowerCase(Locale.ROOT).replace(' ', '-'));
        item.setOnAction(event -> edit(change));
        menu.getItems().add(item);
    }

    /** {@return a button that shows a table, or the drawing again} */
    public Button table(String key, String words) {
        boolean open = bench.tableProperty().get().equals(key);
        Button button = tool(new Button(open ? "Back to the drawing" : words), key);
        button.setOnAction(event -> bench.tableProperty().set(open ? "" : key));
        return button;
    }
}
