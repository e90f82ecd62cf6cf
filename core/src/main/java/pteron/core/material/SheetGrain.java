package pteron.core.material;

/**
 * Stiffness and strength of a sheet along and across its face grain. Immutable. A sheet that is alike both ways has the
 * same values across.
 *
 * <p>Birch plywood of the library goes by its thickness (Handbook of Finnish Plywood, from memory), in a straight line
 * between its rows. Every other sheet has what its material says; a strength across that is not known is taken in
 * proportion to the moduli:
 *
 * <pre>  f across = f along · E across / E along, never more than f along  </pre>
 *
 * which errs on the safe side: the strengths of birch plywood across are 1.1 to 2.6 times that.
 *
 * <p>Example: birch plywood of 6.5 mm has 12 737 and 50.9 N/mm² along, 4 763 and 29.0 across; softwood plywood with
 * 7 000 and 3 500 and a bending strength of 22 has 11 across.
 *
 * @param material the sheet's material, with a modulus
 * @param thicknessMm its thickness (mm), above 0
 */
public record SheetGrain(Material material, double thicknessMm) {

    /** {@return modulus of elasticity of the sheet in bending (N/mm²)} */
    public double bendingModulus(boolean across) {
        return BirchPlywood.is(material)
                ? BirchPlywood.bendingModulus(thicknessMm, across)
                : modulus(across);
    }

    /**
     * {@return modulus with which the sheet resists being stretched (N/mm²): of plywood the lesser of its moduli in
     * bending and in tension, so that a sandwich is never taken for stiffer than it is}
     */
    public double stretchModulus(boolean across) {
        return BirchPlywood.is(material)
                ? Math.min(
                        BirchPlywood.bendingModulus(thicknessMm, across),
                        BirchPlywood.stretchModulus(thicknessMm, across))
                : modulus(across);
    }

    private double modulus(boolean across) {
        return material.value(
                across && material.has(Property.MODULUS_ACROSS)
                        ? Property.MODULUS_ACROSS
                        : Property.MODULUS);
    }

    /**
     * {@return a characteristic strength (N/mm²)}
     *
     * @param property bending, tension or compression
     * @param across whether it is asked across the face grain
     */
    public double strength(Property property, boolean across) {
        if (BirchPlywood.is(material)) {
            return BirchPlywood.strength(material, property, thicknessMm, across);
        }
        if (!across) {
            return material.value(property);
        }
        return property == Property.BENDING && material.has(Property.BENDING_ACROSS)
                ? material.value(Property.BENDING_ACROSS)
                : material.value(property) * Math.min(1, modulus(true) / modulus(false));
    }
}
