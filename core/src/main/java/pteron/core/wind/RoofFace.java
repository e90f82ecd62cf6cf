package pteron.core.wind;

import pteron.core.quantity.Require;

/**
 * A piece of roof seen from above; a vault along the box is laid out flat. Immutable.
 *
 * @param form what it is to the wind
 * @param lengthMm from its front to its rear (mm), above 0
 * @param widthMm from side to side (mm), above 0
 */
public record RoofFace(RoofForm form, double lengthMm, double widthMm) {

    /** Checks the sizes. */
    public RoofFace {
        Require.positive("length of the roof", lengthMm, "mm");
        Require.positive("width of the roof", widthMm, "mm");
    }
}
