package pteron.core.page;

import java.util.List;

/**
 * What is marked on a plate before it is put up. Immutable.
 *
 * @param plate the plate
 * @param marks one for each upright that meets it, in the order of their places
 */
public record PlateMarks(Piece plate, List<Mark> marks) {

    /** Copies the list. */
    public PlateMarks {
        marks = List.copyOf(marks);
    }

    /**
     * The line of one upright on a plate; it stands on the far side of the line, on the X. Immutable.
     *
     * @param number number of the upright
     * @param fromZeroMm from the zero of the page to its nearer face (mm)
     * @param alongMm from the nearer end of the plate, along it (mm)
     * @param widthMm how much of the plate it covers (mm)
     */
    public record Mark(int number, double fromZeroMm, double alongMm, double widthMm) {}
}
