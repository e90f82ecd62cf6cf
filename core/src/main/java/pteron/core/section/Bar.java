package pteron.core.section;

import pteron.core.quantity.Require;

/**
 * A solid rectangle. Immutable.
 *
 * @param widthMm level (mm), above 0
 * @param depthMm upright (mm), above 0
 */
public record Bar(double widthMm, double depthMm) implements Profile {

    /** Terms of the series: the next is below a millionth of the first. */
    private static final int TERMS = 15;

    /** Checks both. */
    public Bar {
        Require.positive("section width", widthMm, "mm");
        Require.positive("section depth", depthMm, "mm");
    }

    @Override
    public double areaMm2() {
        return widthMm * depthMm;
    }

    @Override
    public double inertiaMm4() {
        return widthMm * Math.pow(depthMm, 3) / 12;
    }

    @Override
    public double sideInertiaMm4() {
        return depthMm * Math.pow(widthMm, 3) / 12;
    }

    /**
     * Torsion constant after Saint-Venant.
     *
     * <pre>  J = h b³ / 3 · (1 − 192 b / (π⁵ h) · Σ tanh(n π h / 2b) / n⁵), n = 1, 3, 5 …  </pre>
     *
     * b the shorter side, h the longer. Source: Timoshenko and Goodier, Theory of Elasticity, 109. Example: a square of
     * 10 gives 1406 mm⁴.
     */
    @Override
    public double torsionMm4() {
        double b = Math.min(widthMm, depthMm);
        double h = Math.max(widthMm, depthMm);
        double sum = 0;
        for (int n = 1; n < 2 * TERMS; n += 2) {
            sum += Math.tanh(n * Math.PI * h / (2 * b)) / Math.pow(n, 5);
        }
        return h * Math.pow(b, 3) / 3 * (1 - 192 * b * sum / (Math.pow(Math.PI, 5) * h));
    }
}
