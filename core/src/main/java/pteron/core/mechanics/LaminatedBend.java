package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A member glued up of strips that are bent dry, one on the other.
 *
 * <pre>
 *   most = 2 · f · r / E
 *   n = ceil(T / most),   t = T / n
 * </pre>
 *
 * f strength in bending, E modulus (N/mm²), r least radius, T thickness of the member in the plane of the bend
 * (mm). A strip of thickness t bent to r is stressed by E t / (2 r); the glue keeps it there.
 *
 * <p>Source: mechanics; characteristic strength without a factor, as strips that break are thrown away before the
 * glue. Example: E 11000, f 24, r 1200, T 38 gives strips of 5.236 mm at the most: 8 of 4.75 mm.
 *
 * @param thicknessMm thickness of the member in the plane of the bend (mm), above 0
 * @param radiusMm least radius (mm), above 0
 * @param strength bending strength (N/mm²), above 0
 * @param modulus modulus (N/mm²), above 0
 */
public record LaminatedBend(double thicknessMm, double radiusMm, double strength, double modulus)
        implements BendWay {

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is not above 0
     */
    public LaminatedBend {
        Require.positive("thickness", thicknessMm, "mm");
        Require.positive("radius", radiusMm, "mm");
        Require.positive("bending strength", strength, "N/mm²");
        Require.positive("modulus", modulus, "N/mm²");
    }

    /** {@return the thickest strip that goes round (mm)} */
    public double thickestMm() {
        return 2 * strength * radiusMm / modulus;
    }

    /** {@return number of strips} */
    public int strips() {
        return (int) Math.max(1, Math.ceil(thicknessMm / thickestMm() - 1e-9));
    }

    /** {@return thickness of a strip (mm)} */
    public double stripMm() {
        return thicknessMm / strips();
    }

    /**
     * {@return how many bars of the member's own thickness the strips are ripped from: as many to a bar as its
     * thickness and the saw's kerf (mm) give}
     */
    public int bars(double kerfMm) {
        int toABar = (int) Math.max(1, Math.floor((thicknessMm + kerfMm) / (stripMm() + kerfMm)));
        return (strips() + toABar - 1) / toABar;
    }
}
