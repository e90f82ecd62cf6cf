package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A sheet that is sawn part way through, many times, and bent until the cuts close on its inside.
 *
 * <pre>
 *   n = ceil(turn · (t − s / 2) / w)
 *   zone = (r − s / 2) · turn,   apart = zone / n
 * </pre>
 *
 * turn in radians, t sheet, s what is left under a cut, w width of the cut, r outside radius (mm). Each cut
 * closes when it has turned by w / (t − s / 2): what is left bends about its own middle. Expanding glue in
 * the cuts makes it last.
 *
 * <p>Source: geometry; common practice of the trade. Example: 90°, r 150, t 6, s 1.5, w 2.4 gives 4 cuts
 * 58.610 mm apart, too few for a round bend; a thin blade of 0.4 gives 21 cuts 11.164 mm apart.
 *
 * @param turnDegrees how far it is bent (degrees), above 0 to 180
 * @param radiusMm outside radius (mm), above the thickness
 * @param sheetMm thickness of the sheet (mm), above 0
 * @param leftMm what is left under a cut (mm), above 0, under the thickness
 * @param kerfMm width of a cut (mm), above 0
 */
public record KerfBend(
        double turnDegrees, double radiusMm, double sheetMm, double leftMm, double kerfMm)
        implements BendWay {

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is out of its range
     */
    public KerfBend {
        Require.within("turn", turnDegrees, new Require.Range(0.1, 180, "°"));
        Require.positive("sheet", sheetMm, "mm");
        Require.within("radius", radiusMm, new Require.Range(sheetMm, 1e5, "mm"));
        Require.positive("left under a kerf", leftMm, "mm");
        Require.within("left under a kerf", leftMm, new Require.Range(0, sheetMm * 0.95, "mm"));
        Require.positive("kerf", kerfMm, "mm");
    }

    private double turn() {
        return Math.toRadians(turnDegrees);
    }

    /** {@return number of cuts} */
    public int cuts() {
        return (int) Math.max(1, Math.ceil(turn() * (sheetMm - leftMm / 2) / kerfMm - 1e-9));
    }

    /** {@return length of the bend along what is left (mm)} */
    public double zoneMm() {
        return (radiusMm - leftMm / 2) * turn();
    }

    /** {@return from cut to cut (mm)} */
    public double apartMm() {
        return zoneMm() / cuts();
    }
}
