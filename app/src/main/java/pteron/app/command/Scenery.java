package pteron.app.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pteron.app.table.Tables;
import pteron.app.window.AppWindow;
import pteron.core.drawing.View;
import pteron.core.station.Station;

/** What a picture shows: a view, a station, or both as {@code station/view}; {@code start} alone. */
final class Scenery {

    static final String START = "start";

    /** Tables with the station that they belong to. */
    private static final Map<String, Station> TABLES =
            Map.of(
                    Tables.SCHOOLS,
                    Station.MAKE_UP,
                    Tables.GLUES,
                    Station.MAKE_UP,
                    Tables.MATERIALS,
                    Station.MAKE_UP,
                    Tables.UPRIGHTS,
                    Station.OUTLINE,
                    Tables.SCALES,
                    Station.CARRIER);

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
        for (Station station : Station.values()) {
            names.add(station.key());
        }
        for (View view : View.values()) {
            names.add(view.key());
        }
        names.add(START);
        names.addAll(TABLES.keySet().stream().sorted().toList());
        return names;
    }

    static void set(AppWindow window, String name) {
        for (String word : name.split("/")) {
            for (Station station : Station.values()) {
                if (station.key().equals(word)) {
                    window.bench().stationProperty().set(station);
                }
            }
            for (View view : View.values()) {
                if (view.key().equals(word)) {
                    window.bench().viewProperty().set(view);
                }
            }
            if (TABLES.containsKey(word)) {
                window.bench().stationProperty().set(TABLES.get(word));
                window.bench().tableProperty().set(word);
            }
        }
    }
}
