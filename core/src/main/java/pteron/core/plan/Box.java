package pteron.core.plan;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Require;

/**
 * Outside shape of the box and its place on the deck. Immutable.
 *
 * @param outline side outline as a chain over the outside, from the front foot over the roof to the rear
 *     foot; the underside closes it
 * @param widthMm outside width (mm)
 * @param offsetMm front face behind the deck's front edge (mm); negative when it overhangs
 * @param raisedMm underside above the deck, on a sub-frame (mm)
 * @param details dropped floor, wheel arches, roof edges
 */
public record Box(
        List<OutlinePoint> outline,
        double widthMm,
        double offsetMm,
        double raisedMm,
        BoxDetails details) {

    /** Fewest points of an outline: two feet, if a curve runs between them. */
    public static final int FEWEST_POINTS = 2;

    /** Most points of an outline. */
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
        Require.within("sub-frame under the box", raisedMm, PlanLimits.RAISED);
        boolean straight =
                outline.stream().allMatch(p -> p.link() instanceof OutlinePoint.Straight);
        int fewest = straight ? FEWEST_POINTS + 1 : FEWEST_POINTS;
        if (outline.size() < fewest || outline.size() > MOST_POINTS) {
            throw new IllegalArgumentException(
                    "outline: there are [%d] points and must be %d to %d; give each corner once"
                            .formatted(outline.size(), fewest, MOST_POINTS));
        }
    }

    /** A box that stands on the deck, with nothing cut out of it and nothing over its edges. */
    public Box(List<OutlinePoint> outline, double widthMm, double offsetMm) {
        this(outline, widthMm, offsetMm, 0, BoxDetails.NONE);
    }

    /** {@return outside width below the wings, the whole width where there are none (mm)} */
    public double lowerWidthMm() {
        return details.wings().exists() ? details.wings().lowerWidthMm() : widthMm;
    }

    /** {@return this box with another outline} */
    public Box withOutline(List<OutlinePoint> other) {
        return new Box(other, widthMm, offsetMm, raisedMm, details);
    }

    /** {@return this box with one corner of the outline changed} */
    public Box withPoint(int index, OutlinePoint other) {
        List<OutlinePoint> changed = new ArrayList<>(outline);
        changed.set(index, other);
        return withOutline(changed);
    }

    /** {@return this box with another width} */
    public Box withWidth(double otherMm) {
        return new Box(outline, otherMm, offsetMm, raisedMm, details);
    }

    /** {@return this box elsewhere on the deck} */
    public Box withOffset(double otherMm) {
        return new Box(outline, widthMm, otherMm, raisedMm, details);
    }

    /** {@return this box on a higher or lower sub-frame} */
    public Box withRaised(double otherMm) {
        return new Box(outline, widthMm, offsetMm, otherMm, details);
    }

    /** {@return this box with other details} */
    public Box withDetails(BoxDetails other) {
        return new Box(outline, widthMm, offsetMm, raisedMm, other);
    }
}
