package pteron.core.glue;

import java.util.Set;
import pteron.core.quantity.Require;

/**
 * A glue. Immutable.
 *
 * @param id id of its material in the library
 * @param holds what it holds
 * @param eats what it eats away
 * @param spread how it is spread, and what it comes in
 * @param window temperatures it may be used at (°C)
 * @param times how long it takes
 */
public record Glue(
        String id,
        Set<Substrate> holds,
        Set<Substrate> eats,
        Spread spread,
        Window window,
        Times times) {

    /** Part that stays in tin and roller; common practice. */
    public static final double LOST = 0.1;

    /**
     * Temperatures at which a glue may be used.
     *
     * @param leastC coldest (°C)
     * @param mostC hottest (°C)
     */
    public record Window(double leastC, double mostC) {}

    /**
     * How a glue is spread.
     *
     * @param coats coats, both faces counted
     * @param coverage what a litre covers in one coat (m²/L)
     * @param tubeMl content of a tube (mL), 0 where it comes in tins
     */
    public record Spread(int coats, double coverage, double tubeMl) {}

    /**
     * How long a glue takes.
     *
     * @param openMinutes how long it may lie open before joining (min)
     * @param cureHours until it may be worked on (h)
     * @param clamped whether it must be pressed until it has set
     */
    public record Times(double openMinutes, double cureHours, boolean clamped) {}

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
        return litres(areaM2, spread.coats(), spread.coverage());
    }

    /** {@return whole tubes for so many litres, 0 where it comes in tins} */
    public int tubes(double litres) {
        return spread.tubeMl() == 0 ? 0 : (int) Math.ceil(litres * 1000 / spread.tubeMl() - 1e-9);
    }
}
