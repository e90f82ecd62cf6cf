package pteron.core.drawing;

import java.util.Map;
import pteron.core.stage.Given;

/** What a station lays over the views of the box; each part is empty unless a station has something to say. */
public interface Layer {

    /** {@return how hard members work, by name; those not named do not tell it} */
    default Map<String, Double> uses(Given box) {
        return Map.of();
    }

    /** {@return whether the plan leaves the floor out, which would hide the steel under it} */
    default boolean showsSteel() {
        return false;
    }

    /** {@return whether members and foam are left out: the station shows something else on the walls} */
    default boolean hidesFrame() {
        return false;
    }

    /** Draws over members and sheets, under the openings. */
    default void overFrame(Canvas canvas) {}

    /** Draws over the whole box. */
    default void overBox(Canvas canvas) {}

    /**
     * Adds dimensions, those of the whole box apart.
     *
     * @param canvas the view
     * @param selected part that is chosen, or empty
     * @return rows taken above
     */
    default int dimensions(Canvas canvas, String selected) {
        return 0;
    }
}
