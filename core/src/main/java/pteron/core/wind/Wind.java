package pteron.core.wind;

import pteron.core.quantity.Require;

/** Pressure of wind. */
public final class Wind {

    /** Half the density of air (kg/m³): ASCE 7, 0.613. */
    public static final double HALF_AIR_DENSITY = 0.613;

    private Wind() {}

    /**
     * Pressure of wind.
     *
     * <pre>  q = 0.613 · V²  </pre>
     *
     * q (N/m²), V gust speed (m/s). At sea level; height and shelter are left out.
     *
     * <p>Source: ASCE 7. Example: 40 m/s gives 980.8 N/m².
     *
     * @param speed gust speed (m/s), 0 or above
     */
    public static double pressure(double speed) {
        return HALF_AIR_DENSITY * Math.pow(Require.notNegative("wind speed", speed, "m/s"), 2);
    }
}
