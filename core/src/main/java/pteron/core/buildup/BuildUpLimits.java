package pteron.core.buildup;

import pteron.core.quantity.Require.Range;

/** The range of every number of a build-up: they keep out slips of the hand. Common practice. */
public final class BuildUpLimits {

    /** Thickness of a layer. */
    public static final Range LAYER = mm(0.1, 300);

    /** Thickness of a member, across its depth. */
    public static final Range SECTION_THICKNESS = mm(12, 150);

    /** Depth of a member, from the outer to the inner skin. */
    public static final Range SECTION_DEPTH = mm(12, 300);

    /** Wall of a tube; 0 where it is solid. */
    public static final Range SECTION_WALL = mm(0, 20);

    /** Greatest spacing of members, middle to middle. */
    public static final Range SPACING = mm(100, 1300);

    /** Gap round a piece of foam. */
    public static final Range FOAM_GAP = mm(0, 30);

    /** Most further layers on one side of a frame. */
    public static final int MOST_LAYERS = 8;

    private BuildUpLimits() {}

    private static Range mm(double least, double most) {
        return new Range(least, most, "mm");
    }
}
