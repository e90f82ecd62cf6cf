package pteron.core.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.quantity.Require;

/**
 * A flatbed trailer, or an old cargo trailer stripped to its frame. Immutable.
 *
 * @param deck the deck
 * @param overWheels whether the deck lies over the wheels, not between them
 * @param drawbar what couples it
 * @param gear axles and wheels
 * @param steel rails, cross-members, outriggers
 * @param measuredSolids wheel boxes through the deck, spare wheel and so on
 */
public record Trailer(
        Deck deck,
        boolean overWheels,
        Drawbar drawbar,
        RunningGear gear,
        Steel steel,
        List<Solid> measuredSolids)
        implements Vehicle {

    /** Most axles that a trailer of this kind has. */
    public static final int MOST_AXLES = 3;

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException if there are too many axles or one lies ahead of the deck
     */
    public Trailer {
        measuredSolids = List.copyOf(measuredSolids);
        if (gear.axles().size() > MOST_AXLES) {
            throw new IllegalArgumentException(
                    "axles: there are [%d] and must be 1 to %d; give one place for each axle"
                            .formatted(gear.axles().size(), MOST_AXLES));
        }
        Require.within("axles", gear.axles().getFirst().placeMm(), VehicleLimits.PLACE_ON_DECK);
    }

    /**
     * Drawbar with its coupler.
     *
     * @param form its form
     * @param aheadMm coupler ahead of the deck's front edge (mm)
     * @param emptyKg what presses on the coupler with the trailer empty (kg)
     * @param ratingKg what may press on it (kg)
     */
    public record Drawbar(Form form, double aheadMm, double emptyKg, double ratingKg) {
        /** Form of a drawbar. */
        public enum Form {
            /** Two bars that meet at the coupler. */
            A_FRAME,
            /** One bar in the middle. */
            CENTRE_POLE
        }

        /** Checks the ranges. */
        public Drawbar {
            Require.within("coupler ahead of the deck", aheadMm, VehicleLimits.COUPLER_AHEAD);
            Require.within("empty coupler load", emptyKg, VehicleLimits.EMPTY_COUPLER);
            Require.within("coupler rating", ratingKg, VehicleLimits.RATING);
        }

        /** {@return this drawbar longer or shorter} */
        public Drawbar withAhead(double otherMm) {
            return new Drawbar(form, otherMm, emptyKg, ratingKg);
        }

        /** {@return this drawbar weighed anew} */
        public Drawbar withEmpty(double otherKg) {
            return new Drawbar(form, aheadMm, otherKg, ratingKg);
        }

        /** {@return this drawbar with another rating} */
        public Drawbar withRating(double otherKg) {
            return new Drawbar(form, aheadMm, emptyKg, otherKg);
        }
    }

    @Override
    public Kind kind() {
        return Kind.TRAILER;
    }

    @Override
    public double emptyKg() {
        return gear.emptyKg() + drawbar.emptyKg();
    }

    @Override
    public Optional<Cab> cab() {
        return Optional.empty();
    }

    @Override
    public List<Solid> solids() {
        List<Solid> solids = new ArrayList<>(measuredSolids);
        if (!overWheels) {
            solids.addAll(WheelSolids.atTheStop(gear, deck.heightMm(), 0));
        }
        return List.copyOf(solids);
    }

    @Override
    public Trailer withDeck(Deck other) {
        return new Trailer(other, overWheels, drawbar, gear, steel, measuredSolids);
    }

    @Override
    public Trailer withGear(RunningGear other) {
        return new Trailer(deck, overWheels, drawbar, other, steel, measuredSolids);
    }

    @Override
    public Trailer withSteel(Steel other) {
        return new Trailer(deck, overWheels, drawbar, gear, other, measuredSolids);
    }

    @Override
    public Trailer withMeasuredSolids(List<Solid> other) {
        return new Trailer(deck, overWheels, drawbar, gear, steel, other);
    }

    /** {@return this trailer with another drawbar} */
    public Trailer withDrawbar(Drawbar other) {
        return new Trailer(deck, overWheels, other, gear, steel, measuredSolids);
    }

    /** {@return this trailer with its deck over or between the wheels} */
    public Trailer withOverWheels(boolean other) {
        return new Trailer(deck, other, drawbar, gear, steel, measuredSolids);
    }
}
