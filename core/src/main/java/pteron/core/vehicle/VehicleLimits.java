package pteron.core.vehicle;

import pteron.core.quantity.Require.Range;

/** The range of every number of a vehicle: they keep out slips of the hand. Common practice. */
public final class VehicleLimits {

    /** Length of a deck, bed or straight rails. */
    public static final Range DECK_LENGTH = mm(1000, 15000);

    /** Width of a deck or bed. */
    public static final Range DECK_WIDTH = mm(600, 3000);

    /** Height of the deck, the bed's floor or the rails above the ground. */
    public static final Range DECK_HEIGHT = mm(150, 1600);

    /** Coupler ahead of the deck's front edge. */
    public static final Range COUPLER_AHEAD = mm(200, 5000);

    /** Place of an axle behind the deck's front edge; a front axle lies ahead of it. */
    public static final Range AXLE_PLACE = mm(-6000, 15000);

    /** Place of a cross-member or outrigger behind the deck's front edge. */
    public static final Range PLACE_ON_DECK = mm(0, 15000);

    /** Outside diameter of a wheel. */
    public static final Range WHEEL_DIAMETER = mm(200, 1300);

    /** Width of a wheel. */
    public static final Range WHEEL_WIDTH = mm(80, 700);

    /** Between the middles of the wheels of an axle. */
    public static final Range TRACK = mm(600, 2600);

    /** How far a wheel moves up to its stop. */
    public static final Range BUMP = mm(0, 400);

    /** What one axle carries when the vehicle is empty. */
    public static final Range EMPTY_AXLE = kg(10, 8000);

    /** What the coupler carries when the trailer is empty. */
    public static final Range EMPTY_COUPLER = kg(0, 1500);

    /** A rating. */
    public static final Range RATING = kg(10, 20000);

    /** Fill of the fuel tank. */
    public static final Range FUEL = new Range(0, 100, "%");

    /** Spacing of main rails, middle to middle. */
    public static final Range RAIL_SPACING = mm(200, 2500);

    /** Depth or flange of a steel section. */
    public static final Range STEEL_SIZE = mm(10, 400);

    /** Thickness of a steel section. */
    public static final Range STEEL_THICKNESS = mm(0.8, 30);

    /** How far an outrigger reaches beside its rail. */
    public static final Range REACH = mm(10, 1500);

    /** A side of a solid. */
    public static final Range SOLID = mm(-15000, 15000);

    /** Height of a bed's wall, a tailgate, a wheel well. */
    public static final Range WALL_HEIGHT = mm(0, 1200);

    /** Height of a cab's roof above the deck. */
    public static final Range CAB_HEIGHT = mm(0, 2500);

    /** Length of a wheel well. */
    public static final Range WELL_LENGTH = mm(100, 3000);

    /** How far a cab's back wall stands ahead of the deck. */
    public static final Range CAB_GAP = mm(0, 1500);

    /** How far the frame may move against the cab. */
    public static final Range FRAME_MOVES = new Range(0, 5, "°");

    /** Width or height of a cab's rear window; 0 where there is none. */
    public static final Range WINDOW = mm(0, 2500);

    private VehicleLimits() {}

    private static Range mm(double least, double most) {
        return new Range(least, most, "mm");
    }

    private static Range kg(double least, double most) {
        return new Range(least, most, "kg");
    }
}
