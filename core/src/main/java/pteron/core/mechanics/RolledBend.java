package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A tube that is rolled to a bend between three rollers.
 *
 * <pre>  least = 8 · T  </pre>
 *
 * T thickness of the tube in the plane of the bend (mm): tighter, the inner wall of a square tube without filling
 * folds.
 *
 * <p>Source: common practice of roll benders, for walls of a twentieth of the tube and more. Example: T 25.4 gives 203.2
 * mm.
 *
 * @param thicknessMm thickness of the tube in the plane of the bend (mm), above 0
 * @param radiusMm least radius on the inner side (mm), above 0
 */
public record RolledBend(double thicknessMm, double radiusMm) implements BendWay {

    private static final double LEAST_OVER_THICKNESS = 8;

    /**
     * Checks both.
     *
     * @throws IllegalArgumentException if one is not above 0
     */
    public RolledBend {
        Require.positive("thickness", thicknessMm, "mm");
        Require.positive("radius", radiusMm, "mm");
    }

    /** {@return the tightest radius on the inner side that goes without folds (mm)} */
    public double leastMm() {
        return LEAST_OVER_THICKNESS * thicknessMm;
    }

    /** {@return whether it goes without folds} */
    public boolean holds() {
        return radiusMm >= leastMm();
    }
}
