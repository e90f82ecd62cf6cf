package pteron.app.command;

import java.util.ArrayList;
import java.util.List;
import pteron.app.route.ScreenRoute;
import pteron.app.window.AppWindow;
import pteron.core.drawing.View;
import pteron.core.model.Route;
import pteron.core.station.Station;

/** What a picture shows: a view, a station, or both as {@code station/view}; {@code start} alone. */
final class Scenery {

    static final String START = "start";

    private Scenery() {}

    static void check(String name) {
        for (String word : name.split("/", -1)) {
            if (!names().contains(word)) {
                throw new IllegalArgumentException(
                        "view is [%s] and must be one of %s, or station/view"
                                .formatted(word, String.join(", ", names())));
            }
        }
    }

    private static List<String> names() {
        List<String> names = new ArrayList<>();
        for (Station station : Route.stations()) {
            names.add(station.key());
        }
        for (View view : View.values()) {
            names.add(view.key());
        }
        names.add(START);
        names.addAll(ScreenRoute.tables().stream().sorted().toList());
        return names;
    }

    static void set(AppWindow window, String name) {
        for (String word : name.split("/")) {
            Route.station(word).ifPresent(window.bench().stationProperty()::set);
            for (View view : View.values()) {
                if (view.key().equals(word)) {
                    window.bench().viewProperty().set(view);
                }
            }
            ScreenRoute.withTable(word)
                    .ifPresent(
                            station -> {
                                window.bench().stationProperty().set(station);
                                window.bench().tableProperty().set(word);
                            });
        }
    }
}
