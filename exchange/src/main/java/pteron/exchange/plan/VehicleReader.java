package pteron.exchange.plan;

import java.util.List;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;
import pteron.core.vehicle.VehicleLimits;

/** Reads vehicles; trailers of the first version of the format too. */
final class VehicleReader {

    private VehicleReader() {}

    static Vehicle vehicle(JsonCursor at) throws PlanFormatException {
        return switch (at.choice("kind", Vehicle.Kind.values())) {
            case TRAILER -> trailer(at);
            case PICKUP -> pickup(at);
            case FLATBED ->
                    new Flatbed(
                            at.object("deck", VehicleReader::deck),
                            at.object("cab", VehicleReader::cab),
                            at.object("gear", VehicleReader::gear),
                            at.object("steel", VehicleReader::steel),
                            at.objects("solids", VehicleReader::solid));
        };
    }

    private static Trailer trailer(JsonCursor at) throws PlanFormatException {
        return new Trailer(
                at.object("deck", VehicleReader::deck),
                at.bool("deckOverWheels"),
                at.object(
                        "drawbar",
                        bar ->
                                new Drawbar(
                                        bar.choice("form", Drawbar.Form.values()),
                                        bar.number("aheadMm", VehicleLimits.COUPLER_AHEAD),
                                        bar.number("emptyKg", VehicleLimits.EMPTY_COUPLER),
                                        bar.number("ratingKg", VehicleLimits.RATING))),
                at.object("gear", VehicleReader::gear),
                at.object("steel", VehicleReader::steel),
                at.objects("solids", VehicleReader::solid));
    }

    private static Pickup pickup(JsonCursor at) throws PlanFormatException {
        return new Pickup(
                at.object("bed", VehicleReader::bed),
                at.object("cab", VehicleReader::cab),
                at.object("gear", VehicleReader::gear),
                at.number("payloadKg", VehicleLimits.RATING),
                at.object("steel", VehicleReader::steel),
                at.objects("solids", VehicleReader::solid));
    }

    private static Deck deck(JsonCursor at) throws PlanFormatException {
        return new Deck(
                at.number("lengthMm", VehicleLimits.DECK_LENGTH),
                at.number("widthMm", VehicleLimits.DECK_WIDTH),
                at.number("heightMm", VehicleLimits.DECK_HEIGHT));
    }

    private static Pickup.Bed bed(JsonCursor at) throws PlanFormatException {
        return new Pickup.Bed(
                at.object("floor", VehicleReader::deck),
                at.number("railLengthMm", VehicleLimits.DECK_LENGTH),
                at.number("railWidthMm", VehicleLimits.DECK_WIDTH),
                at.number("railHeightMm", VehicleLimits.WALL_HEIGHT),
                at.object(
                        "wells",
                        wells ->
                                new Pickup.Wells(
                                        wells.number("betweenMm", VehicleLimits.DECK_WIDTH),
                                        wells.number("fromMm", VehicleLimits.PLACE_ON_DECK),
                                        wells.number("lengthMm", VehicleLimits.WELL_LENGTH),
                                        wells.number("heightMm", VehicleLimits.WALL_HEIGHT))),
                at.object(
                        "tailgate",
                        gate ->
                                new Pickup.Tailgate(
                                        gate.choice("position", Pickup.Tailgate.Position.values()),
                                        gate.number("heightMm", VehicleLimits.WALL_HEIGHT))));
    }

    private static Cab cab(JsonCursor at) throws PlanFormatException {
        return new Cab(
                at.number("gapMm", VehicleLimits.CAB_GAP),
                at.number("roofMm", VehicleLimits.CAB_HEIGHT),
                at.number("roofLengthMm", VehicleLimits.CAB_HEIGHT),
                at.number("widthMm", VehicleLimits.DECK_WIDTH),
                at.object(
                        "window",
                        window ->
                                new Cab.Window(
                                        window.number("sillMm", VehicleLimits.WINDOW),
                                        window.number("widthMm", VehicleLimits.WINDOW),
                                        window.number("heightMm", VehicleLimits.WINDOW))),
                at.number("frameMovesDegrees", VehicleLimits.FRAME_MOVES));
    }

    private static RunningGear gear(JsonCursor at) throws PlanFormatException {
        return new RunningGear(
                at.objects(
                        "axles",
                        axle ->
                                new Axle(
                                        axle.number("placeMm", VehicleLimits.AXLE_PLACE),
                                        axle.number("emptyKg", VehicleLimits.EMPTY_AXLE),
                                        axle.number("ratingKg", VehicleLimits.RATING))),
                at.object(
                        "wheels",
                        wheels ->
                                new Wheels(
                                        wheels.number("diameterMm", VehicleLimits.WHEEL_DIAMETER),
                                        wheels.number("widthMm", VehicleLimits.WHEEL_WIDTH),
                                        wheels.number("trackMm", VehicleLimits.TRACK),
                                        wheels.number("bumpMm", VehicleLimits.BUMP))),
                at.number("grossKg", VehicleLimits.RATING),
                at.object(
                        "weighed",
                        weighed ->
                                new Weighed(
                                        weighed.choice("source", Weighed.Source.values()),
                                        weighed.number("fuelPercent", VehicleLimits.FUEL),
                                        weighed.bool("driverAboard"))));
    }

