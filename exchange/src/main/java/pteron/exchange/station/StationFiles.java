package pteron.exchange.station;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import pteron.core.drawing.View;
import pteron.core.station.Station;

/**
 * What a station gives to files and paper. Immutable.
 *
 * @param station the station
 * @param words what it says
 * @param lists its lists
 * @param buys what it buys
 * @param views views on paper that its matter is laid over
 * @param tables its tables on paper
 * @param told keys of figures that its tables tell, left out of the list of figures on paper
 * @param nodes what it adds to the file of figures
 */
public record StationFiles(
        Station station,
        StationWords words,
        List<ShopList> lists,
        Function<Job, List<Purchase>> buys,
        List<View> views,
        List<PaperTable> tables,
        Predicate<String> told,
        List<JsonPart> nodes) {

    /** Copies the lists. */
    public StationFiles {
        lists = List.copyOf(lists);
        views = List.copyOf(views);
        tables = List.copyOf(tables);
        nodes = List.copyOf(nodes);
    }

    /**
     * {@return a station with words alone}
     *
     * @param station the station
     * @param registration the class beside which its words are
     */
    public static StationFiles of(Station station, Class<?> registration) {
        return new StationFiles(
                station,
                StationWords.beside(registration),
                List.of(),
                job -> List.of(),
                List.of(),
                List.of(),
                key -> false,
                List.of());
    }

    /** {@return the same with lists} */
    public StationFiles lists(ShopList... some) {
        return new StationFiles(station, words, List.of(some), buys, views, tables, told, nodes);
    }

    /** {@return the same with things to buy} */
    public StationFiles buys(Function<Job, List<Purchase>> some) {
        return new StationFiles(station, words, lists, some, views, tables, told, nodes);
    }

    /** {@return the same with views on paper} */
    public StationFiles views(View... some) {
        return new StationFiles(station, words, lists, buys, List.of(some), tables, told, nodes);
    }

    /** {@return the same with tables on paper} */
    public StationFiles tables(PaperTable... some) {
        return new StationFiles(station, words, lists, buys, views, List.of(some), told, nodes);
    }

    /** {@return the same, with figures that its tables tell} */
    public StationFiles tells(Predicate<String> keys) {
        return new StationFiles(station, words, lists, buys, views, tables, keys, nodes);
    }

    /** {@return the same with nodes of the file of figures} */
    public StationFiles nodes(JsonPart... some) {
        return new StationFiles(station, words, lists, buys, views, tables, told, List.of(some));
    }
}
