package pteron.app.command;

import java.util.ArrayList;
import java.util.Arrays;
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
            if (!isKnown(word)) {
                throw new IllegalArgumentException(
                        "--view %s: choose one of %s, or station/view"
                                .formatted(word, String.join(", ", names())));
            }
        }
    }

    private static boolean isKnown(String word) {
        return names().contains(word)
                || Route.station(word).isPresent()
                || Arrays.stream(View.values()).anyMatch(view -> view.isCalled(word));
    }

    private static List<String> names() {
        List<String> names = new ArrayList<>();
        for (Station station : Route.stations()) {
            names.add(station.word());
        }
        for (View view : View.values()) {
            names.add(view.label());
        }
        names.add(START);
        names.addAll(ScreenRoute.tables().stream().sorted().toList());
        return names;
    }

    static void set(AppWindow window, String name) {
        for (String word : name.split("/")) {
            Route.station(word).ifPresent(window.bench().stationProperty()::set);
            for (View view : View.values()) {
                if (view.isCalled(word)) {
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
