package pteron.app.table;

import java.util.LinkedHashMap;
import java.util.Map;
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
    private final CutPane bars;
    private final Map<String, Table> tables = new LinkedHashMap<>();
    private final ReadOnlyBooleanWrapper draws = new ReadOnlyBooleanWrapper(true);
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");

    /** A table with what stands over it. */
    private record Table(String title, Node node) {}

    /** The drawing and all tables, following a workbench. */
    public MatterPane(Workbench bench, DrawingView drawing) {
        this.bench = bench;
        this.drawing = drawing;
        this.bars = new CutPane(bench);
        tables.put(
                Tables.SCHOOLS,
                new Table("Schools side by side, for a square metre", new SchoolsPane(bench)));
        tables.put(
                Tables.SCALES,
                new Table("Empty weight from scales under the wheels", new ScalesPane(bench)));
        tables.put(
                Tables.UPRIGHTS, new Table("Uprights under the outline", new UprightsPane(bench)));
        tables.put(
                Tables.GLUES,
                new Table("What holds every joint, outermost first", new GluesPane(bench)));
        tables.put(
                Tables.MATERIALS,
                new Table("Materials, every value with its source", new MaterialsPane(bench)));
        setMinSize(0, 0);
        drawing.setMinSize(0, 0);
        getChildren().addAll(drawing, bars);
        tables.values().forEach(table -> getChildren().add(table.node()));
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
        Table chosen = cuts ? null : tables.get(bench.tableProperty().get());
        bars.setVisible(cuts);
        tables.values().forEach(table -> table.node().setVisible(table == chosen));
        draws.set(!cuts && chosen == null);
        drawing.setVisible(draws.get());
        if (cuts) {
            title.set("Bars and their cuts");
        } else {
            title.set(chosen == null ? bench.viewProperty().get().title() : chosen.title());
        }
    }
}
