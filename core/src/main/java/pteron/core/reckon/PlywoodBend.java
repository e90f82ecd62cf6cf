package pteron.core.reckon;

import pteron.core.quantity.Require;

/**
 * Least radius that dry plywood goes round.
 *
 * <p>Source: APA, The Engineered Wood Association, table of bend radii, from memory; between its thicknesses in a
 * straight line, outside of them in proportion to the thickness. Example: 6.35 mm goes round 610 mm across its
 * face grain and 1524 mm along it.
 */
public final class PlywoodBend {

    private static final double INCH = 25.4;
    private static final double FOOT = 304.8;

    /** Thickness (in), least radius across, along the face grain (ft). */
    private static final double[][] TABLE = {
        {0.25, 2, 5}, {0.3125, 2, 6}, {0.375, 3, 8}, {0.5, 6, 12}, {0.625, 8, 16}, {0.75, 12, 20}
    };

    private PlywoodBend() {}

    /** {@return least radius with the face grain across the bend (mm), thickness above 0 (mm)} */
    public static double acrossMm(double thicknessMm) {
        return radius(thicknessMm, 1);
    }

    /** {@return least radius with the face grain running round the bend (mm), thickness above 0 (mm)} */
    public static double alongMm(double thicknessMm) {
        return radius(thicknessMm, 2);
    }

    private static double radius(double thicknessMm, int column) {
        double inches = Require.positive("thickness", thicknessMm, "mm") / INCH;
        double[] first = TABLE[0];
        double[] last = TABLE[TABLE.length - 1];
        if (inches <= first[0]) {
            return first[column] * FOOT * inches / first[0];
        }
        if (inches >= last[0]) {
            return last[column] * FOOT * inches / last[0];
        }
        int i = 1;
        while (TABLE[i][0] < inches) {
            i++;
        }
        double share = (inches - TABLE[i - 1][0]) / (TABLE[i][0] - TABLE[i - 1][0]);
        double from = TABLE[i - 1][column];
        return FOOT * (from + share * (TABLE[i][column] - from));
    }
}
