package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * A flatbed trailer, measured. Places run back from the deck's front edge (mm). Immutable.
 *
 * @param deck the deck
 * @param couplerAheadMm coupler ahead of the deck's front edge (mm)
 * @param axlesMm one to three axles, front to rear (mm)
 * @param wheelDiameterMm outside diameter of the wheels (mm)
 * @param empty what it weighs empty
 * @param ratings what it may weigh
 * @param crossMembersMm steel cross-members under the deck, front to rear, two or more (mm)
 */
public record Trailer(
        Deck deck,
        double couplerAheadMm,
        List<Double> axlesMm,
        double wheelDiameterMm,
        Empty empty,
        Ratings ratings,
        List<Double> crossMembersMm) {

    /** Most axles that a trailer of this kind has. */
    public static final int MOST_AXLES = 3;

    /**
     * Copies the lists and checks the numbers.
     *
     * @throws IllegalArgumentException if a number is out of its range or a list out of order
     */
    public Trailer {
        Require.within("coupler ahead of the deck", couplerAheadMm, PlanLimits.COUPLER_AHEAD);
        Require.within("wheel diameter", wheelDiameterMm, PlanLimits.WHEEL_DIAMETER);
        axlesMm = inOrder("axles", axlesMm);
        crossMembersMm = inOrder("cross-members", crossMembersMm);
        if (axlesMm.isEmpty() || axlesMm.size() > MOST_AXLES) {
            throw new IllegalArgumentException(
                    "axles: there are [%d] and must be 1 to %d; give one place for each axle"
                            .formatted(axlesMm.size(), MOST_AXLES));
        }
        if (crossMembersMm.size() < 2) {
            throw new IllegalArgumentException(
                    "cross-members: there are [%d] and must be 2 or more; measure where each lies"
                            .formatted(crossMembersMm.size()));
        }
    }

    private static List<Double> inOrder(String name, List<Double> places) {
        double last = Double.NEGATIVE_INFINITY;
        for (double place : places) {
            Require.within(name, place, PlanLimits.PLACE_ON_DECK);
            if (place <= last) {
                throw new IllegalArgumentException(
                        "%s: [%s] mm does not lie behind [%s] mm; list them front to rear"
                                .formatted(name, place, last));
            }
            last = place;
        }
        return List.copyOf(places);
    }

    /**
     * The deck.
     *
     * @param lengthMm length (mm)
     * @param widthMm width (mm)
     * @param heightMm height of its top above the ground (mm)
     */
    public record Deck(double lengthMm, double widthMm, double heightMm) {
        /** Checks the ranges. */
        public Deck {
            Require.within("deck length", lengthMm, PlanLimits.DECK_LENGTH);
            Require.within("deck width", widthMm, PlanLimits.DECK_WIDTH);
            Require.within("deck height", heightMm, PlanLimits.DECK_HEIGHT);
        }
    }

    /**
     * What the bare trailer weighs.
     *
     * @param massKg all of it (kg)
     * @param couplerKg what presses on the coupler (kg)
     */
    public record Empty(double massKg, double couplerKg) {
        /** Checks the ranges. */
        public Empty {
            Require.within("empty mass", massKg, PlanLimits.EMPTY_MASS);
            Require.within("empty coupler load", couplerKg, PlanLimits.EMPTY_COUPLER);
        }
    }

    /**
     * What the trailer may weigh, as its plate says.
     *
     * @param grossKg trailer and load (kg)
     * @param axlesKg all axles together (kg)
     * @param couplerKg on the coupler (kg)
     */
    public record Ratings(double grossKg, double axlesKg, double couplerKg) {
        /** Checks the ranges. */
        public Ratings {
            Require.within("gross rating", grossKg, PlanLimits.RATING);
            Require.within("axle rating", axlesKg, PlanLimits.RATING);
            Require.within("coupler rating", couplerKg, PlanLimits.RATING);
        }
    }

    /** {@return this trailer with another deck} */
    public Trailer withDeck(Deck other) {
        return new Trailer(
                other, couplerAheadMm, axlesMm, wheelDiameterMm, empty, ratings, crossMembersMm);
    }

    /** {@return this trailer with its coupler elsewhere} */
    public Trailer withCouplerAhead(double otherMm) {
        return new Trailer(deck, otherMm, axlesMm, wheelDiameterMm, empty, ratings, crossMembersMm);
    }

    /** {@return this trailer with its axles elsewhere} */
    public Trailer withAxles(List<Double> otherMm) {
        return new Trailer(
                deck, couplerAheadMm, otherMm, wheelDiameterMm, empty, ratings, crossMembersMm);
    }

    /** {@return this trailer with other wheels} */
    public Trailer withWheelDiameter(double otherMm) {
        return new Trailer(deck, couplerAheadMm, axlesMm, otherMm, empty, ratings, crossMembersMm);
    }

    /** {@return this trailer weighed anew} */
    public Trailer withEmpty(Empty other) {
        return new Trailer(
                deck, couplerAheadMm, axlesMm, wheelDiameterMm, other, ratings, crossMembersMm);
    }

    /** {@return this trailer with another plate} */
    public Trailer withRatings(Ratings other) {
        return new Trailer(
                deck, couplerAheadMm, axlesMm, wheelDiameterMm, empty, other, crossMembersMm);
    }

    /** {@return this trailer with its cross-members elsewhere} */
    public Trailer withCrossMembers(List<Double> otherMm) {
        return new Trailer(deck, couplerAheadMm, axlesMm, wheelDiameterMm, empty, ratings, otherMm);
    }
}
