package pteron.app.table;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import pteron.app.drawing.DrawingView;
import pteron.app.station.Workbench;
import pteron.core.station.Station;

/** The middle of the window: the drawing, or a table of the station in its place. */
public final class MatterPane extends StackPane {

    private final Workbench bench;
    private final DrawingView drawing;
    private final Table bars;
    private final Map<String, Table> tables = new LinkedHashMap<>();
    private final ReadOnlyBooleanWrapper draws = new ReadOnlyBooleanWrapper(true);
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");

    /** A table with what stands over it; it is made when somebody looks at it. */
    private static final class Table {
        private final String title;
        private final Supplier<Node> maker;
        private Node node;

        Table(String title, Supplier<Node> maker) {
            this.title = title;
            this.maker = maker;
        }

        void show(boolean chosen, StackPane pane) {
            if (chosen && node == null) {
                node = maker.get();
                pane.getChildren().add(node);
            }
            if (node != null) {
                node.setVisible(chosen);
            }
        }
    }

    /** The drawing and all tables, following a workbench. */
    public MatterPane(Workbench bench, DrawingView drawing) {
        this.bench = bench;
        this.drawing = drawing;
        this.bars = new Table("Bars and their cuts", () -> new CutPane(bench));
        tables.put(
                Tables.SCHOOLS,
                new Table(
                        "Schools side by side, for a square metre", () -> new SchoolsPane(bench)));
        tables.put(
                Tables.SCALES,
                new Table(
                        "Empty weight from scales under the wheels", () -> new ScalesPane(bench)));
        tables.put(
                Tables.UPRIGHTS,
                new Table("Uprights under the outline", () -> new UprightsPane(bench)));
        tables.put(
                Tables.GLUES,
                new Table("What holds every joint, outermost first", () -> new GluesPane(bench)));
        tables.put(
                Tables.MATERIALS,
                new Table(
                        "Materials, every value with its source", () -> new MaterialsPane(bench)));
        setMinSize(0, 0);
        drawing.setMinSize(0, 0);
        getChildren().add(drawing);
        bench.stationProperty().subscribe(station -> show());
        bench.viewProperty().subscribe(view -> show());
        bench.tableProperty().subscribe(table -> show());
    }

    /** {@return whether the drawing is shown} */
    public ReadOnlyBooleanProperty drawsProperty() {
        return draws.getReadOnlyProperty();
    }

    /** {@return what stands over it} */
    public ReadOnlyStringProperty titleProperty() {
        return title.getReadOnlyProperty();
    }

    private void show() {
        boolean cuts = bench.stationProperty().get() == Station.CUTTING;
        Table chosen = cuts ? bars : tables.get(bench.tableProperty().get());
        bars.show(cuts, this);
        tables.values().forEach(table -> table.show(table == chosen, this));
        draws.set(chosen == null);
        drawing.setVisible(draws.get());
        title.set(chosen == null ? bench.viewProperty().get().title() : chosen.title);
    }
}