    private static Steel steel(JsonCursor at) throws PlanFormatException {
        return new Steel(
                at.number("railSpacingMm", VehicleLimits.RAIL_SPACING),
                at.object("rail", VehicleReader::section),
                at.object("crossMember", VehicleReader::section),
                at.numbers("crossMembersMm", VehicleLimits.PLACE_ON_DECK),
                at.object("outrigger", VehicleReader::section),
                at.objects(
                        "outriggers",
                        outrigger ->
                                new Outrigger(
                                        outrigger.number("placeMm", VehicleLimits.PLACE_ON_DECK),
                                        outrigger.number("reachMm", VehicleLimits.REACH),
                                        outrigger.choice("end", Outrigger.End.values()))));
    }

    private static Steel.Section section(JsonCursor at) throws PlanFormatException {
        return new Steel.Section(
                at.choice("shape", Steel.Section.Shape.values()),
                at.number("depthMm", VehicleLimits.STEEL_SIZE),
                at.number("flangeMm", VehicleLimits.STEEL_SIZE),
                at.number("thicknessMm", VehicleLimits.STEEL_THICKNESS));
    }

    private static Solid solid(JsonCursor at) throws PlanFormatException {
        return new Solid(
                at.text("name"),
                at.choice("kind", Solid.Kind.values()),
                at.object("along", VehicleReader::stretch),
                at.object("across", VehicleReader::stretch),
                at.object("up", VehicleReader::stretch),
                at.bool("mirrored"));
    }

    private static Stretch stretch(JsonCursor at) throws PlanFormatException {
        return new Stretch(
                at.number("fromMm", VehicleLimits.SOLID), at.number("toMm", VehicleLimits.SOLID));
    }

    /** Beside a deck between the wheels (mm); common practice, the first version did not say. */
    private static final double BESIDE_DECK_MM = 20;

    /** {@return a trailer of version 1, which knew loads of all axles together and no steel sections} */
    static Vehicle firstTrailer(JsonCursor at) throws PlanFormatException {
        Trailer usual = StartingVehicles.trailer();
        Deck deck = at.object("deck", VehicleReader::deck);
        double ahead = at.number("couplerAheadMm", VehicleLimits.COUPLER_AHEAD);
        List<Double> places = at.numbers("axlesMm", VehicleLimits.PLACE_ON_DECK);
        double diameter = at.number("wheelDiameterMm", VehicleLimits.WHEEL_DIAMETER);
        double[] empty = at.object("empty", VehicleReader::firstEmpty);
        double[] ratings = at.object("ratings", VehicleReader::firstRatings);
        List<Axle> axles = alike(places, empty[0] - empty[1], ratings[1]);
        double tyre = usual.gear().wheels().widthMm();
        double track = deck.widthMm() + 2 * BESIDE_DECK_MM + tyre;
        Steel steel =
                usual.steel()
                        .withCrossMembers(
                                at.numbers("crossMembersMm", VehicleLimits.PLACE_ON_DECK));
        return new Trailer(
                deck,
                false,
                new Drawbar(Drawbar.Form.A_FRAME, ahead, empty[1], ratings[2]),
                new RunningGear(
                        axles,
                        usual.gear().wheels().withDiameter(diameter).withTrack(track),
                        ratings[0],
                        Weighed.TYPED),
                steel,
                List.of());
    }

    private static double[] firstEmpty(JsonCursor at) throws PlanFormatException {
        return new double[] {
            at.number("massKg", VehicleLimits.EMPTY_AXLE),
            at.number("couplerKg", VehicleLimits.EMPTY_COUPLER)
        };
    }

    private static double[] firstRatings(JsonCursor at) throws PlanFormatException {
        return new double[] {
            at.number("grossKg", VehicleLimits.RATING),
            at.number("axlesKg", VehicleLimits.RATING),
            at.number("couplerKg", VehicleLimits.RATING)
        };
    }

    /** {@return axles that share load and rating alike} */
    private static List<Axle> alike(List<Double> places, double emptyKg, double ratingKg) {
        int count = places.size();
        return places.stream()
                .map(place -> new Axle(place, emptyKg / count, ratingKg / count))
                .toList();
    }
}
