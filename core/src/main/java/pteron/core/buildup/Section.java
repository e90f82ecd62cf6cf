package pteron.core.buildup;

import pteron.core.quantity.Require;
import pteron.core.section.Bar;
import pteron.core.section.Profile;
import pteron.core.section.Tube;

/**
 * Cross-section of a member. Immutable.
 *
 * @param thicknessMm across its depth (mm), the side that a sheet's edge lands on
 * @param depthMm from the outer to the inner skin (mm)
 * @param wallMm wall of a tube (mm); 0 where it is solid
 */
public record Section(double thicknessMm, double depthMm, double wallMm) {
    /**
     * Checks the ranges.
     *
     * @throws IllegalArgumentException if a number is out of its range or the wall fills the tube
     */
    public Section {
        Require.within("section thickness", thicknessMm, BuildUpLimits.SECTION_THICKNESS);
        Require.within("section depth", depthMm, BuildUpLimits.SECTION_DEPTH);
        Require.within("wall of a tube", wallMm, BuildUpLimits.SECTION_WALL);
        if (2 * wallMm >= Math.min(thicknessMm, depthMm)) {
            throw new IllegalArgumentException(
                    "wall of a tube is [%s] mm and fills %s × %s mm; give a thinner one, or 0 for a solid bar"
                            .formatted(wallMm, thicknessMm, depthMm));
        }
    }

    /** A solid bar. */
    public Section(double thicknessMm, double depthMm) {
        this(thicknessMm, depthMm, 0);
    }

    /** {@return this section with another thickness} */
    public Section withThickness(double otherMm) {
        return new Section(otherMm, depthMm, wallMm);
    }

    /** {@return this section with another depth} */
    public Section withDepth(double otherMm) {
        return new Section(thicknessMm, otherMm, wallMm);
    }

    /** {@return this section with another wall; 0 makes it solid} */
    public Section withWall(double otherMm) {
        return new Section(thicknessMm, depthMm, otherMm);
    }

    /** {@return whether it is a tube} */
    public boolean isTube() {
        return wallMm > 0;
    }

    /** {@return its values: a bar, or a tube with sharp corners} */
    public Profile profile() {
        return isTube() ? Tube.sharp(thicknessMm, depthMm, wallMm) : new Bar(thicknessMm, depthMm);
    }

    /** {@return the area of its material (mm²)} */
    public double areaMm2() {
        double hollow = isTube() ? (thicknessMm - 2 * wallMm) * (depthMm - 2 * wallMm) : 0;
        return thicknessMm * depthMm - hollow;
    }

    /**
     * Second moment of area of a bar or tube about the axis across its depth.
     *
     * <p>Example: 25.4 × 25.4 × 1.5875 mm gives 14354 mm⁴.
     *
     * @return I (mm⁴)
     */
    public double inertiaMm4() {
        return profile().inertiaMm4();
    }

    /** {@return I of the same bar lying flat, its thickness upwards (mm⁴)} */
    public double flatInertiaMm4() {
        return profile().sideInertiaMm4();
    }
}
