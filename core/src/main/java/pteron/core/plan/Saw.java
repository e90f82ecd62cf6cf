package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * How bars are sawn. Immutable.
 *
 * @param kerfMm what the saw takes at a cut (mm), 0 or above
 * @param endTrimMm what is cut off each end of a bar with the cut that does it (mm), 0 or above
 * @param toleranceMm how much longer than drawn a part may come out (mm), 0 or above
 */
public record Saw(double kerfMm, double endTrimMm, double toleranceMm) {

    /** Checks the numbers. */
    public Saw {
        Require.notNegative("kerf", kerfMm, "mm");
        Require.notNegative("end trim", endTrimMm, "mm");
        Require.notNegative("length tolerance", toleranceMm, "mm");
    }

    /** A saw in new plans: 3 mm, ends cut clean by 10 mm, parts good to half a millimetre; common practice. */
    public static final Saw USUAL = new Saw(3, 10, 0.5);

    /** The same where lengths are told in inches: kerf 1/8, ends cut clean by 1/2, parts good to 1/32; common practice. */
    public static final Saw USUAL_INCHES = new Saw(3.175, 12.7, 0.79375);

    /** {@return a saw that takes its kerf and nothing else} */
    public static Saw of(double kerfMm) {
        return new Saw(kerfMm, 0, 0);
    }

    /** {@return the length of a bar that parts and the cuts between them may fill (mm)} */
    public double usableMm(double stockMm) {
        return stockMm - 2 * endTrimMm;
    }

    /** {@return the length that a part is reckoned with (mm)} */
    public double allowedMm(double partMm) {
        return partMm + toleranceMm;
    }
}
