package pteron.core.material;

import pteron.core.quantity.Require;

/**
 * Birch plywood by thickness: few plies lie mostly one way, many lie both ways alike.
 *
 * <p>Source: Handbook of Finnish Plywood, sanded birch plywood with plies of 1.4 mm, from memory: mean moduli and
 * characteristic strengths in N/mm², along and across the face grain. Moduli of both ways add up to 17 500.
 */
final class BirchPlywood {

    /** Id in the library. */
    static final String ID = "birch-ply";

    private static final double[] THICKNESS_MM = {4, 6.5, 9, 12, 15, 18, 21, 24};
    private static final double BOTH = 17500;
    private static final double[] BENDS = {16471, 12737, 11395, 10719, 10316, 10048, 9858, 9717};
    private static final double[] STRETCHES = {10694, 9844, 9511, 9333, 9223, 9148, 9093, 9050};

    private static final double[][] BENDING = {
        {65.9, 50.9, 45.6, 42.9, 41.3, 40.2, 39.4, 38.9},
        {10.6, 29.0, 32.1, 33.2, 33.8, 34.1, 34.3, 34.4}
    };
    private static final double[][] TENSION = {
        {45.8, 42.2, 40.8, 40.0, 39.5, 39.2, 39.0, 38.8},
        {29.2, 32.8, 34.2, 35.0, 35.5, 35.8, 36.0, 36.2}
    };
    private static final double[][] COMPRESSION = {
        {31.8, 29.3, 28.3, 27.7, 27.4, 27.2, 27.0, 26.9},
        {20.2, 22.8, 23.7, 24.3, 24.6, 24.8, 25.0, 25.1}
    };

    private BirchPlywood() {}

    static boolean is(Material material) {
        return MaterialLibrary.baseOf(material.id()).equals(ID)
                && material.equals(MaterialLibrary.starting().get(material.id()));
    }

    static double bendingModulus(double thicknessMm, boolean across) {
        return modulus(BENDS, thicknessMm, across);
    }

    static double stretchModulus(double thicknessMm, boolean across) {
        return modulus(STRETCHES, thicknessMm, across);
    }

    private static double modulus(double[] row, double thicknessMm, boolean across) {
        double along = at(row, thicknessMm);
        return across ? BOTH - along : along;
    }

    /** {@return a strength, or the one that the library has where the handbook is not asked for it} */
    static double strength(
            Material material, Property property, double thicknessMm, boolean across) {
        int way = across ? 1 : 0;
        return switch (property) {
            case BENDING -> at(BENDING[way], thicknessMm);
            case TENSION -> at(TENSION[way], thicknessMm);
            case COMPRESSION -> at(COMPRESSION[way], thicknessMm);
            default -> material.value(property);
        };
    }

    /** In a straight line between the rows, the nearest row beyond. */
    private static double at(double[] row, double thicknessMm) {
        Require.positive("thickness", thicknessMm, "mm");
        for (int i = 0; i < THICKNESS_MM.length; i++) {
            if (thicknessMm <= THICKNESS_MM[i]) {
                return i == 0 ? row[0] : between(row, i, thicknessMm);
            }
        }
        return row[row.length - 1];
    }

    private static double between(double[] row, int i, double thicknessMm) {
        double share =
                (thicknessMm - THICKNESS_MM[i - 1]) / (THICKNESS_MM[i] - THICKNESS_MM[i - 1]);
        return row[i - 1] + share * (row[i] - row[i - 1]);
    }
}
