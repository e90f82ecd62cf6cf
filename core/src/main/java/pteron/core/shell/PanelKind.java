package pteron.core.shell;

/** What a panel is to the box. */
public enum PanelKind {
    /** Sandwich on bearers. */
    FLOOR,
    /** Side wall on the left. */
    LEFT,
    /** Side wall on the right. */
    RIGHT,
    /** Wall towards the coupler. */
    FRONT,
    /** Raked part above the front wall. */
    NOSE,
    /** Roof. */
    ROOF,
    /** Sloped part above the rear wall. */
    TAIL,
    /** Wall away from the coupler. */
    REAR;

    /** {@return whether it is one of the two side walls} */
    public boolean isSide() {
        return this == LEFT || this == RIGHT;
    }

    /** {@return whether its members run across the box and have blocks, not plates, at their ends} */
    public boolean isRoof() {
        return this == ROOF;
    }
}
