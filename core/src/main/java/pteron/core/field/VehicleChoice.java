package pteron.core.field;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.carrier.CarrierStation;
import pteron.core.vehicle.Vehicle;

/** Choices of the vehicle. */
final class VehicleChoice {

    private VehicleChoice() {}

    /** {@return a choice that changes the vehicle alone} */
    static ChoiceField of(
            String key,
            String name,
            List<String> options,
            Function<Vehicle, String> get,
            BiFunction<Vehicle, String, Vehicle> set) {
        return new ChoiceField(
                key,
                CarrierStation.CARRIER,
                name,
                options,
                plan -> get.apply(plan.vehicle()),
                (plan, id) -> plan.withVehicle(set.apply(plan.vehicle(), id)));
    }
}
