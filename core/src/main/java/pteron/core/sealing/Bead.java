package pteron.core.sealing;

import pteron.core.quantity.Require;

/**
 * A bead of sealant. Immutable.
 *
 * @param widthMm width (mm), above 0
 * @param depthMm depth (mm), above 0
 */
public record Bead(double widthMm, double depthMm) {

    /** Part added for what stays in the nozzle and is tooled off; common practice. */
    public static final double WASTE = 0.10;

    private static final double MM3_PER_ML = 1000;

    /** Checks both. */
    public Bead {
        Require.positive("bead width", widthMm, "mm");
        Require.positive("bead depth", depthMm, "mm");
    }

    /**
     * Length of a rectangular bead that a cartridge gives.
     *
     * <pre>  L = V / (w · d)  </pre>
     *
     * L length (mm), V content (mL, 1000 mm³), w width, d depth of the bead (mm). Waste is left out, so
     * it errs on the long side.
     *
     * <p>Source: volume; the same table is printed on cartridges.
     *
     * <p>Example: 299 mL, 6.35 × 6.35 mm gives 7415.2 mm, which is 24 ft.
     *
     * @param cartridgeMl content (mL), above 0
     */
    public double lengthPerCartridgeMm(double cartridgeMl) {
        Require.positive("cartridge", cartridgeMl, "mL");
        return cartridgeMl * MM3_PER_ML / (widthMm * depthMm);
    }

    /**
     * {@return whole cartridges for a length, waste added}
     *
     * @param lengthMm length of the joints (mm), 0 or above
     * @param cartridgeMl content (mL), above 0
     */
    public int cartridges(double lengthMm, double cartridgeMl) {
        Require.notNegative("length of the joints", lengthMm, "mm");
        return (int) Math.ceil(lengthMm * (1 + WASTE) / lengthPerCartridgeMm(cartridgeMl));
    }

    /** {@return volume of a bead so long (mm³)} */
    public double volumeMm3(double lengthMm) {
        return widthMm * depthMm * lengthMm;
    }
}
