package pteron.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import pteron.core.quantity.Quantity;
import pteron.core.station.Station;

/** Collects the figures of one station. Not safe for use by several threads. */
public final class FigureList {

    private final Station station;
    private final List<Figure> figures = new ArrayList<>();

    /**
     * No figures yet.
     *
     * @param station the station, whose key stands before those of its figures
     */
    public FigureList(Station station) {
        this.station = station;
    }

    /**
     * Adds a figure.
     *
     * @param key its key within the station
     * @param name what a builder calls it
     * @param value what it says
     * @param working written when somebody asks
     */
    public void add(String key, String name, Quantity value, Supplier<Working> working) {
        figures.add(Figure.of(station.figure(key), name, value, working));
    }

    /** Adds a greatest value, written rounded down. */
    public void addAtMost(String key, String name, Quantity value, Supplier<Working> working) {
        figures.add(Figure.of(station.figure(key), name, value, working).atMost());
    }

    /** Adds a least value, written rounded up. */
    public void addAtLeast(String key, String name, Quantity value, Supplier<Working> working) {
        figures.add(Figure.of(station.figure(key), name, value, working).atLeast());
    }

    /** Adds figures that were made elsewhere. */
    public void addAll(List<Figure> others) {
        figures.addAll(others);
    }

    /** {@return all figures, in the order in which they were added; a copy} */
    public List<Figure> list() {
        return List.copyOf(figures);
    }
}
