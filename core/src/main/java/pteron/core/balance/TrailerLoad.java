package pteron.core.balance;

import pteron.core.quantity.Require;

/**
 * A trailer on its coupler and its axles. Immutable.
 *
 * @param massKg everything, trailer and load (kg), above 0
 * @param centreMm centre of gravity behind the coupler (mm)
 * @param axlesMm middle of the axle group behind the coupler (mm), above 0
 */
public record TrailerLoad(double massKg, double centreMm, double axlesMm) {

    /** Checks the numbers. */
    public TrailerLoad {
        Require.positive("mass", massKg, "kg");
        Require.finite("centre of gravity", centreMm, "mm");
        Require.positive("axles behind the coupler", axlesMm, "mm");
    }

    /**
     * Load on the coupler.
     *
     * <pre>  R = m · (xa − xg) / xa  </pre>
     *
     * R (kg), m mass, xg centre of gravity, xa middle of the axles, both behind the coupler. On level
     * ground; axles of a group share alike through their equaliser.
     *
     * <p>Source: equilibrium. Example: 1800 kg, xg 3520, xa 4000 gives 216 kg, 12 %.
     *
     * @return load on the coupler (kg), below 0 when it lifts
     */
    public double couplerKg() {
        return massKg * (axlesMm - centreMm) / axlesMm;
    }

    /** {@return load on all axles (kg)} */
    public double axlesKg() {
        return massKg - couplerKg();
    }

    /** {@return share of the mass that lies on the coupler (percent)} */
    public double couplerPercent() {
        return 100 * couplerKg() / massKg;
    }
}
