package pteron.core.wind;

import pteron.core.quantity.Require;

/**
 * Pressure coefficients of a zone, outside. Immutable. Suction and pressure both count as positive; where the table
 * gives one sign only, the other is 0.
 *
 * @param suctionTen suction on 10 m² and more
 * @param suctionOne suction on 1 m² and less
 * @param pressure pressure, of any area
 */
record Coefficient(double suctionTen, double suctionOne, double pressure) {

    /** Suction of one value for every area. */
    Coefficient(double suction) {
        this(suction, suction, 0);
    }

    /** Suction by area. */
    Coefficient(double suctionTen, double suctionOne) {
        this(suctionTen, suctionOne, 0);
    }

    /**
     * {@return the suction on a loaded area}
     *
     * <pre>  c = c1 + (c10 − c1) · log10(A),   A from 1 to 10 m²  </pre>
     *
     * <p>Source: EN 1991-1-4 figure 7.2, from memory. Example: 1.4 and 1.2 at 2 m² give 1.340.
     *
     * @param areaM2 loaded area (m²), 0 or above
     */
    double suction(double areaM2) {
        double area = Math.clamp(Require.notNegative("loaded area", areaM2, "m²"), 1, 10);
        return suctionOne + (suctionTen - suctionOne) * Math.log10(area);
    }

    /** {@return a coefficient between this and another, in a straight line} */
    Coefficient towards(Coefficient other, double share) {
        return new Coefficient(
                suctionTen + share * (other.suctionTen - suctionTen),
                suctionOne + share * (other.suctionOne - suctionOne),
                pressure + share * (other.pressure - pressure));
    }
}
