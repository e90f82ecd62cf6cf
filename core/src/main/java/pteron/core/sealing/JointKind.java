package pteron.core.sealing;

/** Kinds of joints that let the rain in. */
public enum JointKind {
    /** Where two panels meet at an angle. */
    CORNER("corners", false),
    /** Between two outer sheets of one panel. */
    PANEL_SEAM("panel seams", false),
    /** Lower edge of the outer skins at the deck. */
    LOWER_EDGE("lower edge", false),
    /** Under the flange of a door or window. */
    OPENING_FLANGE("opening flanges", true);

    private final String label;
    private final boolean taped;

    JointKind(String label, boolean taped) {
        this.label = label;
        this.taped = taped;
    }

    /** {@return what it is called} */
    public String label() {
        return label;
    }

    /** {@return whether butyl tape goes in, not sealant} */
    public boolean taped() {
        return taped;
    }
}
