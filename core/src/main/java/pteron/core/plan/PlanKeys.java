package pteron.core.plan;

/** Keys of the plan's parts: fields begin with them, handles on a drawing carry them. */
public final class PlanKeys {

    private static final String OUTLINE = "outline.";
    private static final String SPOT = ".spot.";
    private static final String LINE = ".line";
    private static final String OPENING = "opening.";

    /** A regular expression for corners and spots; their indices are its first and second group. */
    public static final String CORNER_OR_SPOT = "outline\\.(\\d+)(?:\\.spot\\.(\\d+))?";

    /** A regular expression for lines of the outline; its group is the corner that they arrive at. */
    public static final String ARRIVING_LINE = "outline\\.(\\d+)\\.line";

    private PlanKeys() {}

    /** {@return the key of a corner of the outline} */
    public static String corner(int index) {
        return OUTLINE + index;
    }

    /** {@return the key of a spot of the curve before a corner} */
    public static String spot(int corner, int index) {
        return corner(corner) + SPOT + index;
    }

    /** {@return the key of the line that arrives at a corner} */
    public static String line(int corner) {
        return corner(corner) + LINE;
    }

    /** {@return the key of a partition} */
    public static String partition(int index) {
        return "partition." + index;
    }

    /** {@return the key of an opening} */
    public static String opening(String id) {
        return OPENING + id;
    }
}
