package pteron.app.window;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import pteron.app.drawing.DrawingView;
import pteron.app.route.ScreenRoute;
import pteron.app.station.Workbench;
import pteron.core.station.Station;

/** What a station keeps under the drawing to be put into it. */
final class Shelves extends StackPane {

    private final Map<Station, Node> made = new HashMap<>();

    Shelves(Workbench bench, DrawingView drawing) {
        setMinHeight(USE_PREF_SIZE);
        bench.stationProperty().subscribe(station -> show(bench, drawing));
        bench.tableProperty().subscribe(table -> show(bench, drawing));
    }

    private void show(Workbench bench, DrawingView drawing) {
        getChildren().clear();
        Station station = bench.stationProperty().get();
        if (bench.tableProperty().get().isEmpty()) {
            ScreenRoute.of(station)
                    .shelf()
                    .ifPresent(
                            maker ->
                                    getChildren()
                                            .add(
                                                    made.computeIfAbsent(
                                                            station,
                                                            key -> maker.apply(bench, drawing))));
        }
        setVisible(!getChildren().isEmpty());
        setManaged(!getChildren().isEmpty());
    }
}
