package pteron.core.wind;

import pteron.core.quantity.Require;

/**
 * Wind on the walls of a box, as parts of the wind's pressure. Immutable.
 *
 * <p>Suction is greatest where the wind tears off: on the strips beside the edges of a wall (A), less behind them (B) and
 * far back (C). Wind may come from both sides, so both edges are such. A wall that faces the wind feels pressure (D).
 * With it goes the worse pressure inside: +0.2 against suction, −0.3 with pressure.
 *
 * <p>Source: EN 1991-1-4, table 7.1, figures 7.2 and 7.5, 7.2.9(6); from memory.
 *
 * @param lengthMm length of the box (mm), above 0
 * @param widthMm width of the box (mm), above 0
 * @param heightMm height of its roof over the ground (mm), above 0
 */
public record WallWind(double lengthMm, double widthMm, double heightMm) {

    private static final Coefficient A = new Coefficient(1.2, 1.4);
    private static final Coefficient B = new Coefficient(0.8, 1.1);
    private static final Coefficient C = new Coefficient(0.5);

    /** Checks the sizes. */
    public WallWind {
        Require.positive("length of the box", lengthMm, "mm");
        Require.positive("width of the box", widthMm, "mm");
        Require.positive("height of the box", heightMm, "mm");
    }

    /**
     * A stretch of a wall seen from above. Immutable.
     *
     * @param fromMm where it begins, from one upright edge of the wall (mm)
     * @param toMm where it ends (mm), not before it begins
     * @param ofMm length of the wall (mm)
     */
    public record Stretch(double fromMm, double toMm, double ofMm) {

        /** {@return the same stretch measured from the other edge} */
        Stretch mirrored() {
            return new Stretch(ofMm - toMm, ofMm - fromMm, ofMm);
        }
    }

    /** {@return e of the standard: the lesser of the width across the wind and twice the height (mm)} */
    double edge(double acrossMm) {
        return Math.min(acrossMm, 2 * heightMm);
    }

    /**
     * {@return the worst the wind does to a part of a wall}
     *
     * @param side whether it is one of the long walls
     * @param stretch the stretch whose wind the part carries
     * @param areaM2 area of wall whose wind the part carries (m²)
     */
    public Zone worst(boolean side, Stretch stretch, double areaM2) {
        return suction(side, stretch, areaM2).harder(pressure(side, areaM2));
    }

    private Zone suction(boolean side, Stretch stretch, double areaM2) {
        double e = edge(side ? widthMm : lengthMm);
        double along = side ? lengthMm : widthMm;
        return suction(e, along, stretch, areaM2)
                .harder(suction(e, along, stretch.mirrored(), areaM2));
    }

    /** The mean over the stretch with wind that comes onto its start. */
    private static Zone suction(double e, double along, Stretch stretch, double areaM2) {
        double endOfA = e >= 5 * along ? Double.MAX_VALUE : e / 5;
        double endOfB = e >= along ? Double.MAX_VALUE : e;
        Mean mean = new Mean(stretch.toMm - stretch.fromMm);
        mean.add("A", A.suction(areaM2), shared(stretch, 0, endOfA));
        mean.add("B", B.suction(areaM2), shared(stretch, endOfA, endOfB));
        mean.add("C", C.suction(areaM2), shared(stretch, endOfB, Double.MAX_VALUE));
        return new Zone(mean.names(), mean.value() + Zone.INSIDE_PRESSURE);
    }

    /** What lies before the edge belongs to the first zone. */
    private static double shared(Stretch stretch, double from, double to) {
        double start = from == 0 ? stretch.fromMm : Math.max(from, stretch.fromMm);
        return Math.max(0, Math.min(to, stretch.toMm) - start);
    }

    private Zone pressure(boolean side, double areaM2) {
        double ratio = heightMm / (side ? widthMm : lengthMm);
        double ten = 0.7 + 0.1 * Math.clamp((ratio - 0.25) / 0.75, 0, 1);
        Coefficient d = new Coefficient(ten, 1.0);
        return new Zone("D", d.suction(areaM2) + Zone.INSIDE_SUCTION);
    }
}
