package pteron.core.warmth;

/**
 * Resistance of the air at the surfaces.
 *
 * @param inside Rsi (m²·K/W)
 * @param outside Rse (m²·K/W)
 */
public record Surfaces(double inside, double outside) {

    /** Heat flows level: ISO 6946:2017, table 7. */
    public static final Surfaces WALL = new Surfaces(0.13, 0.04);

    /** Heat flows up: ISO 6946:2017, table 7. */
    public static final Surfaces ROOF = new Surfaces(0.10, 0.04);

    /** Heat flows down: ISO 6946:2017, table 7. */
    public static final Surfaces FLOOR = new Surfaces(0.17, 0.04);

    /**
     * Resistance of still air between two faces, heat flowing level; between the table's thicknesses in a
     * straight line.
     *
     * <p>Source: ISO 6946:2017, table 8 (unventilated air layers), from memory. Example: 10 mm has 0.15.
     *
     * @param thicknessMm thickness of the air (mm), 0 or above
     * @return resistance (m²·K/W)
     */
    public static double stillAir(double thicknessMm) {
        double[] thickness = {0, 5, 7, 10, 15, 25, 300};
        double[] resistance = {0, 0.11, 0.13, 0.15, 0.17, 0.18, 0.18};
        for (int i = 1; i < thickness.length; i++) {
            if (thicknessMm <= thickness[i]) {
                double share = (thicknessMm - thickness[i - 1]) / (thickness[i] - thickness[i - 1]);
                return resistance[i - 1] + share * (resistance[i] - resistance[i - 1]);
            }
        }
        return resistance[resistance.length - 1];
    }
}
