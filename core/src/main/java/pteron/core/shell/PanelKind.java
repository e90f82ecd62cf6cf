package pteron.core.shell;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import pteron.core.drawing.View;

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
    REAR,
    /** Floor of a bed over the cab, facing down. */
    UNDER,
    /** Left side wall below the wings. */
    LOWER_LEFT,
    /** Right side wall below the wings. */
    LOWER_RIGHT,
    /** What faces down where the box becomes wider. */
    WING,
    /** Upright board between a floor and its dropped part, facing ahead. */
    RISER,
    /** Board of a box over a wheel. */
    WHEEL_BOX,
    /** Wall inside the box. */
    PARTITION;

    /** {@return whether it is a side wall or its lower part} */
    public boolean isSide() {
        return this == LEFT || this == RIGHT || this == LOWER_LEFT || this == LOWER_RIGHT;
    }

    /** {@return whether it is a roof} */
    public boolean isRoof() {
        return this == ROOF;
    }

    /** {@return whether its members run across the box and have blocks, not plates, at their ends} */
    public boolean isAcross() {
        return this == ROOF || this == UNDER || this == WING;
    }

    /** {@return the first view in which a kind of panel is looked at from outside} */
    public static Optional<View> viewOf(PanelKind kind) {
        return kind == PARTITION
                ? Optional.of(View.INSIDE)
                : Arrays.stream(View.values()).filter(v -> seenIn(v).contains(kind)).findFirst();
    }

    /** {@return panels that are looked at from outside in a view, none where it is no view of panels} */
    public static Set<PanelKind> seenIn(View view) {
        return switch (view) {
            case LEFT -> EnumSet.of(LOWER_LEFT, LEFT);
            case RIGHT -> EnumSet.of(LOWER_RIGHT, RIGHT);
            case FRONT -> EnumSet.of(FRONT, NOSE);
            case REAR -> EnumSet.of(REAR, TAIL);
            case PLAN -> EnumSet.of(FLOOR, UNDER, WHEEL_BOX, WING);
            case ROOF -> EnumSet.of(NOSE, ROOF, TAIL);
            case UNFOLDED, SOLID, SECTION, ALL, INSIDE, FRAMES -> EnumSet.noneOf(PanelKind.class);
        };
    }
}
