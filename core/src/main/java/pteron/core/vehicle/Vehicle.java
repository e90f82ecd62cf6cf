package pteron.core.vehicle;

import java.util.List;
import java.util.Optional;

/** What a box stands on, measured. Immutable. */
public sealed interface Vehicle permits Trailer, Pickup, Flatbed {

    /** The kinds of vehicle. */
    enum Kind {
        /** Drawn by another one. */
        TRAILER,
        /** With a bed between walls. */
        PICKUP,
        /** Flatbed or bare rails behind a cab. */
        FLATBED
    }

    /** {@return which kind it is} */
    Kind kind();

    /** {@return what the box stands on} */
    Deck deck();

    /** {@return this vehicle with another deck} */
    Vehicle withDeck(Deck other);

    /** {@return axles, wheels, ratings} */
    RunningGear gear();

    /** {@return this vehicle with another running gear} */
    Vehicle withGear(RunningGear other);

    /** {@return rails, cross-members, outriggers} */
    Steel steel();

    /** {@return this vehicle with other steel} */
    Vehicle withSteel(Steel other);

    /** {@return everything that the box may hit} */
    List<Solid> solids();

    /** {@return the solids that the builder measured one by one} */
    List<Solid> measuredSolids();

    /** {@return this vehicle with other measured solids} */
    Vehicle withMeasuredSolids(List<Solid> other);

    /** {@return the cab ahead of the deck, empty for a trailer} */
    Optional<Cab> cab();

    /** {@return what it weighs empty (kg)} */
    double emptyKg();

    /** {@return where the axles lie, front to rear (mm behind the deck's front edge)} */
    default List<Double> axlesMm() {
        return gear().axles().stream().map(RunningGear.Axle::placeMm).toList();
    }
}
