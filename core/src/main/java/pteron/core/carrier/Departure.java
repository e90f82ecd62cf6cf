package pteron.core.carrier;

import pteron.core.quantity.Require;

/**
 * How steeply the ground may rise behind a wheel before something behind it touches.
 *
 * @param behindMm how far the point lies behind the wheel's middle d (mm), above 0
 * @param heightMm height of the point above the ground h (mm), 0 or above
 * @param radiusMm radius of the wheel r (mm), above 0
 */
public record Departure(double behindMm, double heightMm, double radiusMm) {
    /** Checks the numbers. */
    public Departure {
        Require.positive("point behind the wheel", behindMm, "mm");
        Require.notNegative("height of the point", heightMm, "mm");
        Require.positive("wheel radius", radiusMm, "mm");
    }

    /**
     * Departure angle: that of the line through the point which touches the wheel from below.
     *
     * <pre>  d · sin a + (r − h) · cos a = r  </pre>
     *
     * <p>Source: SAE J1100, departure angle, from memory; solved for a. Example: d 1500, h 500, r 350 gives
     * 19.136°.
     *
     * @return angle (degrees), 0 to 180
     */
    public double angleDegrees() {
        double reach = Math.hypot(behindMm, radiusMm - heightMm);
        double tilt = Math.atan2(radiusMm - heightMm, behindMm);
        return reach <= radiusMm ? 90 : Math.toDegrees(Math.asin(radiusMm / reach) - tilt);
    }
}
