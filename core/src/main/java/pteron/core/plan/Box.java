package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * Outside shape of the box and its place on the deck. Immutable.
 *
 * @param outline side outline as a chain of straight lines over the outside, from the front foot over
 *     the roof to the rear foot; the deck closes it
 * @param widthMm outside width (mm)
 * @param offsetMm front face behind the deck's front edge (mm); negative when it overhangs
 */
public record Box(List<OutlinePoint> outline, double widthMm, double offsetMm) {

    /** Fewest points of an outline: two feet and a ridge. */
    public static final int FEWEST_POINTS = 3;

    /** Most points of an outline of straight lines. */
    public static final int MOST_POINTS = 60;

    /**
     * Copies the outline and checks the numbers; whether the outline is a good one is a finding.
     *
     * @throws IllegalArgumentException if a number is out of its range or there are too few points
     */
    public Box {
        outline = List.copyOf(outline);
        Require.within("box width", widthMm, PlanLimits.BOX_WIDTH);
        Require.within("box behind the deck's front edge", offsetMm, PlanLimits.BOX_OFFSET);
        if (outline.size() < FEWEST_POINTS || outline.size() > MOST_POINTS) {
            throw new IllegalArgumentException(
                    "outline: there are [%d] points and must be %d to %d; give each corner once"
                            .formatted(outline.size(), FEWEST_POINTS, MOST_POINTS));
        }
    }

    /** {@return this box with another outline} */
    public Box withOutline(List<OutlinePoint> other) {
        return new Box(other, widthMm, offsetMm);
    }

    /** {@return this box with another width} */
    public Box withWidth(double otherMm) {
        return new Box(outline, otherMm, offsetMm);
    }

    /** {@return this box elsewhere on the deck} */
    public Box withOffset(double otherMm) {
        return new Box(outline, widthMm, otherMm);
    }
}
