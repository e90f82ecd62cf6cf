package pteron.core.field;

import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Cab.Window;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Pickup.Bed;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.Pickup.Wells;
import pteron.core.vehicle.Vehicle;

/** Fields of a pickup's bed and of a cab. */
final class TruckFields {

    private final Fields<Vehicle> vehicle;

    TruckFields(Fields<Vehicle> vehicle) {
        this.vehicle = vehicle;
    }

    void flatbed() {
        cab(Flatbed.class, Flatbed::driver, Flatbed::withCab);
    }

    void pickup() {
        Fields<Pickup> pickup = as(Pickup.class);
        pickup.kg(
                "rating.payload", "Payload on the sticker", Pickup::payloadKg, Pickup::withPayload);
        bed(pickup.part(Pickup::bed, Pickup::withBed));
        cab(Pickup.class, Pickup::driver, Pickup::withCab);
    }

    private <V extends Vehicle> Fields<V> as(Class<V> type) {
        return vehicle.part(type::cast, (old, other) -> other);
    }

    private static void bed(Fields<Bed> bed) {
        bed.mm("bed.rail-length", "Bed length at the rail", Bed::railLengthMm, Bed::withRailLength)
                .mm(
                        "bed.rail-width",
                        "Width between the rails",
                        Bed::railWidthMm,
                        Bed::withRailWidth)
                .mm(
                        "bed.rail-height",
                        "Rail height above bed floor",
                        Bed::railHeightMm,
                        Bed::withRailHeight);
        wells(bed.part(Bed::wells, Bed::withWells));
        bed.part(Bed::tailgate, Bed::withTailgate)
                .mm(
                        "tailgate.height",
                        "Tailgate height",
                        Tailgate::heightMm,
                        (gate, v) -> new Tailgate(gate.position(), v));
    }

    private static void wells(Fields<Wells> wells) {
        wells.mm("wells.between", "Between the wheel wells", Wells::betweenMm, Wells::withBetween)
                .mm(
                        "wells.from",
                        "Wheel wells, behind front of bed",
                        Wells::fromMm,
                        Wells::withFrom)
                .mm("wells.length", "Wheel well length", Wells::lengthMm, Wells::withLength)
                .mm("wells.height", "Wheel well height", Wells::heightMm, Wells::withHeight);
    }

    private <V extends Vehicle> void cab(
            Class<V> type, Function<V, Cab> get, BiFunction<V, Cab, V> set) {
        Fields<Cab> cab = as(type).part(get, set);
        cab.mm("cab.gap", "Cab, ahead of front of deck", Cab::gapMm, Cab::withGap)
                .mm("cab.roof", "Cab roof height above deck", Cab::roofMm, Cab::withRoof)
                .mm("cab.roof-length", "Cab roof, length", Cab::roofLengthMm, Cab::withRoofLength)
                .mm("cab.width", "Cab width", Cab::widthMm, Cab::withWidth)
                .number(
                        "cab.moves",
                        "Frame twist against cab",
                        Unit.DEGREE,
                        Cab::frameMovesDegrees,
                        Cab::withFrameMoves);
        window(cab.part(Cab::window, Cab::withWindow));
    }

    private static void window(Fields<Window> window) {
        window.mm(
                        "cab-window.sill",
                        "Cab window height above deck",
                        Window::sillMm,
                        (w, v) -> new Window(v, w.widthMm(), w.heightMm()))
                .mm(
                        "cab-window.width",
                        "Cab window, width",
                        Window::widthMm,
                        (w, v) -> new Window(w.sillMm(), v, w.heightMm()))
                .mm(
                        "cab-window.height",
                        "Cab window, height",
                        Window::heightMm,
                        (w, v) -> new Window(w.sillMm(), w.widthMm(), v));
    }
}
