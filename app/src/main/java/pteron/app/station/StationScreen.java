package pteron.app.station;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import pteron.app.drawing.DrawingView;
import pteron.core.drawing.View;
import pteron.core.station.Station;

/**
 * What a station shows on the screen. Immutable.
 *
 * @param station the station
 * @param telling its one telling figure, for the route
 * @param tools what can be added, taken away or changed there
 * @param tables what it may show in place of the drawing
 * @param inPlace the table that always stands in place of the drawing there, empty for none
 * @param view the view that it is looked at first, empty for any
 * @param aside what it tells of what is chosen, empty for its inputs alone
 * @param shelf what lies under the drawing to be put into it, empty for nothing
 */
public record StationScreen(
        Station station,
        Telling telling,
        Function<Toolbox, List<Node>> tools,
        List<StationTable> tables,
        Optional<StationTable> inPlace,
        Optional<View> view,
        Optional<Aside> aside,
        Optional<BiFunction<Workbench, DrawingView, Node>> shelf) {

    /** Copies the list. */
    public StationScreen {
        tables = List.copyOf(tables);
    }

    /** {@return a station that tells a figure} */
    public static StationScreen of(Station station, Telling telling) {
        return new StationScreen(
                station,
                telling,
                box -> List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** {@return the same with tools} */
    public StationScreen tools(Function<Toolbox, List<Node>> some) {
        return new StationScreen(station, telling, some, tables, inPlace, view, aside, shelf);
    }

    /** {@return the same with tables} */
    public StationScreen tables(StationTable... some) {
        return new StationScreen(
                station, telling, tools, List.of(some), inPlace, view, aside, shelf);
    }

    /** {@return the same with a table that stands in place of the drawing} */
    public StationScreen inPlace(StationTable table) {
        return new StationScreen(
                station, telling, tools, tables, Optional.of(table), view, aside, shelf);
    }

    /** {@return the same, looked at in a view first} */
    public StationScreen view(View first) {
        return new StationScreen(
                station, telling, tools, tables, inPlace, Optional.of(first), aside, shelf);
    }

    /** {@return the same, telling something of what is chosen} */
    public StationScreen aside(String title, Function<Workbench, Node> maker) {
        return new StationScreen(
                station,
                telling,
                tools,
                tables,
                inPlace,
                view,
                Optional.of(new Aside(title, maker)),
                shelf);
    }

    /** {@return the same with something under the drawing to be put into it} */
    public StationScreen shelf(BiFunction<Workbench, DrawingView, Node> maker) {
        return new StationScreen(
                station, telling, tools, tables, inPlace, view, aside, Optional.of(maker));
    }
}
