package pteron.core.vehicle;

import pteron.core.quantity.Require;

/**
 * What the box stands on: a deck, a bed's floor, or the tops of two rails. Immutable.
 *
 * @param lengthMm length (mm)
 * @param widthMm width (mm)
 * @param heightMm height of its top above the ground (mm)
 */
public record Deck(double lengthMm, double widthMm, double heightMm) {

    /** Thickness of the planks, which lie on the steel (mm); common practice. */
    public static final double PLANKS_MM = 40;

    /** Checks the ranges. */
    public Deck {
        Require.within("deck length", lengthMm, VehicleLimits.DECK_LENGTH);
        Require.within("deck width", widthMm, VehicleLimits.DECK_WIDTH);
        Require.within("deck height", heightMm, VehicleLimits.DECK_HEIGHT);
    }
}
