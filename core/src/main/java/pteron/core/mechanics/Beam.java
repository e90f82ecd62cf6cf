package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A straight beam on two supports, or held at one end. Pure statics. Immutable.
 *
 * @param spanMm distance between supports L, or free length a (mm), above 0
 * @param stiffness bending stiffness E · I (N·mm²), above 0
 */
public record Beam(double spanMm, double stiffness) {

    /** Checks both. */
    public Beam {
        Require.positive("span", spanMm, "mm");
        Require.positive("bending stiffness", stiffness, "N·mm²");
    }

    /**
     * Greatest moment under a spread load, simply supported.
     *
     * <pre>  M = w · L² / 8  </pre>
     *
     * <p>Source: any beam table, such as AISC Manual table 3-23. Example: L 2000, w 1 gives 500000 N·mm.
     *
     * @param load w (N/mm)
     * @return moment in the middle (N·mm)
     */
    public double spreadMoment(double load) {
        return load * spanMm * spanMm / 8;
    }

    /**
     * Greatest moment under a load in the middle, simply supported.
     *
     * <pre>  M = P · L / 4  </pre>
     *
     * <p>Source: any beam table. Example: L 2000, P 1000 gives 500000 N·mm.
     *
     * @param load P (N)
     * @return moment in the middle (N·mm)
     */
    public double middleMoment(double load) {
        return load * spanMm / 4;
    }

    /**
     * Deflection in the middle under a spread load, simply supported.
     *
     * <pre>  f = 5 w L⁴ / (384 E I)  </pre>
     *
     * <p>Shear of the beam is left out: a few percent at L/h above 15. Source: any beam table. Example: L
     * 2000, EI 1e10, w 1 gives 20.833 mm.
     *
     * @param load w (N/mm)
     * @return deflection (mm)
     */
    public double spreadDeflection(double load) {
        return 5 * load * Math.pow(spanMm, 4) / (384 * stiffness);
    }

    /**
     * Deflection in the middle under a load there, simply supported.
     *
     * <pre>  f = P L³ / (48 E I)  </pre>
     *
     * <p>Source: any beam table. Example: L 2000, EI 1e10, P 1000 gives 16.667 mm.
     *
     * @param load P (N)
     * @return deflection (mm)
     */
    public double middleDeflection(double load) {
        return load * Math.pow(spanMm, 3) / (48 * stiffness);
    }

    /**
     * Moment at a place under a spread load, simply supported.
     *
     * <pre>  M(x) = w x (L − x) / 2  </pre>
     *
     * <p>Source: any beam table. Example: L 2000, w 1, x 500 gives 375000 N·mm.
     *
     * @param load w (N/mm)
     * @param xMm distance from a support x (mm), 0 to L
     * @return moment there (N·mm)
     */
    public double spreadMomentAt(double load, double xMm) {
        return load * xMm * (spanMm - xMm) / 2;
    }

    /**
     * Moment at a place under a load in the middle, simply supported.
     *
     * <pre>  M(x) = P x / 2,  x from the nearer support  </pre>
     *
     * <p>Source: any beam table. Example: P 1000, x 500 gives 250000 N·mm.
     *
     * @param load P (N)
     * @param xMm distance from a support (mm), 0 to L
     * @return moment there (N·mm)
     */
    public double middleMomentAt(double load, double xMm) {
        return load * Math.min(xMm, spanMm - xMm) / 2;
    }

    /**
     * Deflection at a place under a spread load, simply supported.
     *
     * <pre>  y(x) = w x (L³ − 2 L x² + x³) / (24 E I)  </pre>
     *
     * <p>Source: any beam table. Example: L 2000, EI 1e10, w 1, x 500 gives 14.844 mm.
     *
     * @param load w (N/mm)
     * @param xMm distance from a support x (mm), 0 to L
     * @return deflection there (mm)
     */
    public double spreadDeflectionAt(double load, double xMm) {
        double cubes = Math.pow(spanMm, 3) - 2 * spanMm * xMm * xMm + Math.pow(xMm, 3);
        return load * xMm * cubes / (24 * stiffness);
    }

    /**
     * Deflection at a place under a load in the middle, simply supported.
     *
     * <pre>  y(x) = P x (3 L² − 4 x²) / (48 E I),  x from the nearer support  </pre>
     *
     * <p>Source: any beam table. Example: L 2000, EI 1e10, P 1000, x 500 gives 11.458 mm.
     *
     * @param load P (N)
     * @param xMm distance from a support (mm), 0 to L
     * @return deflection there (mm)
     */
    public double middleDeflectionAt(double load, double xMm) {
        double x = Math.min(xMm, spanMm - xMm);
        return load * x * (3 * spanMm * spanMm - 4 * x * x) / (48 * stiffness);
    }
}
