package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * What the box must bear, and what the road allows. Immutable.
 *
 * @param windSpeed gust in a storm (m/s)
 * @param floorPersonKg heaviest person on the floor (kg)
 * @param floorLoad load spread over the floor (N/m²)
 * @param roadWidthMm greatest legal width (mm)
 * @param roadHeightMm greatest legal height (mm)
 */
public record Loads(
        double windSpeed,
        double floorPersonKg,
        double floorLoad,
        double roadWidthMm,
        double roadHeightMm) {
    /** Checks the ranges. */
    public Loads {
        Require.within("wind speed", windSpeed, PlanLimits.WIND_SPEED);
        Require.within("person on the floor", floorPersonKg, PlanLimits.PERSON);
        Require.within("floor load", floorLoad, PlanLimits.FLOOR_LOAD);
        Require.within("legal width", roadWidthMm, PlanLimits.ROAD_LIMIT);
        Require.within("legal height", roadHeightMm, PlanLimits.ROAD_LIMIT);
    }

    /** {@return these loads in another wind} */
    public Loads withWindSpeed(double other) {
        return new Loads(other, floorPersonKg, floorLoad, roadWidthMm, roadHeightMm);
    }

    /** {@return these loads with another person on the floor} */
    public Loads withFloorPerson(double otherKg) {
        return new Loads(windSpeed, otherKg, floorLoad, roadWidthMm, roadHeightMm);
    }

    /** {@return these loads with another load spread over the floor} */
    public Loads withFloorLoad(double other) {
        return new Loads(windSpeed, floorPersonKg, other, roadWidthMm, roadHeightMm);
    }

    /** {@return these loads with another legal width} */
    public Loads withRoadWidth(double otherMm) {
        return new Loads(windSpeed, floorPersonKg, floorLoad, otherMm, roadHeightMm);
    }

    /** {@return these loads with another legal height} */
    public Loads withRoadHeight(double otherMm) {
        return new Loads(windSpeed, floorPersonKg, floorLoad, roadWidthMm, otherMm);
    }
}
