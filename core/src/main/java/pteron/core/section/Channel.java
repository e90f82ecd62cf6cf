package pteron.core.section;

import pteron.core.quantity.Require;

/**
 * An upright web with two flanges to one side, sharp corners, one wall. Immutable.
 *
 * @param widthMm flanges over all (mm), above the wall
 * @param depthMm web over all (mm), above two walls
 * @param wallMm thickness (mm), above 0
 */
public record Channel(double widthMm, double depthMm, double wallMm) implements Profile {

    /**
     * Checks all.
     *
     * @throws IllegalArgumentException if the wall fills it
     */
    public Channel {
        Require.positive("wall of a channel", wallMm, "mm");
        if (widthMm <= wallMm || depthMm <= 2 * wallMm) {
            throw new IllegalArgumentException(
                    "channel is [%s] by [%s] mm, which its wall of %s mm fills; give a thinner one"
                            .formatted(widthMm, depthMm, wallMm));
        }
    }

    @Override
    public double areaMm2() {
        return wallMm * (depthMm + 2 * (widthMm - wallMm));
    }

    /**
     * {@inheritDoc}
     *
     * <pre>  I = (b h³ − (b − t)(h − 2t)³) / 12  </pre>
     *
     * <p>Source: any beam table. Example: 50 × 100 × 4 gives 1 177 429 mm⁴.
     */
    @Override
    public double inertiaMm4() {
        return (widthMm * Math.pow(depthMm, 3)
                        - (widthMm - wallMm) * Math.pow(depthMm - 2 * wallMm, 3))
                / 12;
    }

    @Override
    public double sideInertiaMm4() {
        double web = depthMm * wallMm;
        double flange = widthMm - wallMm;
        double flanges = 2 * flange * wallMm;
        double reach = wallMm + flange / 2;
        double middle = (web * wallMm / 2 + flanges * reach) / (web + flanges);
        return depthMm * Math.pow(wallMm, 3) / 12
                + web * Math.pow(wallMm / 2 - middle, 2)
                + 2 * wallMm * Math.pow(flange, 3) / 12
                + flanges * Math.pow(reach - middle, 2);
    }

    /**
     * {@inheritDoc}
     *
     * <pre>  J = t³ (h − t + 2 (b − t / 2)) / 3  </pre>
     *
     * <p>Source: thin open sections along their middle line. Example: 50 × 100 × 4 gives 4096 mm⁴.
     */
    @Override
    public double torsionMm4() {
        double line = depthMm - wallMm + 2 * (widthMm - wallMm / 2);
        return Math.pow(wallMm, 3) * line / 3;
    }
}
