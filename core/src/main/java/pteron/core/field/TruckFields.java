package pteron.core.field;

import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Pickup.Bed;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.Vehicle;

/** Fields of a pickup's bed and of a cab. */
final class TruckFields {

    private static final Unit KG = VehicleFields.KG;

    private final VehicleFields to;

    TruckFields(VehicleFields to) {
        this.to = to;
    }

    void flatbed() {
        cab(Flatbed::driver, Flatbed::withCab, Flatbed.class);
    }

    void pickup() {
        to.add(
                "rating.payload",
                "Payload on the sticker",
                KG,
                v -> ((Pickup) v).payloadKg(),
                (v, value) -> ((Pickup) v).withPayload(value));
        VehicleFields.Part<Bed> bed =
                new VehicleFields.Part<>(
                        v -> ((Pickup) v).bed(), (v, other) -> ((Pickup) v).withBed(other));
        to.mm(
                "bed.rail-length",
                "Bed length at the rail",
                bed,
                Bed::railLengthMm,
                Bed::withRailLength);
        to.mm(
                "bed.rail-width",
                "Width between the rails",
                bed,
                Bed::railWidthMm,
                Bed::withRailWidth);
        to.mm(
                "bed.rail-height",
                "Rails over the bed's floor",
                bed,
                Bed::railHeightMm,
                Bed::withRailHeight);
        to.mm(
                "wells.between",
                "Between the wheel wells",
                bed,
                b -> b.wells().betweenMm(),
                (b, v) -> b.withWells(b.wells().withBetween(v)));
        to.mm(
                "wells.from",
                "Wheel wells behind the bed's front",
                bed,
                b -> b.wells().fromMm(),
                (b, v) -> b.withWells(b.wells().withFrom(v)));
        to.mm(
                "wells.length",
                "Wheel well length",
                bed,
                b -> b.wells().lengthMm(),
                (b, v) -> b.withWells(b.wells().withLength(v)));
        to.mm(
                "wells.height",
                "Wheel well height",
                bed,
                b -> b.wells().heightMm(),
                (b, v) -> b.withWells(b.wells().withHeight(v)));
        to.mm(
                "tailgate.height",
                "Tailgate height",
                bed,
                b -> b.tailgate().heightMm(),
                (b, v) -> b.withTailgate(new Tailgate(b.tailgate().position(), v)));
        cab(Pickup::driver, Pickup::withCab, Pickup.class);
    }

    private <V extends Vehicle> void cab(
            Function<V, Cab> get, BiFunction<V, Cab, V> set, Class<V> type) {
        VehicleFields.Part<Cab> cab =
                new VehicleFields.Part<>(
                        v -> get.apply(type.cast(v)), (v, other) -> set.apply(type.cast(v), other));
        to.mm("cab.gap", "Cab ahead of the deck", cab, Cab::gapMm, Cab::withGap);
        to.mm("cab.roof", "Cab roof over the deck", cab, Cab::roofMm, Cab::withRoof);
        to.mm("cab.roof-length", "Cab roof, length", cab, Cab::roofLengthMm, Cab::withRoofLength);
        to.mm("cab.width", "Cab width", cab, Cab::widthMm, Cab::withWidth);
        to.part(
                "cab.moves",
                "Frame moves against the cab",
                Unit.DEGREE,
                cab,
                Cab::frameMovesDegrees,
                Cab::withFrameMoves);
        to.mm(
                "cab-window.sill",
                "Cab window over the deck",
                cab,
                c -> c.window().sillMm(),
                (c, v) ->
                        c.withWindow(
                                new Cab.Window(v, c.window().widthMm(), c.window().heightMm())));
        to.mm(
                "cab-window.width",
                "Cab window, width",
                cab,
                c -> c.window().widthMm(),
                (c, v) ->
                        c.withWindow(
                                new Cab.Window(c.window().sillMm(), v, c.window().heightMm())));
        to.mm(
                "cab-window.height",
                "Cab window, height",
                cab,
                c -> c.window().heightMm(),
                (c, v) ->
                        c.withWindow(new Cab.Window(c.window().sillMm(), c.window().widthMm(), v)));
    }
}
