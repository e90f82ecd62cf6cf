package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * A corner of the side outline, and how the line arrives there from the corner before. Immutable.
 *
 * @param xMm behind the box's front face (mm)
 * @param zMm above the box's underside (mm)
 * @param filletMm radius that rounds this corner where two straight lines meet; 0 leaves it sharp (mm)
 * @param link how the line arrives; straight at the first corner
 */
public record OutlinePoint(double xMm, double zMm, double filletMm, Link link) {
    /** Checks the ranges. */
    public OutlinePoint {
        Require.within("outline point, along the box", xMm, PlanLimits.OUTLINE_X);
        Require.within("outline point, height", zMm, PlanLimits.OUTLINE_Z);
        Require.within("fillet", filletMm, PlanLimits.FILLET);
    }

    /** A sharp corner at the end of a straight line. */
    public OutlinePoint(double xMm, double zMm) {
        this(xMm, zMm, 0, new Straight());
    }

    /** {@return this corner elsewhere} */
    public OutlinePoint at(double otherXMm, double otherZMm) {
        return new OutlinePoint(otherXMm, otherZMm, filletMm, link);
    }

    /** {@return this corner rounded otherwise} */
    public OutlinePoint withFillet(double otherMm) {
        return new OutlinePoint(xMm, zMm, otherMm, link);
    }

    /** {@return this corner with the line arriving in another way} */
    public OutlinePoint withLink(Link other) {
        return new OutlinePoint(xMm, zMm, filletMm, other);
    }

    /** How the line runs from one corner to the next. */
    public sealed interface Link {
        /** {@return the spots it passes between its corners, in order} */
        List<Spot> through();

        /** {@return the same through other spots, as many} */
        Link withThrough(List<Spot> other);
    }

    /**
     * A place that a curve passes.
     *
     * @param xMm behind the box's front face (mm)
     * @param zMm above the box's underside (mm)
     */
    public record Spot(double xMm, double zMm) {
        /** Checks the ranges. */
        public Spot {
            Require.within("spot of a curve, along the box", xMm, PlanLimits.OUTLINE_X);
            Require.within("spot of a curve, height", zMm, PlanLimits.OUTLINE_Z);
        }
    }

    /** A straight line. */
    public record Straight() implements Link {
        @Override
        public List<Spot> through() {
            return List.of();
        }

        @Override
        public Straight withThrough(List<Spot> other) {
            return this;
        }
    }

    /**
     * A part of a circle.
     *
     * @param spot a place on it between its ends
     */
    public record Arc(Spot spot) implements Link {
        @Override
        public List<Spot> through() {
            return List.of(spot);
        }

        @Override
        public Arc withThrough(List<Spot> other) {
            return new Arc(other.getFirst());
        }
    }

    /**
     * A thin strip bent through spots, which takes the line of least bending.
     *
     * @param spots places that it passes between its ends, in order, at least one
     * @param thicknessMm thickness of the strip (mm)
     * @param timber id of its material
     */
    public record Batten(List<Spot> spots, double thicknessMm, String timber) implements Link {

        /** Most spots of a batten. */
        public static final int MOST_SPOTS = 20;

        /**
         * Copies the spots.
         *
         * @throws IllegalArgumentException if there are none or too many
         */
        public Batten {
            spots = List.copyOf(spots);
            Require.within("batten thickness", thicknessMm, PlanLimits.BATTEN);
            if (spots.isEmpty() || spots.size() > MOST_SPOTS) {
                throw new IllegalArgumentException(
                        "batten: there are [%d] spots and must be 1 to %d; give the places it passes"
                                .formatted(spots.size(), MOST_SPOTS));
            }
        }

        @Override
        public List<Spot> through() {
            return spots;
        }

        @Override
        public Batten withThrough(List<Spot> other) {
            return new Batten(other, thicknessMm, timber);
        }
    }
}
