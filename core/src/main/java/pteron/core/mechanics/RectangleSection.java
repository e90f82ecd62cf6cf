package pteron.core.mechanics;

import pteron.core.buildup.Section;
import pteron.core.quantity.Require;

/**
 * Section values of a rectangular bar, bent across its depth. Immutable.
 *
 * @param widthMm width b, across the load (mm), above 0
 * @param depthMm depth h, in the direction of the load (mm), above 0
 */
public record RectangleSection(double widthMm, double depthMm) {

    /** Checks both. */
    public RectangleSection {
        Require.positive("section width", widthMm, "mm");
        Require.positive("section depth", depthMm, "mm");
    }

    /** {@return the section of a member loaded through its panel} */
    public static RectangleSection of(Section section) {
        return new RectangleSection(section.thicknessMm(), section.depthMm());
    }

    /**
     * Area.
     *
     * <pre>  A = b · h  </pre>
     *
     * <p>Source: geometry. Example: 38.1 × 88.9 gives 3387.1 mm² (5.25 in²).
     *
     * @return area (mm²)
     */
    public double areaMm2() {
        return widthMm * depthMm;
    }

    /**
     * Section modulus.
     *
     * <pre>  W = b · h² / 6  </pre>
     *
     * <p>Source: any beam table. Example: 38.1 × 88.9 gives 50185 mm³ (3.063 in³).
     *
     * @return section modulus (mm³)
     */
    public double modulusMm3() {
        return widthMm * depthMm * depthMm / 6;
    }

    /**
     * Second moment of area.
     *
     * <pre>  I = b · h³ / 12  </pre>
     *
     * <p>Source: any beam table. Example: 38.1 × 88.9 gives 2230738 mm⁴ (5.359 in⁴).
     *
     * @return second moment of area (mm⁴)
     */
    public double inertiaMm4() {
        return widthMm * Math.pow(depthMm, 3) / 12;
    }
}
