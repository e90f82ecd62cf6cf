package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * A corner of the side outline. Immutable.
 *
 * @param xMm behind the box's front face (mm)
 * @param zMm above the deck (mm)
 */
public record OutlinePoint(double xMm, double zMm) {
    /** Checks the ranges. */
    public OutlinePoint {
        Require.within("outline point, along the box", xMm, PlanLimits.OUTLINE_X);
        Require.within("outline point, height", zMm, PlanLimits.OUTLINE_Z);
    }
}
