package pteron.core.frame;

import pteron.core.shell.PanelKind;

/** What a member does in the frame. */
public enum Role {
    /** Lies on the floor and carries the studs; in a floor, the rim across its front. */
    BOTTOM_PLATE("bottom plate"),
    /** Lies on the studs; in a floor, the rim across its rear. */
    TOP_PLATE("top plate"),
    /** Stands at the edge of a wall. */
    CORNER_POST("corner post"),
    /** Stands beside a corner post, for the edge of the lining. */
    CORNER_BACKING("corner backing"),
    /** Stands from plate to plate. */
    STUD("stud"),
    /** Stud cut short over or under an opening. */
    SHORT_STUD("short stud"),
    /** Bow cut short beside an opening. */
    SHORT_BOW("short bow"),
    /** Bearer cut short beside an opening. */
    SHORT_BEARER("short bearer"),
    /** Stands beside an opening. */
    TRIMMER("trimmer"),
    /** Lies over an opening. */
    HEADER("header"),
    /** Lies under an opening. */
    SILL("sill"),
    /** Carries the roof from side wall to side wall. */
    BOW("bow"),
    /** Bow at the end of a roof. */
    END_BOW("end bow"),
    /** Lies on a bow and gives the roof its rise across the width. */
    FIRRING("firring"),
    /** Carries the floor over the carrier's cross-members. */
    BEARER("bearer"),
    /** Bearer along the side of the floor. */
    EDGE_BEARER("edge bearer"),
    /** Behind a sheet's edge, between two members. */
    BLOCK("block");

    private final String label;

    Role(String label) {
        this.label = label;
    }

    /** {@return what a carpenter calls it in a panel: a floor has end bearers where a wall has plates} */
    public String label(PanelKind panel) {
        boolean floor = panel == PanelKind.FLOOR;
        return switch (this) {
            case BOTTOM_PLATE -> floor ? "front end bearer" : label;
            case TOP_PLATE -> floor ? "rear end bearer" : label;
            default -> label;
        };
    }

    /** {@return what a carpenter calls it} */
    public String label() {
        return label;
    }
}
