package pteron.core.glue;

import java.util.Set;
import pteron.core.quantity.Require;

/**
 * A glue. Immutable.
 *
 * @param id id of its material in the library
 * @param holds what it holds
 * @param eats what it eats away
 * @param coats coats, both faces counted
 * @param coverage what a litre covers in one coat (m²/L)
 * @param window temperatures it may be used at (°C)
 * @param openMinutes how long it may lie open before joining (min)
 * @param cureHours until it may be worked on (h)
 * @param clamped whether it must be pressed until it has set
 */
public record Glue(
        String id,
        Set<Substrate> holds,
        Set<Substrate> eats,
        int coats,
        double coverage,
        Window window,
        double openMinutes,
        double cureHours,
        boolean clamped) {

    /** Part that stays in tin and roller; common practice. */
    public static final double LOST = 0.1;

    /**
     * Temperatures at which a glue may be used.
     *
     * @param leastC coldest (°C)
     * @param mostC hottest (°C)
     */
    public record Window(double leastC, double mostC) {}

    /** Copies the sets. */
    public Glue {
        holds = Set.copyOf(holds);
        eats = Set.copyOf(eats);
    }

    /** {@return whether it holds both} */
    public boolean joins(Substrate one, Substrate other) {
        return holds.contains(one) && holds.contains(other) && !eats(one, other);
    }

    /** {@return whether it eats one of the two} */
    public boolean eats(Substrate one, Substrate other) {
        return eats.contains(one) || eats.contains(other);
    }

    /**
     * Amount for an area.
     *
     * <pre>  V = A · n / c · (1 + w)  </pre>
     *
     * V litres, A area (m²), n coats, c coverage in one coat (m²/L), w what stays in tin and roller.
     *
     * <p>Source: common practice; a tenth is lost. Example: 9.2 m², 2 coats, 6 m²/L gives 3.373 L.
     *
     * @param areaM2 A (m²), 0 or above
     * @param coats n, 1 or above
     * @param coverage c (m²/L), above 0
     */
    public static double litres(double areaM2, int coats, double coverage) {
        Require.notNegative("area", areaM2, "m²");
        Require.positive("coats", coats, "");
        Require.positive("coverage", coverage, "m²/L");
        return areaM2 * coats / coverage * (1 + LOST);
    }

    /** {@return litres for an area (m²)} */
    public double litres(double areaM2) {
        return litres(areaM2, coats, coverage);
    }
}
