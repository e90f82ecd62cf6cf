package pteron.core.carrier;

import pteron.core.quantity.Require;

/**
 * Steps up to a floor.
 *
 * @param count risers, the last one onto the floor; 1 or more
 * @param riserMm height of each (mm)
 */
public record Steps(int count, double riserMm) {

    /** Highest riser that is climbed with hands full (mm): 9 in; common practice. */
    public static final double HIGHEST_RISER_MM = 230;

    /**
     * Number of steps to a height.
     *
     * <pre>  n = ceil(h / most),  riser = h / n  </pre>
     *
     * <p>Source: common practice. Example: 760 mm with risers of at most 230 gives 4 of 190.
     *
     * @param heightMm height of the floor (mm), above 0
     * @param mostMm highest riser (mm), above 0
     */
    public static Steps to(double heightMm, double mostMm) {
        Require.positive("height", heightMm, "mm");
        Require.positive("highest riser", mostMm, "mm");
        int count = (int) Math.max(1, Math.ceil(heightMm / mostMm - 1e-9));
        return new Steps(count, heightMm / count);
    }
}
