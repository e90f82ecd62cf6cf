package pteron.core.balance;

import pteron.core.quantity.Require;

/**
 * A vehicle on its two supports: coupler and axles, or front and rear axles. Immutable.
 *
 * @param massKg everything, vehicle and load (kg), above 0
 * @param centreMm centre of gravity behind the front support (mm)
 * @param rearMm rear support behind the front one (mm), above 0
 */
public record TwoSupports(double massKg, double centreMm, double rearMm) {

    /** Checks the numbers. */
    public TwoSupports {
        Require.positive("mass", massKg, "kg");
        Require.finite("centre of gravity", centreMm, "mm");
        Require.positive("rear behind the front support", rearMm, "mm");
    }

    /**
     * Load on the front support.
     *
     * <pre>  R = m · (xa − xg) / xa  </pre>
     *
     * R (kg), m mass, xg centre of gravity, xa rear support, both behind the front one. On level
     * ground; axles of a group share alike through their equaliser.
     *
     * <p>Source: equilibrium. Example: 1800 kg, xg 3520, xa 4000 gives 216 kg, 12 %.
     *
     * @return load on the front support (kg), below 0 when it lifts
     */
    public double frontKg() {
        return massKg * (rearMm - centreMm) / rearMm;
    }

    /** {@return load on the rear support (kg)} */
    public double rearKg() {
        return massKg - frontKg();
    }

    /** {@return share of the mass that lies on the front support (percent)} */
    public double frontPercent() {
        return 100 * frontKg() / massKg;
    }
}
