package pteron.core.vehicle;

import pteron.core.quantity.Require;

/**
 * The cab ahead of the deck. Immutable.
 *
 * @param gapMm its back wall ahead of the deck's front edge (mm)
 * @param roofMm its roof above the deck (mm)
 * @param roofLengthMm its roof, from the back wall to where the windscreen begins (mm)
 * @param widthMm its width (mm)
 * @param window its rear window
 * @param frameMovesDegrees how far the frame may twist or bend against it (degrees)
 */
public record Cab(
        double gapMm,
        double roofMm,
        double roofLengthMm,
        double widthMm,
        Window window,
        double frameMovesDegrees) {

    /** What a cab clears the ground by (mm); common practice, it only bounds the solid from below. */
    private static final double CLEARS_GROUND_MM = 300;

    /** Checks the ranges. */
    public Cab {
        Require.within("cab ahead of the deck", gapMm, VehicleLimits.CAB_GAP);
        Require.within("cab roof above the deck", roofMm, VehicleLimits.CAB_HEIGHT);
        Require.within("cab roof length", roofLengthMm, VehicleLimits.CAB_HEIGHT);
        Require.within("cab width", widthMm, VehicleLimits.DECK_WIDTH);
        Require.within("movement of the frame", frameMovesDegrees, VehicleLimits.FRAME_MOVES);
    }

    /**
     * The window in the cab's back wall, in its middle; without one all is 0.
     *
     * @param sillMm its lower edge above the deck (mm)
     * @param widthMm width (mm)
     * @param heightMm height (mm)
     */
    public record Window(double sillMm, double widthMm, double heightMm) {
        /** Checks the ranges. */
        public Window {
            Require.within("cab window sill", sillMm, VehicleLimits.WINDOW);
            Require.within("cab window width", widthMm, VehicleLimits.WINDOW);
            Require.within("cab window height", heightMm, VehicleLimits.WINDOW);
        }

        /** {@return whether there is one} */
        public boolean exists() {
            return widthMm > 0 && heightMm > 0;
        }
    }

    /** {@return this cab nearer or farther} */
    public Cab withGap(double otherMm) {
        return new Cab(otherMm, roofMm, roofLengthMm, widthMm, window, frameMovesDegrees);
    }

    /** {@return this cab higher or lower} */
    public Cab withRoof(double otherMm) {
        return new Cab(gapMm, otherMm, roofLengthMm, widthMm, window, frameMovesDegrees);
    }

    /** {@return this cab with a longer or shorter roof} */
    public Cab withRoofLength(double otherMm) {
        return new Cab(gapMm, roofMm, otherMm, widthMm, window, frameMovesDegrees);
    }

    /** {@return this cab wider or narrower} */
    public Cab withWidth(double otherMm) {
        return new Cab(gapMm, roofMm, roofLengthMm, otherMm, window, frameMovesDegrees);
    }

    /** {@return this cab with another rear window} */
    public Cab withWindow(Window other) {
        return new Cab(gapMm, roofMm, roofLengthMm, widthMm, other, frameMovesDegrees);
    }

    /** {@return this cab on a frame that moves more or less} */
    public Cab withFrameMoves(double otherDegrees) {
        return new Cab(gapMm, roofMm, roofLengthMm, widthMm, window, otherDegrees);
    }

    /** {@return the cab as a solid} */
    Solid solid(double groundMm) {
        return new Solid(
                "cab",
                Solid.Kind.CAB,
                new Solid.Stretch(-gapMm - roofLengthMm, -gapMm),
                new Solid.Stretch(-widthMm / 2, widthMm / 2),
                new Solid.Stretch(Math.min(0, groundMm + CLEARS_GROUND_MM), roofMm),
                false);
    }
}
