package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * A winter's night that warmth and dryness are worked out for. Immutable.
 *
 * @param inside air inside and its humidity
 * @param outside air outside and its humidity
 * @param airChangesPerHour how often the air is changed (1/h)
 * @param people how many sleep or sit inside; a child may count half
 * @param hours for how long (h)
 */
public record Climate(
        Air inside, Air outside, double airChangesPerHour, double people, double hours) {

    /** A frosty night with two people: common practice. */
    public static final Climate USUAL = new Climate(new Air(20, 60), new Air(-5, 85), 1, 2, 8);

    /** Checks the ranges. */
    public Climate {
        Require.within("air changes", airChangesPerHour, PlanLimits.AIR_CHANGES);
        Require.within("people", people, PlanLimits.PEOPLE);
        Require.within("hours", hours, PlanLimits.HOURS);
    }

    /**
     * Air.
     *
     * @param celsius temperature (°C)
     * @param humidityPercent relative humidity (percent)
     */
    public record Air(double celsius, double humidityPercent) {
        /** Checks the ranges. */
        public Air {
            Require.within("temperature", celsius, PlanLimits.TEMPERATURE);
            Require.within("humidity", humidityPercent, PlanLimits.HUMIDITY);
        }
    }

    /** {@return this night with other air inside} */
    public Climate withInside(Air other) {
        return new Climate(other, outside, airChangesPerHour, people, hours);
    }

    /** {@return this night with other air outside} */
    public Climate withOutside(Air other) {
        return new Climate(inside, other, airChangesPerHour, people, hours);
    }

    /** {@return this night with more or less air} */
    public Climate withAirChanges(double other) {
        return new Climate(inside, outside, other, people, hours);
    }

    /** {@return this night with more or fewer people} */
    public Climate withPeople(double other) {
        return new Climate(inside, outside, airChangesPerHour, other, hours);
    }

    /** {@return this night longer or shorter} */
    public Climate withHours(double other) {
        return new Climate(inside, outside, airChangesPerHour, people, other);
    }
}
