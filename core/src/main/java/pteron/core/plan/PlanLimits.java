package pteron.core.plan;

import pteron.core.quantity.PlainText;
import pteron.core.quantity.Require.Range;

/**
 * The range of every number in a plan. They keep out slips of the hand (a metre for a millimetre),
 * not bold designs: <em>common practice</em> with room on both sides.
 */
public final class PlanLimits {

    /** Length of the box at its longest. */
    public static final Range BOX_LENGTH = mm(500, 15000);

    /** Height of the box over its underside. */
    public static final Range BOX_HEIGHT = mm(300, 4500);

    /** Outside width of the box. */
    public static final Range BOX_WIDTH = mm(600, 3500);

    /** Height of a conduit over the floor; 0 for none. */
    public static final Range CONDUIT = mm(0, 2500);

    /** Place of a partition, behind the box's front face or to the right of its middle. */
    public static final Range PARTITION_PLACE = mm(-3000, 15000);

    /** Front face of the box behind the deck's front edge; negative when it overhangs the front. */
    public static final Range BOX_OFFSET = mm(-3000, 10000);

    /** Place of an outline point along the box. */
    public static final Range OUTLINE_X = mm(-3000, 15000);

    /** Height of an outline point above the deck. */
    public static final Range OUTLINE_Z = mm(-500, 4500);

    /** Sub-frame under the box. */
    public static final Range RAISED = mm(0, 600);

    /** Radius that rounds a corner of the outline. */
    public static final Range FILLET = mm(0, 6000);

    /** Thickness of a batten. */
    public static final Range BATTEN = mm(1, 40);

    /** Depth of a dropped floor. */
    public static final Range DROP = mm(0, 500);

    /** Height at which a box becomes wider. */
    public static final Range WINGS = mm(0, 2000);

    /** Rise of a roof across its width (mm). */
    public static final Range CROWN = mm(0, 150);

    /** Length, height or depth of a wheel arch. */
    public static final Range ARCH = mm(20, 3000);

    /** Roof over a wall, or height of a drip edge. */
    public static final Range OVERHANG = mm(0, 1000);

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

    /** Legal length on the road. */
    public static final Range ROAD_LENGTH = mm(3000, 25000);

    /** Height of the shop's door. */
    public static final Range SHOP_DOOR = mm(1500, 8000);

    /** Load on the roof, above the roof. */
    public static final Range ON_ROOF = mm(0, 1000);

    /** Temperature of air. */
    public static final Range TEMPERATURE = new Range(-40, 50, "°C");

    /** Relative humidity of air. */
    public static final Range HUMIDITY = new Range(1, 100, "%");

    /** How often the air is changed. */
    public static final Range AIR_CHANGES = new Range(0.1, 30, "1/h");

    /** People inside. */
    public static final Range PEOPLE = new Range(0, 20, "");

    /** Hours of a night. */
    public static final Range HOURS = new Range(0.5, 72, "h");

    /** Width of the saw's cut. */
    public static final Range KERF = mm(0, 10);

    /** What is cut off each end of a bar; shorter than half the shortest bar. */
    public static final Range END_TRIM = mm(0, 100);

    /** How much longer than drawn a part may come out. */
    public static final Range LENGTH_TOLERANCE = mm(0, 5);

    /** Length of a bar in the shop. */
    public static final Range STOCK_LENGTH = mm(300, 15000);

    /** Width or depth of a bead of sealant. */
    public static final Range BEAD = mm(1, 30);

    /** Content of a cartridge. */
    public static final Range CARTRIDGE = new Range(20, 1000, "mL");

    /** Length of a roll of tape. */
    public static final Range TAPE_ROLL = mm(500, 100000);

    /** Longest text of a plan (letters): a page; beyond lies a slip or a spoilt file. */
    public static final int LONGEST_TEXT = PlainText.LONGEST;

    private PlanLimits() {}

    private static Range mm(double least, double most) {
        return new Range(least, most, "mm");
    }

    private static Range kg(double least, double most) {
        return new Range(least, most, "kg");
    }
}
