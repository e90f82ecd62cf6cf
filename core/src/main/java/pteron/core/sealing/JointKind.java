package pteron.core.sealing;

import java.util.Locale;

/** Kinds of joints that let the rain in. */
public enum JointKind {
    /** Where two panels meet at an angle. */
    CORNER("corners", false),
    /** Between two outer sheets of one panel. */
    PANEL_SEAM("panel seams", false),
    /** Lower edge of the outer skins at the deck. */
    LOWER_EDGE("bottom edge", false),
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

    /** {@return the same with a capital: Panel seams} */
    public String title() {
        return label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
    }

    /** {@return whether butyl tape goes in, not sealant} */
    public boolean taped() {
        return taped;
    }
}
