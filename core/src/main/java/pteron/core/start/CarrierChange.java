package pteron.core.start;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/**
 * Another kind of carrier under a box: what both kinds have stays as it was measured, the rest is typical of the new
 * kind.
 */
public final class CarrierChange {

    private CarrierChange() {}

    /** {@return the kinds that a vehicle can be changed to, its own left out} */
    public static List<CarrierStart> offered(Vehicle now) {
        return Arrays.stream(CarrierStart.values())
                .filter(kind -> !kind.isBought())
                .filter(kind -> kindOf(kind) != now.kind())
                .toList();
    }

    private static Vehicle.Kind kindOf(CarrierStart kind) {
        return switch (kind) {
            case TRAILER, BOUGHT -> Vehicle.Kind.TRAILER;
            case PICKUP -> Vehicle.Kind.PICKUP;
            case FLATBED, CAB_CHASSIS -> Vehicle.Kind.FLATBED;
        };
    }

    /**
     * {@return a vehicle of another kind on the same deck, with its steel and obstructions; between trucks cab, axles and
     * ratings stay too}
     *
     * @param now the vehicle as it is
     * @param to another kind
     * @param units what sizes are usual
     */
    public static Vehicle changed(Vehicle now, CarrierStart to, UnitSystem units) {
        CarrierSize usual = to.sizes(units).getFirst();
        boolean trucks = now.cab().isPresent() && to != CarrierStart.TRAILER;
        double height = trucks ? now.deck().heightMm() : usual.deck().heightMm();
        Deck deck = new Deck(now.deck().lengthMm(), now.deck().widthMm(), height);
        CarrierSize size = new CarrierSize(deck, trucks ? now.gear().grossKg() : usual.grossKg());
        Vehicle other =
                to.vehicle(size).withSteel(now.steel()).withMeasuredSolids(now.measuredSolids());
        return trucks ? asTruck(other.withGear(now.gear()), now.cab()) : other;
    }

    /** The cab as it was measured, wheel wells over the axle where it is. */
    private static Vehicle asTruck(Vehicle other, Optional<Cab> cab) {
        return switch (other) {
            case Pickup pickup -> {
                Axle rear = pickup.gear().axles().getLast();
                yield pickup.withCab(cab.orElseThrow())
                        .withBed(TypicalVehicles.bed(pickup.deck(), rear.placeMm()));
            }
            case Flatbed flatbed -> flatbed.withCab(cab.orElseThrow());
            case Trailer trailer -> trailer;
        };
    }

    /** {@return what of a vehicle the other kind does not have or has otherwise, in a builder's words} */
    public static List<String> lost(Vehicle now, CarrierStart to) {
        List<String> lost = new ArrayList<>();
        boolean trucks = now.cab().isPresent() && to != CarrierStart.TRAILER;
        switch (now) {
            case Trailer trailer -> lost.add("drawbar and coupler");
            case Pickup pickup -> lost.add("bed walls, wheel wells, tailgate and payload");
            case Flatbed flatbed -> {}
        }
        if (now.cab().isPresent() && !trucks) {
            lost.add("cab");
        }
        if (!trucks) {
            lost.add("axles, wheels and ratings");
            lost.add("deck height");
        }
        return lost;
    }
}
