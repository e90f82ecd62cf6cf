package pteron.app.window;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import pteron.app.drawing.DrawingView;
import pteron.app.route.ScreenRoute;
import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.app.station.Workbench;

/** The middle of the window: the drawing, or a table of the station in its place. */
final class MatterPane extends StackPane {

    private final Workbench bench;
    private final DrawingView drawing;
    private final Map<StationTable, Table> tables = new LinkedHashMap<>();
    private final ReadOnlyBooleanWrapper draws = new ReadOnlyBooleanWrapper(true);
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");

    /** A table that is made when somebody looks at it. */
    private static final class Table {
        private final Supplier<Node> maker;
        private Node node;

        Table(Supplier<Node> maker) {
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
    MatterPane(Workbench bench, DrawingView drawing) {
        this.bench = bench;
        this.drawing = drawing;
        for (StationScreen screen : ScreenRoute.ALL) {
            screen.inPlace().ifPresent(this::add);
            screen.tables().forEach(this::add);
        }
        setMinSize(0, 0);
        drawing.setMinSize(0, 0);
        getChildren().add(drawing);
        bench.stationProperty().subscribe(station -> show());
        bench.viewProperty().subscribe(view -> show());
        bench.tableProperty().subscribe(table -> show());
    }

    private void add(StationTable table) {
        tables.put(table, new Table(() -> table.maker().apply(bench)));
    }

    /** {@return whether the drawing is shown} */
    ReadOnlyBooleanProperty drawsProperty() {
        return draws.getReadOnlyProperty();
    }

    /** {@return what stands over it} */
    ReadOnlyStringProperty titleProperty() {
        return title.getReadOnlyProperty();
    }

    /** {@return the table that stands in place of the drawing, empty for none} */
    private Optional<StationTable> chosen() {
        String key = bench.tableProperty().get();
        return ScreenRoute.of(bench.stationProperty().get())
                .inPlace()
                .or(() -> tables.keySet().stream().filter(t -> t.key().equals(key)).findFirst());
    }

    private void show() {
        Optional<StationTable> chosen = chosen();
        tables.forEach(
                (table, shown) -> shown.show(chosen.filter(table::equals).isPresent(), this));
        draws.set(chosen.isEmpty());
        drawing.setVisible(draws.get());
        title.set(chosen.map(StationTable::title).orElse(bench.viewProperty().get().title()));
    }
}
