package pteron.core.figure;

import pteron.core.station.Station;

/**
 * Where on the box a finding is. Immutable.
 *
 * @param station the station it belongs to
 * @param part key of the part: a panel ({@code left}), an opening's id, a member's name, or empty
 * @param xMm how far from the box's front face (mm)
 * @param yMm how far right of the middle (mm)
 * @param zMm how far above the deck (mm)
 */
public record Place(Station station, String part, double xMm, double yMm, double zMm) {

    /** {@return a place of a whole station} */
    public static Place of(Station station) {
        return new Place(station, "", 0, 0, 0);
    }

    /** {@return a place of a named part, its position not told} */
    public static Place of(Station station, String part) {
        return new Place(station, part, 0, 0, 0);
    }

    /** {@return this part at a position in the side elevation} */
    public Place at(double x, double z) {
        return new Place(station, part, x, yMm, z);
    }
}
