package pteron.core.material;

import pteron.core.quantity.Require;

/**
 * Stiffness of birch plywood by thickness: few plies lie mostly one way, many lie both ways alike.
 *
 * <p>Source: Handbook of Finnish Plywood, mean moduli in bending of sanded birch plywood with plies of 1.4
 * mm, from memory: N/mm² along and across the face grain; together always 17 500.
 */
public final class BirchPlywood {

    /** Id in the library. */
    static final String ID = "birch-ply";

    private static final double[] THICKNESS_MM = {4, 6.5, 9, 12, 15, 18, 21, 24};
    private static final double[] ALONG = {16471, 12737, 11395, 10719, 10316, 10048, 9858, 9717};
    private static final double BOTH = 17500;

    private BirchPlywood() {}

    /**
     * {@return modulus of elasticity of a layer along its face grain (N/mm²)}
     *
     * <p>Birch plywood of the library goes by its thickness, in a straight line between the rows and as the
     * nearest row beyond; every other material, and a builder's own birch plywood, has one modulus. Example:
     * 6.5 mm has 12 737, 12 mm has 10 719.
     *
     * @param material the layer's material
     * @param thicknessMm thickness of the sheet (mm), above 0
     */
    public static double modulusAlong(Material material, double thicknessMm) {
        return isTheLibrarys(material) ? along(thicknessMm) : material.value(Property.MODULUS);
    }

    /** {@return modulus of elasticity of a layer across its face grain (N/mm²), that along where none is known} */
    public static double modulusAcross(Material material, double thicknessMm) {
        if (isTheLibrarys(material)) {
            return BOTH - along(thicknessMm);
        }
        return material.value(
                material.has(Property.MODULUS_ACROSS) ? Property.MODULUS_ACROSS : Property.MODULUS);
    }

    private static boolean isTheLibrarys(Material material) {
        return material.id().equals(ID) && material.equals(MaterialLibrary.starting().get(ID));
    }

    private static double along(double thicknessMm) {
        Require.positive("thickness", thicknessMm, "mm");
        for (int i = 0; i < THICKNESS_MM.length; i++) {
            if (thicknessMm <= THICKNESS_MM[i]) {
                if (i == 0) {
                    return ALONG[0];
                }
                double share =
                        (thicknessMm - THICKNESS_MM[i - 1])
                                / (THICKNESS_MM[i] - THICKNESS_MM[i - 1]);
                return ALONG[i - 1] + share * (ALONG[i] - ALONG[i - 1]);
            }
        }
        return ALONG[ALONG.length - 1];
    }
}
