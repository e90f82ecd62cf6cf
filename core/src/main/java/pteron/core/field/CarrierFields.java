package pteron.core.field;

import java.util.List;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;

/** Fields of the carrier, those of its kind only: deck, drawbar, axles, wheels. */
final class CarrierFields {

    private static final Unit KG = VehicleFields.KG;

    private final Vehicle vehicle;
    private final VehicleFields to;

    private CarrierFields(Vehicle vehicle, VehicleFields to) {
        this.vehicle = vehicle;
        this.to = to;
    }

    static List<NumberField> numbers(BoxPlan plan) {
        VehicleFields to = new VehicleFields();
        CarrierFields all = new CarrierFields(plan.vehicle(), to);
        all.deck();
        switch (plan.vehicle()) {
            case Trailer trailer -> all.drawbar();
            case Pickup pickup -> new TruckFields(to).pickup();
            case Flatbed flatbed -> new TruckFields(to).flatbed();
        }
        all.axles();
        all.wheels();
        new SteelFields(plan.vehicle(), to).numbers();
        return to.fields();
    }

    private void deck() {
        VehicleFields.Part<Deck> deck = new VehicleFields.Part<>(Vehicle::deck, Vehicle::withDeck);
        boolean bed = vehicle instanceof Pickup;
        to.mm(
                "deck.length",
                bed ? "Bed length at the floor" : "Deck length",
                deck,
                Deck::lengthMm,
                (d, v) -> new Deck(v, d.widthMm(), d.heightMm()));
        to.mm(
                "deck.width",
                bed ? "Bed width at the floor" : "Deck width",
                deck,
                Deck::widthMm,
                (d, v) -> new Deck(d.lengthMm(), v, d.heightMm()));
        to.mm(
                "deck.height",
                bed ? "Bed floor over the ground" : "Deck over the ground",
                deck,
                Deck::heightMm,
                (d, v) -> new Deck(d.lengthMm(), d.widthMm(), v));
    }

    private void drawbar() {
        VehicleFields.Part<Drawbar> bar =
                new VehicleFields.Part<>(
                        v -> ((Trailer) v).drawbar(),
                        (v, other) -> ((Trailer) v).withDrawbar(other));
        to.mm(
                "coupler.ahead",
                "Coupler ahead of the deck",
                bar,
                Drawbar::aheadMm,
                Drawbar::withAhead);
        to.part(
                "empty.coupler",
                "Empty coupler load",
                KG,
                bar,
                Drawbar::emptyKg,
                Drawbar::withEmpty);
        to.part(
                "rating.coupler",
                "Coupler rating",
                KG,
                bar,
                Drawbar::ratingKg,
                Drawbar::withRating);
    }

    private void axles() {
        VehicleFields.Part<RunningGear> gear =
                new VehicleFields.Part<>(Vehicle::gear, Vehicle::withGear);
        for (int i = 0; i < vehicle.gear().axles().size(); i++) {
            int index = i;
            String name = "Axle " + (i + 1);
            to.mm(
                    "axle." + i,
                    name + " behind the deck's front",
                    gear,
                    g -> g.axles().get(index).placeMm(),
                    (g, v) -> g.withAxle(index, axle -> axle.withPlace(v)));
            to.part(
                    "axle." + i + ".empty",
                    name + ", empty load",
                    KG,
                    gear,
                    g -> g.axles().get(index).emptyKg(),
                    (g, v) -> g.withAxle(index, axle -> axle.withEmpty(v)));
            to.part(
                    "axle." + i + ".rating",
                    name + ", rating",
                    KG,
                    gear,
                    g -> g.axles().get(index).ratingKg(),
                    (g, v) -> g.withAxle(index, axle -> axle.withRating(v)));
        }
        to.part(
                "rating.gross",
                "Gross rating",
                KG,
                gear,
                RunningGear::grossKg,
                RunningGear::withGross);
        if (vehicle.cab().isPresent()) {
            to.part(
                    "weighed.fuel",
                    "Fuel in the tank when weighed",
                    Unit.PERCENT,
                    gear,
                    g -> g.weighed().fuelPercent(),
                    (g, v) -> g.withWeighed(g.weighed().withFuel(v)));
        }
    }

    private void wheels() {
        VehicleFields.Part<RunningGear.Wheels> wheels =
                new VehicleFields.Part<>(
                        v -> v.gear().wheels(),
                        (v, other) -> v.withGear(v.gear().withWheels(other)));
        to.mm(
                "wheel.diameter",
                "Wheel diameter",
                wheels,
                RunningGear.Wheels::diameterMm,
                RunningGear.Wheels::withDiameter);
        to.mm(
                "wheel.width",
                "Wheel width",
                wheels,
                RunningGear.Wheels::widthMm,
                RunningGear.Wheels::withWidth);
        to.mm(
                "wheel.track",
                "Track, middle to middle",
                wheels,
                RunningGear.Wheels::trackMm,
                RunningGear.Wheels::withTrack);
        to.mm(
                "wheel.bump",
                "Wheel moves up to its stop",
                wheels,
                RunningGear.Wheels::bumpMm,
                RunningGear.Wheels::withBump);
    }
}
