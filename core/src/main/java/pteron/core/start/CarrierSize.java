package pteron.core.start;

import pteron.core.quantity.Require;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.VehicleLimits;

/**
 * How large a carrier is. Immutable.
 *
 * @param deck its deck, or its bed at the floor
 * @param grossKg what vehicle and load may weigh (kg)
 */
public record CarrierSize(Deck deck, double grossKg) {

    /** Checks the ranges. */
    public CarrierSize {
        Require.within("gross rating", grossKg, VehicleLimits.RATING);
    }

    static CarrierSize of(double lengthMm, double widthMm, double heightMm, double grossKg) {
        return new CarrierSize(new Deck(lengthMm, widthMm, heightMm), grossKg);
    }

    /** {@return this size with a longer or shorter deck} */
    public CarrierSize withLength(double mm) {
        return of(mm, deck.widthMm(), deck.heightMm(), grossKg);
    }

    /** {@return this size with a wider or narrower deck} */
    public CarrierSize withWidth(double mm) {
        return of(deck.lengthMm(), mm, deck.heightMm(), grossKg);
    }

    /** {@return this size with a higher or lower deck} */
    public CarrierSize withHeight(double mm) {
        return of(deck.lengthMm(), deck.widthMm(), mm, grossKg);
    }

    /** {@return this size with another rating} */
    public CarrierSize withGross(double kg) {
        return new CarrierSize(deck, kg);
    }
}
