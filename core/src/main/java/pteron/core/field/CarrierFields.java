package pteron.core.field;

import java.util.List;
import pteron.core.carrier.CarrierStation;
import pteron.core.edit.VehicleEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;

/** Fields of the carrier, those of its kind only: deck, drawbar, axles, wheels. */
final class CarrierFields {

    private final Vehicle now;
    private final Fields<Vehicle> vehicle;

    private CarrierFields(Vehicle now) {
        this.now = now;
        this.vehicle =
                Fields.at(CarrierStation.CARRIER).part(BoxPlan::vehicle, BoxPlan::withVehicle);
    }

    static List<NumberField> numbers(BoxPlan plan) {
        CarrierFields all = new CarrierFields(plan.vehicle());
        all.deck(all.vehicle.part(Vehicle::deck, Vehicle::withDeck));
        switch (plan.vehicle()) {
            case Trailer trailer -> all.drawbar();
            case Pickup pickup -> new TruckFields(all.vehicle).pickup();
            case Flatbed flatbed -> new TruckFields(all.vehicle).flatbed();
        }
        Fields<RunningGear> gear = all.vehicle.part(Vehicle::gear, Vehicle::withGear);
        all.axles(gear);
        wheels(gear.part(RunningGear::wheels, RunningGear::withWheels));
        new SteelFields(plan.vehicle(), all.vehicle).numbers();
        return all.vehicle.numbers();
    }

    private void deck(Fields<Deck> deck) {
        boolean bed = now instanceof Pickup;
        vehicle.mm(
                "deck.length",
                bed ? "Bed length at the floor" : "Deck length",
                whole -> whole.deck().lengthMm(),
                VehicleEdits::withDeckLength);
        deck.mm(
                        "deck.width",
                        bed ? "Bed width at the floor" : "Deck width",
                        Deck::widthMm,
                        (d, v) -> new Deck(d.lengthMm(), v, d.heightMm()))
                .mm(
                        "deck.height",
                        bed ? "Bed floor height above ground" : "Deck height above ground",
                        Deck::heightMm,
                        (d, v) -> new Deck(d.lengthMm(), d.widthMm(), v));
    }

    private void drawbar() {
        vehicle.part(v -> ((Trailer) v).drawbar(), (v, bar) -> ((Trailer) v).withDrawbar(bar))
                .mm(
                        "coupler.ahead",
                        "Coupler ahead of the deck",
                        Drawbar::aheadMm,
                        Drawbar::withAhead)
                .kg("empty.coupler", "Coupler load, unladen", Drawbar::emptyKg, Drawbar::withEmpty)
                .kg("rating.coupler", "Coupler rating", Drawbar::ratingKg, Drawbar::withRating);
    }

    private void axles(Fields<RunningGear> gear) {
        for (int i = 0; i < now.gear().axles().size(); i++) {
            axle(i, gear);
        }
        gear.kg("rating.gross", "Gross rating", RunningGear::grossKg, RunningGear::withGross);
        if (now.cab().isPresent()) {
            gear.part(RunningGear::weighed, RunningGear::withWeighed)
                    .number(
                            "weighed.fuel",
                            "Fuel level when weighed",
                            Unit.PERCENT,
                            Weighed::fuelPercent,
                            Weighed::withFuel);
        }
    }

    private static void axle(int index, Fields<RunningGear> gear) {
        String key = "axle." + index;
        String name = "Axle " + (index + 1);
        gear.mm(
                        key,
                        name + ", behind front of deck",
                        g -> g.axles().get(index).placeMm(),
                        (g, v) -> g.withAxle(index, axle -> axle.withPlace(v)))
                .kg(
                        key + ".empty",
                        name + ", load unladen",
                        g -> g.axles().get(index).emptyKg(),
                        (g, v) -> g.withAxle(index, axle -> axle.withEmpty(v)))
                .kg(
                        key + ".rating",
                        name + ", rating",
                        g -> g.axles().get(index).ratingKg(),
                        (g, v) -> g.withAxle(index, axle -> axle.withRating(v)));
    }

    private static void wheels(Fields<Wheels> wheels) {
        wheels.mm("wheel.diameter", "Wheel diameter", Wheels::diameterMm, Wheels::withDiameter)
                .mm("wheel.width", "Wheel width", Wheels::widthMm, Wheels::withWidth)
                .mm(
                        "wheel.track",
                        "Track width, centre to centre",
                        Wheels::trackMm,
                        Wheels::withTrack)
                .mm("wheel.bump", "Bump travel", Wheels::bumpMm, Wheels::withBump);
    }
}
