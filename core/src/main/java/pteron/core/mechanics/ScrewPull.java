package pteron.core.mechanics;

import pteron.core.quantity.Require;

/** What a screw holds when it is pulled straight. Pure functions. */
public final class ScrewPull {

    /** Diameter of a No. 8 wood screw (mm): ASME B18.6.1, 0.164 in. */
    public static final double NUMBER_8_MM = 4.166;

    /** N/mm in a pound for an inch. */
    private static final double POUND_PER_INCH = 0.175126835;

    /** Density of dry timber over its specific gravity as NDS counts it (kg/m³): Wood Handbook. */
    private static final double DENSITY_OVER_GRAVITY = 1060;

    private ScrewPull() {}

    /**
     * Withdrawal of a wood screw from side grain, for a normal duration of load.
     *
     * <pre>  W = 2850 · G² · D · p  </pre>
     *
     * W (lb), G specific gravity, D diameter (in), p penetration of the thread (in).
     *
     * <p>Source: NDS 12.2.2. Example: a No. 8 in G 0.42 holds 82 lb for an inch of thread, 14.44 N/mm.
     *
     * @param gravity G, above 0
     * @param diameterMm D (mm), above 0
     * @param penetrationMm p (mm), 0 or above
     * @return withdrawal (N)
     */
    public static double fromWood(double gravity, double diameterMm, double penetrationMm) {
        Require.positive("specific gravity", gravity, "");
        Require.positive("diameter", diameterMm, "mm");
        Require.notNegative("penetration", penetrationMm, "mm");
        double perInch = 2850 * gravity * gravity * diameterMm / 25.4;
        return perInch * POUND_PER_INCH * penetrationMm;
    }

    /** {@return specific gravity as NDS counts it of timber of a mean density (kg/m³)} */
    public static double gravity(double density) {
        return Require.positive("density", density, "kg/m³") / DENSITY_OVER_GRAVITY;
    }

    /**
     * Pull-out of a screw from a thin sheet of metal, safety factor taken off.
     *
     * <pre>  P = 0.85 · t · d · Fu / 3  </pre>
     *
     * <p>Source: AISI S100, section J4.4.1. Example: t 1.5, d 4.166, Fu 110 gives 194.8 N.
     *
     * @param thicknessMm t (mm), above 0
     * @param diameterMm d (mm), above 0
     * @param strength Fu (N/mm²), above 0
     * @return pull-out (N)
     */
    public static double fromSheet(double thicknessMm, double diameterMm, double strength) {
        Require.positive("thickness", thicknessMm, "mm");
        Require.positive("diameter", diameterMm, "mm");
        Require.positive("strength", strength, "N/mm²");
        return 0.85 * thicknessMm * diameterMm * strength / 3;
    }
}
