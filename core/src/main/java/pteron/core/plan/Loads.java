package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * What the box must bear. Immutable.
 *
 * @param windSpeed gust in a storm (m/s)
 * @param floorPersonKg heaviest person on the floor (kg)
 * @param floorLoad load spread over the floor (N/m²)
 * @param serviceClass how damp its wood becomes
 */
public record Loads(
        double windSpeed, double floorPersonKg, double floorLoad, ServiceClass serviceClass) {
    /** Checks the ranges. */
    public Loads {
        Require.within("wind speed", windSpeed, PlanLimits.WIND_SPEED);
        Require.within("person on the floor", floorPersonKg, PlanLimits.PERSON);
        Require.within("floor load", floorLoad, PlanLimits.FLOOR_LOAD);
    }

    /** {@return these loads in another wind} */
    public Loads withWindSpeed(double other) {
        return new Loads(other, floorPersonKg, floorLoad, serviceClass);
    }

    /** {@return these loads with another person on the floor} */
    public Loads withFloorPerson(double otherKg) {
        return new Loads(windSpeed, otherKg, floorLoad, serviceClass);
    }

    /** {@return these loads with another load spread over the floor} */
    public Loads withFloorLoad(double other) {
        return new Loads(windSpeed, floorPersonKg, other, serviceClass);
    }

    /** {@return these loads on wood in another service class} */
    public Loads withServiceClass(ServiceClass other) {
        return new Loads(windSpeed, floorPersonKg, floorLoad, other);
    }
}
