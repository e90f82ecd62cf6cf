package pteron.core.mechanics;

import pteron.core.buildup.Section;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.section.Profile;
import pteron.core.section.Tube;

/**
 * Design strengths of metal bars and tubes away from their welds.
 *
 * @param material the metal
 */
public record MetalStrength(Material material) {

    /**
     * Partial factor: 1.10 of EN 1999-1-1 6.1.3 for aluminium and of EN 1993-1-4 for stainless steel; kept for plain
     * steel too, for which EN 1993-1-1 asks 1.00.
     */
    public static final double GAMMA = 1.10;

    /**
     * Design value of a strength.
     *
     * <pre>  fd = f / gamma  </pre>
     *
     * <p>Source: EN 1999-1-1 6.2.5. Example: 6061-T6 with 241 N/mm² gives 219.1 N/mm².
     *
     * @param property which strength
     * @return design strength (N/mm²)
     */
    public double design(Property property) {
        return material.value(property) / GAMMA;
    }

    /** Density from which a metal is steel, whose tubes are cold-formed, not extruded (kg/m³). */
    private static final double STEEL_FROM = 7000;

    /** {@return whether a metal is steel, by its density} */
    public static boolean isSteel(Material metal) {
        return metal.density() >= STEEL_FROM;
    }

    /** {@return the values of a section: a tube of steel has round corners, one of aluminium sharp ones} */
    public static Profile profile(Section section, Material metal) {
        boolean formed = section.isTube() && isSteel(metal);
        return formed
                ? Tube.coldFormed(section.thicknessMm(), section.depthMm(), section.wallMm())
                : section.profile();
    }

    /** {@return the values of a section of this metal} */
    public Profile profile(Section section) {
        return profile(section, material);
    }

    /**
     * Section modulus.
     *
     * <pre>  W = I / (h / 2)  </pre>
     *
     * <p>Source: any beam table. Example: 40 × 40 × 3 mm of aluminium, with sharp corners, gives 5099 mm³.
     *
     * @return W (mm³)
     */
    public double modulusMm3(Section section) {
        return profile(section).inertiaMm4() / (section.depthMm() / 2);
    }

    /**
     * Area that carries shear along the depth.
     *
     * <pre>  Av = A · h / (b + h), of a solid bar A / 1.5  </pre>
     *
     * <p>Source: EN 1993-1-1 6.2.6 (3) f; any beam table for the bar. Example: 50 × 50 × 3 mm of aluminium gives 282
     * mm².
     *
     * @return area (mm²)
     */
    public double shearAreaMm2(Section section) {
        double height = section.depthMm();
        double area = profile(section).areaMm2();
        return section.isTube() ? area * height / (section.thicknessMm() + height) : area / 1.5;
    }
}
