package pteron.app.window;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pteron.app.route.StationSummary;
import pteron.app.side.MarginBar;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.core.model.Route;
import pteron.core.quantity.Named;
import pteron.core.station.Station;

/** The route: the stations in the order of the work, each with its telling figure and worst margin. */
final class RoutePane extends VBox {

    private final Workbench bench;
    private final VBox stopsBox = new VBox(1);
    private final Map<Station, Stop> stops = new LinkedHashMap<>();

    RoutePane(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("route");
        getChildren().add(scrolled());
        Letters.wide(this, 204, bench.lettersProperty(), bench.narrowProperty());
        for (Station station : Route.stations()) {
            Stop stop = new Stop(station);
            stops.put(station, stop);
            stopsBox.getChildren().add(stop);
        }
        bench.document().modelProperty().subscribe(model -> update());
        bench.cutting().cuttingProperty().subscribe(cutting -> update());
        bench.stationProperty()
                .subscribe(chosen -> stops.forEach((s, stop) -> stop.choose(s.equals(chosen))));
    }

    private ScrollPane scrolled() {
        stopsBox.getStyleClass().add("route-stops");
        ScrollPane scroll = new ScrollPane(stopsBox);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    private void update() {
        stops.forEach(
                (station, stop) ->
                        stop.show(
                                StationSummary.of(
                                        station,
                                        bench.document().model(),
                                        bench.cutting().cuttingProperty().get())));
    }

    /** One stop of the route. */
    private final class Stop extends HBox {
        private final Region dot = new Region();
        private final Label telling = new Label();
        private final MarginBar bar = new MarginBar(38, 11);
        private final Label verdict = new Label();
        private final VBox words = new VBox();

        Stop(Station station) {
            getStyleClass().add("stop");
            setId("stop-" + station.key());
            setAlignment(Pos.CENTER_LEFT);
            dot.getStyleClass().add("dot");
            Label name = new Label(station.label());
            name.getStyleClass().add("name");
            telling.getStyleClass().add("telling");
            telling.setWrapText(true);
            telling.setMinHeight(USE_PREF_SIZE);
            words.getChildren().addAll(name, telling);
            words.setAlignment(Pos.CENTER_LEFT);
            HBox.setHgrow(words, Priority.ALWAYS);
            words.setMinWidth(0);
            verdict.getStyleClass().add("verdict");
            verdict.setMinWidth(USE_PREF_SIZE);
            StackPane rail = new StackPane(dot);
            rail.getStyleClass().add("rail");
            getChildren().addAll(rail, words);
            bench.narrowProperty().subscribe(this::arrange);
            canBePressed(station);
        }

        /** The margin beside the words, or under the name alone where there is no room for more. */
        private void arrange(boolean narrow) {
            Pane margin = narrow ? new HBox(8, bar, verdict) : new VBox(2, bar, verdict);
            margin.getStyleClass().add("stop-margin");
            telling.setVisible(!narrow);
            telling.setManaged(!narrow);
            words.getChildren().removeIf(node -> node.getStyleClass().contains("stop-margin"));
            getChildren().removeIf(node -> node.getStyleClass().contains("stop-margin"));
            (narrow ? words : this).getChildren().add(margin);
        }

        private void canBePressed(Station station) {
            setFocusTraversable(true);
            setAccessibleRole(AccessibleRole.BUTTON);
            setAccessibleText(station.label());
            setOnMouseClicked(event -> bench.stationProperty().set(station));
            setOnKeyPressed(
                    event -> {
                        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                            bench.stationProperty().set(station);
                            event.consume();
                        }
                    });
        }

        void show(StationSummary summary) {
            telling.setText(summary.telling());
            bar.set(summary.margin(), summary.verdict());
            bar.setVisible(summary.isJudged());
            String word = summary.isJudged() ? summary.verdict().word() : "";
            verdict.setText(word);
            verdict.getStyleClass().setAll("verdict", Named.small(summary.verdict()));
        }

        void choose(boolean chosen) {
            getStyleClass().remove("chosen");
            if (chosen) {
                getStyleClass().add("chosen");
            }
        }
    }
}
