package pteron.core.plan;

import pteron.core.quantity.Require.Range;

/**
 * The range of every number in a plan. They keep out slips of the hand (a metre for a millimetre),
 * not bold designs: <em>common practice</em> with room on both sides.
 */
public final class PlanLimits {

    /** Deck length. */
    public static final Range DECK_LENGTH = mm(1000, 15000);

    /** Deck width. */
    public static final Range DECK_WIDTH = mm(600, 3000);

    /** Height of the deck above the ground. */
    public static final Range DECK_HEIGHT = mm(150, 1600);

    /** Coupler ahead of the deck's front edge. */
    public static final Range COUPLER_AHEAD = mm(200, 5000);

    /** Place of an axle or cross-member behind the deck's front edge. */
    public static final Range PLACE_ON_DECK = mm(0, 15000);

    /** Outside diameter of a wheel. */
    public static final Range WHEEL_DIAMETER = mm(200, 1300);

    /** Empty mass of the carrier. */
    public static final Range EMPTY_MASS = kg(50, 8000);

    /** Load on the coupler with the carrier empty. */
    public static final Range EMPTY_COUPLER = kg(0, 1500);

    /** A rating of the carrier. */
    public static final Range RATING = kg(10, 20000);

    /** Outside width of the box. */
    public static final Range BOX_WIDTH = mm(600, 3500);

    /** Front face of the box behind the deck's front edge; negative when it overhangs the front. */
    public static final Range BOX_OFFSET = mm(-3000, 10000);

    /** Place of an outline point along the box. */
    public static final Range OUTLINE_X = mm(-3000, 15000);

    /** Height of an outline point above the deck. */
    public static final Range OUTLINE_Z = mm(-500, 4500);

    /** Thickness of a layer. */
    public static final Range LAYER = mm(0.1, 300);

    /** Thickness of a member, across its depth. */
    public static final Range SECTION_THICKNESS = mm(12, 150);

    /** Depth of a member, from the outer to the inner skin. */
    public static final Range SECTION_DEPTH = mm(12, 300);

    /** Greatest spacing of members, middle to middle. */
    public static final Range SPACING = mm(100, 1300);

    /** Place of an opening along its wall; it may lie wrongly, which is a finding. */
    public static final Range OPENING_PLACE = mm(-2000, 15000);

    /** Height of an opening's lower edge above the floor. */
    public static final Range OPENING_SILL = mm(-500, 4500);

    /** Width or height of a cut-out. */
    public static final Range OPENING_SIZE = mm(50, 5000);

    /** Play round a unit, on each side. */
    public static final Range OPENING_PLAY = mm(0, 50);

    /** Mass of a door or window. */
    public static final Range OPENING_MASS = kg(0, 200);

    /** Wind speed in a storm. */
    public static final Range WIND_SPEED = new Range(0, 80, "m/s");

    /** A person on the floor. */
    public static final Range PERSON = kg(30, 250);

    /** Spread load on the floor. */
    public static final Range FLOOR_LOAD = new Range(0, 20000, "N/m²");

    /** Legal width or height on the road. */
    public static final Range ROAD_LIMIT = mm(1000, 6000);

    /** Width of the saw's cut. */
    public static final Range KERF = mm(0, 10);

    /** Length of a bar in the shop. */
    public static final Range STOCK_LENGTH = mm(300, 15000);

    /** Width or depth of a bead of sealant. */
    public static final Range BEAD = mm(1, 30);

    /** Content of a cartridge. */
    public static final Range CARTRIDGE = new Range(20, 1000, "mL");

    /** Length of a roll of tape. */
    public static final Range TAPE_ROLL = mm(500, 100000);

    private PlanLimits() {}

    private static Range mm(double least, double most) {
        return new Range(least, most, "mm");
    }

    private static Range kg(double least, double most) {
        return new Range(least, most, "kg");
    }
}
