package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * What lies on a simply supported member. Immutable.
 *
 * @param permanent spread load that stays (N/mm)
 * @param spread spread load that comes and goes (N/mm)
 * @param middle load in the middle that comes and goes (N)
 */
public record LoadCase(double permanent, double spread, double middle) {

    /** Partial factor of permanent loads: EN 1990 table A1.2(B). */
    public static final double GAMMA_PERMANENT = 1.35;

    /** Partial factor of variable loads: EN 1990 table A1.2(B). */
    public static final double GAMMA_VARIABLE = 1.5;

    /** Checks that none is negative. */
    public LoadCase {
        Require.notNegative("permanent load", permanent, "N/mm");
        Require.notNegative("spread load", spread, "N/mm");
        Require.notNegative("load in the middle", middle, "N");
    }

    /** {@return factored moment in the middle of a beam (N·mm)} */
    public double designMoment(Beam beam) {
        return GAMMA_PERMANENT * beam.spreadMoment(permanent)
                + GAMMA_VARIABLE * (beam.spreadMoment(spread) + beam.middleMoment(middle));
    }

    /**
     * {@return factored shear at a support (N); a moving load is taken right beside the support}
     *
     * @param spanMm span (mm)
     */
    public double designShear(double spanMm) {
        return GAMMA_PERMANENT * permanent * spanMm / 2
                + GAMMA_VARIABLE * (spread * spanMm / 2 + middle);
    }

    /**
     * Deflection in the middle, creep under the permanent load counted.
     *
     * <pre>  f = fG · (1 + kdef) + fQ  </pre>
     *
     * <p>Source: EN 1995-1-1 2.2.3 with psi2 = 0, from memory. Example: a beam of L 2000, EI 1e10 with
     * permanent 0.1 N/mm, kdef 0.8 and 1000 N in the middle gives 2.083 · 1.8 + 16.667 = 20.417 mm.
     *
     * @param beam the beam
     * @param creep kdef
     * @return deflection (mm)
     */
    public double finalDeflection(Beam beam, double creep) {
        return beam.spreadDeflection(permanent) * (1 + creep)
                + beam.spreadDeflection(spread)
                + beam.middleDeflection(middle);
    }

    /**
     * {@return factored moment at a place of a beam (N·mm)}
     *
     * @param beam the beam
     * @param xMm distance from a support (mm), 0 to its span
     */
    public double designMomentAt(Beam beam, double xMm) {
        return GAMMA_PERMANENT * beam.spreadMomentAt(permanent, xMm)
                + GAMMA_VARIABLE
                        * (beam.spreadMomentAt(spread, xMm) + beam.middleMomentAt(middle, xMm));
    }

    /**
     * {@return deflection at a place of a beam, creep under the permanent load counted (mm)}
     *
     * @param beam the beam
     * @param creep kdef
     * @param xMm distance from a support (mm), 0 to its span
     */
    public double finalDeflectionAt(Beam beam, double creep, double xMm) {
        return beam.spreadDeflectionAt(permanent, xMm) * (1 + creep)
                + beam.spreadDeflectionAt(spread, xMm)
                + beam.middleDeflectionAt(middle, xMm);
    }
}
