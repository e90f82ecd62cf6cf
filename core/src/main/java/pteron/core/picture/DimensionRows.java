package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;

/**
 * Puts dimensions that follow one another into rows, so that no figure lies on another: a figure too long for
 * its line stands before it and takes room there, or behind it at the left edge.
 */
final class DimensionRows {

    private final double figureMm;
    private final List<Double> taken = new ArrayList<>();

    /**
     * No rows yet.
     *
     * @param figureMm room that a figure takes on the drawing (mm)
     */
    DimensionRows(double figureMm) {
        this.figureMm = figureMm;
    }

    /** {@return the nearest row with room for a dimension; given from left to right (mm)} */
    int row(double from, double to) {
        boolean tooShort = to - from < figureMm;
        boolean atTheEdge = from < figureMm;
        double begins = tooShort && !atTheEdge ? from - figureMm : from;
        double ends = tooShort && atTheEdge ? to + figureMm : to;
        int row = 0;
        while (row < taken.size() && taken.get(row) > begins) {
            row++;
        }
        if (row == taken.size()) {
            taken.add(ends);
        } else {
            taken.set(row, ends);
        }
        return row;
    }

    /** {@return how many rows there are} */
    int count() {
        return taken.size();
    }
}
