package pteron.core.warmth;

import pteron.core.plan.Climate;
import pteron.core.quantity.Require;

/**
 * Air inside after a night with people.
 *
 * <pre>  v = ve + G / (n V) · (1 − exp(−n t)),   p = v · 461.5 · T / 1000  </pre>
 *
 * v, ve vapour inside and outside (g/m³), G what people give off (g/h), n air changes (1/h), V room (m³), t
 * time (h), p vapour pressure (Pa), T temperature inside (K). Walls that take up vapour are left out, so it
 * errs on the damp side; it never goes above saturation.
 *
 * <p>Source: balance of the vapour, ISO 13788 chapter 4; 40 g/h for a sleeper is common practice.
 *
 * <p>Example: 20 °C inside, −5 °C and 85 % outside, 2 people, 10 m³, 1 air change, 8 h give 10.75 g/m³, 1455
 * Pa, 62 %, dew point 12.6 °C.
 *
 * @param vapour g/m³
 * @param pressure Pa
 * @param humidityPercent relative humidity
 * @param dewPoint °C
 */
public record NightAir(double vapour, double pressure, double humidityPercent, double dewPoint) {

    /** What a sleeper gives off (g/h); common practice, 30 to 50. */
    public static final double SLEEPER_GRAMS_PER_HOUR = 40;

    /**
     * {@return the air after a night}
     *
     * @param climate the night
     * @param roomM3 room inside (m³), above 0
     */
    public static NightAir of(Climate climate, double roomM3) {
        Require.positive("room inside", roomM3, "m³");
        double outside = vapour(climate.outside());
        double n = climate.airChangesPerHour();
        double given = climate.people() * SLEEPER_GRAMS_PER_HOUR;
        double grown = given / (n * roomM3) * (1 - Math.exp(-n * climate.hours()));
        double kelvin = climate.inside().celsius() + HumidAir.ZERO_CELSIUS;
        double saturated = HumidAir.saturationPressure(climate.inside().celsius());
        double pressure =
                Math.min(saturated, (outside + grown) * HumidAir.VAPOUR_GAS * kelvin / 1000);
        return new NightAir(
                pressure * 1000 / (HumidAir.VAPOUR_GAS * kelvin),
                pressure,
                100 * pressure / saturated,
                HumidAir.condensesAt(pressure));
    }

    /** {@return vapour in air (g/m³)} */
    private static double vapour(Climate.Air air) {
        double pressure = HumidAir.pressure(air.celsius(), air.humidityPercent());
        return 1000 * pressure / (HumidAir.VAPOUR_GAS * (air.celsius() + HumidAir.ZERO_CELSIUS));
    }
}
