package pteron.core.section;

import pteron.core.quantity.Require;

/**
 * Two legs, sharp corners: one upright, one level from its foot. Axes parallel to the legs. Immutable.
 *
 * @param widthMm level leg (mm), above the wall
 * @param depthMm upright leg (mm), above the wall
 * @param wallMm thickness of both (mm), above 0
 */
public record Angle(double widthMm, double depthMm, double wallMm) implements Profile {

    /**
     * Checks all.
     *
     * @throws IllegalArgumentException if a leg is no longer than it is thick
     */
    public Angle {
        Require.positive("wall of an angle", wallMm, "mm");
        if (Math.min(widthMm, depthMm) <= wallMm) {
            throw new IllegalArgumentException(
                    "legs of an angle are [%s] and [%s] mm and must be longer than the wall of %s mm"
                            .formatted(widthMm, depthMm, wallMm));
        }
    }

    @Override
    public double areaMm2() {
        return wallMm * (widthMm + depthMm - wallMm);
    }

    /**
     * {@inheritDoc}
     *
     * <p>Upright leg and the rest of the level one, by the parallel axis theorem. Source: geometry. Example: 50 × 50 × 5
     * gives 112 604 mm⁴.
     */
    @Override
    public double inertiaMm4() {
        return inertia(widthMm, depthMm, wallMm);
    }

    @Override
    public double sideInertiaMm4() {
        return inertia(depthMm, widthMm, wallMm);
    }

    private static double inertia(double level, double upright, double wall) {
        double leg = wall * upright;
        double rest = wall * (level - wall);
        double middle = (leg * upright / 2 + rest * wall / 2) / (leg + rest);
        return wall * Math.pow(upright, 3) / 12
                + leg * Math.pow(upright / 2 - middle, 2)
                + (level - wall) * Math.pow(wall, 3) / 12
                + rest * Math.pow(wall / 2 - middle, 2);
    }

    /**
     * {@inheritDoc}
     *
     * <pre>  J = t³ (b + h − t) / 3  </pre>
     *
     * <p>Source: thin open sections, any book on strength. Example: 50 × 50 × 5 gives 3958 mm⁴.
     */
    @Override
    public double torsionMm4() {
        return Math.pow(wallMm, 3) * (widthMm + depthMm - wallMm) / 3;
    }
}
