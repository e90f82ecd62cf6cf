package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import pteron.core.carrier.CarrierStation;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Vehicle;

/** Collects fields of a vehicle and of its parts. */
final class VehicleFields {

    static final Unit MM = Unit.MILLIMETRE;
    static final Unit KG = Unit.KILOGRAM;

    private final List<NumberField> fields = new ArrayList<>();

    List<NumberField> fields() {
        return fields;
    }

    void add(
            String key,
            String name,
            Unit unit,
            ToDoubleFunction<Vehicle> get,
            BiFunction<Vehicle, Double, Vehicle> set) {
        fields.add(
                new NumberField(
                        key,
                        CarrierStation.CARRIER,
                        name,
                        unit,
                        plan -> get.applyAsDouble(plan.vehicle()),
                        (plan, value) -> plan.withVehicle(set.apply(plan.vehicle(), value))));
    }

    /** Adds a field of a part of the vehicle. */
    <T> void part(
            String key,
            String name,
            Unit unit,
            Part<T> part,
            ToDoubleFunction<T> get,
            BiFunction<T, Double, T> set) {
        add(
                key,
                name,
                unit,
                v -> get.applyAsDouble(part.get().apply(v)),
                (v, value) -> part.set().apply(v, set.apply(part.get().apply(v), value)));
    }

    /** A part of the vehicle that can be read and put back changed. */
    record Part<T>(Function<Vehicle, T> get, BiFunction<Vehicle, T, Vehicle> set) {}

    /** Adds a length of a part. */
    <T> void mm(
            String key,
            String name,
            Part<T> part,
            ToDoubleFunction<T> get,
            BiFunction<T, Double, T> set) {
        part(key, name, MM, part, get, set);
    }
}
