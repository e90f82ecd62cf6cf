package pteron.core.panel;

import pteron.core.material.Property;
import pteron.core.quantity.Require;

/**
 * Pressure of a face on its core under a foot: the face as a plate that floats on the core.
 *
 * <pre>
 *   p = P / 8 · sqrt(kf / Df) · (1 + (ln(a / 2l) + 0.577 − 1.25) · (a / l)² / 2π)
 *   kf = Ec / c,   Df = E t³ / 12,   l = (Df / kf)^(1/4)
 * </pre>
 *
 * p pressure under the load (N/mm²), P load (N), Ec modulus of the core, c its thickness, E modulus of the
 * face, for wood the mean sqrt(E1 E2) of both ways and never more than along the span, t its thickness, a radius of a round patch as large as the foot; where a is larger than l, l is taken,
 * and never more than P over the patch.
 *
 * <p>Source: H. Hertz 1884, plate that floats; Westergaard 1926; from memory. Example: P 1000, E 9000, t 9, Ec
 * 12, c 30 on a point gives kf 0.4, Df 546750 and p = 0.1069 N/mm²; on a patch of 60 mm 0.0840.
 */
public final class CoreCrushing {

    /** Euler's constant. */
    private static final double EULER = 0.5772156649;

    private CoreCrushing() {}

    /**
     * {@return pressure on the core (N/mm²)}
     *
     * @param load P (N), 0 or above
     * @param patchMm side of its square patch (mm), 0 or above
     * @param face loaded face
     * @param core core
     */
    public static double pressure(
            double load, double patchMm, SandwichPanel.Sheet face, SandwichPanel.Sheet core) {
        Require.notNegative("load", load, "N");
        double bedding = core.material().value(Property.MODULUS) / core.thicknessMm();
        double plate = face.patchModulus() * Math.pow(face.thicknessMm(), 3) / 12;
        double reach = Math.pow(plate / bedding, 0.25);
        double radius = Math.min(patchMm / Math.sqrt(Math.PI), reach);
        double eased =
                radius == 0
                        ? 1
                        : 1
                                + (Math.log(radius / (2 * reach)) + EULER - 1.25)
                                        * radius
                                        * radius
                                        / (reach * reach * 2 * Math.PI);
        double floating = load / 8 * Math.sqrt(bedding / plate) * eased;
        return patchMm == 0 ? floating : Math.min(floating, load / (patchMm * patchMm));
    }
}
