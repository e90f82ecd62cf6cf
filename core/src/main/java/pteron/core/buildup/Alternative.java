package pteron.core.buildup;

import pteron.core.quantity.Named;
import pteron.core.quantity.PlainText;

/**
 * Another build-up kept beside the planned one, to be held against it. Immutable.
 *
 * @param name what the builder calls it, not blank
 * @param part which part it is for
 * @param buildUp its layers: a floor for the floor, a frame for walls and roof
 */
public record Alternative(String name, Part part, BuildUp buildUp) {

    /** Most alternatives of one part; with the planned one they are four. */
    public static final int MOST = 3;

    /** Parts of the make-up. */
    public enum Part {
        /** The floor. */
        FLOOR,
        /** Side walls, front, nose, tail, rear. */
        WALLS,
        /** The roof. */
        ROOF
    }

    /**
     * Checks that the build-up suits the part.
     *
     * @throws IllegalArgumentException if the name is blank or the build-up is of the other kind
     */
    public Alternative {
        if (name.isBlank()) {
            throw new IllegalArgumentException(
                    "name of an alternative is empty; give it a short name");
        }
        PlainText.require("name of an alternative", name);
        boolean floor = buildUp instanceof Floor;
        if (floor != (part == Part.FLOOR)) {
            throw new IllegalArgumentException(
                    "alternative [%s] for the %s is of the wrong kind; a floor needs a floor's layers"
                            .formatted(name, Named.small(part)));
        }
    }
}
