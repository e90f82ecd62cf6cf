package pteron.core.bonded;

import pteron.core.quantity.Require;
import pteron.core.shell.Panel;

/**
 * A bonded panel as it is carried to its place, its openings cut out. Immutable.
 *
 * @param panel the panel
 * @param longMm its longer side, bends laid flat along the outer face (mm)
 * @param wideMm its shorter side (mm)
 * @param thickMm its thickness (mm)
 * @param massKg bars, faces and core (kg)
 */
public record BondedPiece(
        Panel panel, double longMm, double wideMm, double thickMm, double massKg) {

    /** What one person carries (kg); common practice. */
    public static final double EACH_KG = 25;

    /** Length that one person cannot turn with (mm); common practice. */
    public static final double LONG_MM = 2500;

    /**
     * People that carry a panel.
     *
     * <pre>  n = ceil(m / 25), 2 at the least over 2.5 m  </pre>
     *
     * m mass (kg). Source: common practice. Example: 61 kg of 4.3 m take 3; 18 kg of 2.6 m take 2.
     *
     * @param massKg mass (kg), 0 or above
     * @param longMm its longer side (mm), 0 or above
     */
    public static int people(double massKg, double longMm) {
        Require.notNegative("mass of a panel", massKg, "kg");
        Require.notNegative("length of a panel", longMm, "mm");
        int least = longMm > LONG_MM ? 2 : 1;
        return Math.max(least, (int) Math.ceil(massKg / EACH_KG));
    }

    /** {@return how many people carry it} */
    public int people() {
        return people(massKg, longMm);
    }
}
