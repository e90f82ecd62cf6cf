package pteron.core.warmth;

import pteron.core.quantity.Require;

/** Air with water vapour. Pure functions. */
public final class HumidAir {

    /** Gas constant of water vapour (J/(kg·K)): ISO 13788. */
    public static final double VAPOUR_GAS = 461.5;

    /** 0 °C in kelvin. */
    public static final double ZERO_CELSIUS = 273.15;

    private static final Require.Range CELSIUS = new Require.Range(-60, 80, "°C");
    private static final Require.Range PERCENT = new Require.Range(0.01, 100, "%");

    private HumidAir() {}

    /**
     * Pressure of saturated vapour.
     *
     * <pre>
     *   p = 610.5 · exp(17.269 t / (237.3 + t))   at 0 °C and above
     *   p = 610.5 · exp(21.875 t / (265.5 + t))   below, over ice
     * </pre>
     *
     * <p>Source: ISO 13788, annex E. Example: 20 °C gives 2337 Pa, −10 °C gives 259 Pa.
     *
     * @param celsius t (°C), −60 to 80
     * @return p (Pa)
     */
    public static double saturationPressure(double celsius) {
        Require.within("temperature", celsius, CELSIUS);
        return celsius >= 0
                ? 610.5 * Math.exp(17.269 * celsius / (237.3 + celsius))
                : 610.5 * Math.exp(21.875 * celsius / (265.5 + celsius));
    }

    /**
     * Temperature at which vapour of a pressure condenses: the formula above, solved for t.
     *
     * <p>Source: ISO 13788, annex E. Example: 1168.5 Pa, 20 °C at 50 %, gives 9.27 °C.
     *
     * @param pressure p (Pa), above 0
     * @return t (°C)
     */
    public static double condensesAt(double pressure) {
        Require.positive("vapour pressure", pressure, "Pa");
        double log = Math.log(pressure / 610.5);
        return pressure >= 610.5 ? 237.3 * log / (17.269 - log) : 265.5 * log / (21.875 - log);
    }

    /**
     * Dew point of air.
     *
     * <p>Source: ISO 13788, annex E. Example: 20 °C at 60 % gives 12.0 °C.
     *
     * @param celsius its temperature (°C)
     * @param humidityPercent its relative humidity (percent), above 0 to 100
     * @return dew point (°C)
     */
    public static double dewPoint(double celsius, double humidityPercent) {
        return condensesAt(pressure(celsius, humidityPercent));
    }

    /** {@return vapour pressure of air of a temperature (°C) and relative humidity (percent), in Pa} */
    public static double pressure(double celsius, double humidityPercent) {
        Require.within("humidity", humidityPercent, PERCENT);
        return saturationPressure(celsius) * humidityPercent / 100;
    }
}
