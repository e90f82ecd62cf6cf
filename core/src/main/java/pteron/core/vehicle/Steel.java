package pteron.core.vehicle;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * The steel under the deck: two main rails, cross-members over them, outriggers beside them. Immutable.
 *
 * @param railSpacingMm between the middles of the main rails (mm)
 * @param rail section of a main rail
 * @param crossMember section of the cross-members
 * @param crossMembersMm where they lie, front to rear, two or more (mm)
 * @param outrigger section of the outriggers
 * @param outriggers outriggers on both sides, front to rear; may be none
 */
public record Steel(
        double railSpacingMm,
        Section rail,
        Section crossMember,
        List<Double> crossMembersMm,
        Section outrigger,
        List<Outrigger> outriggers) {

    /**
     * Copies the lists and checks the numbers.
     *
     * @throws IllegalArgumentException if a number is out of its range or a list out of order
     */
    public Steel {
        Require.within("rail spacing", railSpacingMm, VehicleLimits.RAIL_SPACING);
        crossMembersMm.forEach(
                place -> Require.within("cross-members", place, VehicleLimits.PLACE_ON_DECK));
        crossMembersMm = Places.inOrder("cross-members", crossMembersMm);
        outriggers = List.copyOf(outriggers);
        Places.inOrder("outriggers", outriggers.stream().map(Outrigger::placeMm).toList());
        if (crossMembersMm.size() < 2) {
            throw new IllegalArgumentException(
                    "cross-members: there are [%d] and must be 2 or more; measure where each lies"
                            .formatted(crossMembersMm.size()));
        }
    }

    /**
     * A steel section, upright.
     *
     * @param shape its shape
     * @param depthMm upright (mm)
     * @param flangeMm level (mm)
     * @param thicknessMm of the metal (mm)
     */
    public record Section(Shape shape, double depthMm, double flangeMm, double thicknessMm) {
        /** Shape of a section. */
        public enum Shape {
            /** Web with two flanges to one side. */
            CHANNEL,
            /** Closed box. */
            TUBE,
            /** Two legs. */
            ANGLE
        }

        /** Checks the ranges. */
        public Section {
            Require.within("steel depth", depthMm, VehicleLimits.STEEL_SIZE);
            Require.within("steel flange", flangeMm, VehicleLimits.STEEL_SIZE);
            Require.within("steel thickness", thicknessMm, VehicleLimits.STEEL_THICKNESS);
        }

        /** {@return this section of another shape} */
        public Section withShape(Shape other) {
            return new Section(other, depthMm, flangeMm, thicknessMm);
        }

        /** {@return this section deeper or shallower} */
        public Section withDepth(double otherMm) {
            return new Section(shape, otherMm, flangeMm, thicknessMm);
        }

        /** {@return this section with another flange} */
        public Section withFlange(double otherMm) {
            return new Section(shape, depthMm, otherMm, thicknessMm);
        }

        /** {@return this section of thicker or thinner metal} */
        public Section withThickness(double otherMm) {
            return new Section(shape, depthMm, flangeMm, otherMm);
        }
    }

    /**
     * An outrigger on both sides, from its rail outwards.
     *
     * @param placeMm behind the deck's front edge (mm)
     * @param reachMm beside the rail (mm)
     * @param end where it ends on the rail
     */
    public record Outrigger(double placeMm, double reachMm, End end) {
        /** Where an outrigger ends on its rail. */
        public enum End {
            /** Half way up the web, which cracks there: common practice. */
            WEB,
            /** On the flange. */
            FLANGE
        }

        /** {@return this outrigger elsewhere} */
        public Outrigger withPlace(double otherMm) {
            return new Outrigger(otherMm, reachMm, end);
        }

        /** {@return this outrigger longer or shorter} */
        public Outrigger withReach(double otherMm) {
            return new Outrigger(placeMm, otherMm, end);
        }

        /** {@return this outrigger ending elsewhere on its rail} */
        public Outrigger withEnd(End other) {
            return new Outrigger(placeMm, reachMm, other);
        }

        /** Checks the ranges. */
        public Outrigger {
            Require.within("outrigger place", placeMm, VehicleLimits.PLACE_ON_DECK);
            Require.within("outrigger reach", reachMm, VehicleLimits.REACH);
        }
    }

    /** {@return this steel with rails farther apart or nearer} */
    public Steel withRailSpacing(double otherMm) {
        return new Steel(otherMm, rail, crossMember, crossMembersMm, outrigger, outriggers);
    }

    /** {@return this steel with other rails} */
    public Steel withRail(Section other) {
        return new Steel(railSpacingMm, other, crossMember, crossMembersMm, outrigger, outriggers);
    }

    /** {@return this steel with cross-members of another section} */
    public Steel withCrossMember(Section other) {
        return new Steel(railSpacingMm, rail, other, crossMembersMm, outrigger, outriggers);
    }

    /** {@return this steel with its cross-members elsewhere} */
    public Steel withCrossMembers(List<Double> otherMm) {
        return new Steel(railSpacingMm, rail, crossMember, otherMm, outrigger, outriggers);
    }

    /** {@return this steel with outriggers of another section} */
    public Steel withOutrigger(Section other) {
        return new Steel(railSpacingMm, rail, crossMember, crossMembersMm, other, outriggers);
    }

    /** {@return this steel with other outriggers} */
    public Steel withOutriggers(List<Outrigger> other) {
        return new Steel(railSpacingMm, rail, crossMember, crossMembersMm, outrigger, other);
    }
}
