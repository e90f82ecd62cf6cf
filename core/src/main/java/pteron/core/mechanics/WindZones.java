package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * Wind on the parts of a box, zone by zone, as parts of the wind's pressure. Immutable.
 *
 * <p>Suction is greatest where the wind tears off: on the strips beside the edges of a wall (A) and on edges
 * and corners of the roof (G, F). Wind may come from every side, so every edge is one. With it goes the worse
 * pressure inside: +0.2 against suction, −0.3 with pressure. Eaves are taken as sharp.
 *
 * <p>Source: EN 1991-1-4, tables 7.1 and 7.2, figures 7.2, 7.5 and 7.6, 7.2.9(6); from memory.
 *
 * @param lengthMm length of the box (mm), above 0
 * @param widthMm width of the box (mm), above 0
 * @param heightMm height of its roof over the ground (mm), above 0
 */
public record WindZones(double lengthMm, double widthMm, double heightMm) {

    /** Pressure inside that adds to suction outside: 7.2.9(6). */
    public static final double INSIDE_PRESSURE = 0.2;

    /** Suction inside that adds to pressure outside: 7.2.9(6). */
    public static final double INSIDE_SUCTION = 0.3;

    /** A zone and what the wind does there, outside and inside together. */
    public record Zone(String name, double net) {}

    /** Checks the sizes. */
    public WindZones {
        Require.positive("length of the box", lengthMm, "mm");
        Require.positive("width of the box", widthMm, "mm");
        Require.positive("height of the box", heightMm, "mm");
    }

    /**
     * Coefficient of a loaded area between 1 and 10 m².
     *
     * <pre>  c = c1 + (c10 − c1) · log10(A),   A from 1 to 10 m²  </pre>
     *
     * <p>Source: figure 7.2. Example: 1.4 and 1.2 at 2 m² give 1.340.
     *
     * @param one coefficient of 1 m² and less
     * @param ten coefficient of 10 m² and more
     * @param areaM2 loaded area (m²), 0 or above
     */
    public static double between(double one, double ten, double areaM2) {
        double area = Math.clamp(Require.notNegative("loaded area", areaM2, "m²"), 1, 10);
        return one + (ten - one) * Math.log10(area);
    }

    /** {@return e of the standard: the lesser of the width across the wind and twice the height (mm)} */
    private double edge(double acrossMm) {
        return Math.min(acrossMm, 2 * heightMm);
    }

    /**
     * {@return the worst the wind does to a part of a wall}
     *
     * @param side whether it is one of the long walls
     * @param fromEdgeMm distance of the part's middle from the nearer upright edge of the wall (mm)
     * @param areaM2 area of wall whose wind the part carries (m²)
     */
    public Zone wall(boolean side, double fromEdgeMm, double areaM2) {
        double along = side ? lengthMm : widthMm;
        double across = side ? widthMm : lengthMm;
        double e = edge(across);
        Zone suction = suction(fromEdgeMm, e, along, areaM2);
        double ratio = heightMm / across;
        double ten = 0.7 + 0.1 * Math.clamp((ratio - 0.25) / 0.75, 0, 1);
        double pressure = between(1.0, ten, areaM2) + INSIDE_SUCTION;
        return pressure > suction.net ? new Zone("D", pressure) : suction;
    }

    private static Zone suction(double fromEdgeMm, double e, double along, double areaM2) {
        if (e >= 5 * along || fromEdgeMm <= e / 5) {
            return new Zone("A", between(1.4, 1.2, areaM2) + INSIDE_PRESSURE);
        }
        if (e >= along || fromEdgeMm <= e) {
            return new Zone("B", between(1.1, 0.8, areaM2) + INSIDE_PRESSURE);
        }
        return new Zone("C", 0.5 + INSIDE_PRESSURE);
    }

    /**
     * {@return the worst suction on a bow or strip that runs across the roof, the mean along it}
     *
     * @param fromEndMm distance of its middle line from the nearer end of the roof (mm)
     * @param areaM2 area of roof whose wind it carries (m²)
     */
    public Zone roof(double fromEndMm, double areaM2) {
        Zone along = windAlong(fromEndMm, areaM2);
        Zone across = windAcross(fromEndMm, areaM2);
        return along.net >= across.net ? along : across;
    }

    /** Wind on an end: the bow lies in the edge strip with its corners, or behind it. */
    private Zone windAlong(double fromEndMm, double areaM2) {
        double e = edge(widthMm);
        if (fromEndMm > e / 10) {
            double behind = fromEndMm <= e / 2 ? between(1.2, 0.7, areaM2) : 0.2;
            return new Zone(fromEndMm <= e / 2 ? "H" : "I", behind + INSIDE_PRESSURE);
        }
        double corners = Math.min(1, 2 * (e / 4) / widthMm);
        double mean =
                corners * between(2.5, 1.8, areaM2) + (1 - corners) * between(2.0, 1.2, areaM2);
        return new Zone("F and G", mean + INSIDE_PRESSURE);
    }

    /** Wind on a side: the bow runs from the edge strip, or a corner, to the far side. */
    private Zone windAcross(double fromEndMm, double areaM2) {
        double e = edge(lengthMm);
        boolean corner = fromEndMm <= e / 4;
        double strip = Math.min(1, e / 10 / widthMm);
        double behind = Math.min(1 - strip, (e / 2 - e / 10) / widthMm);
        double first = corner ? between(2.5, 1.8, areaM2) : between(2.0, 1.2, areaM2);
        double mean =
                strip * first + behind * between(1.2, 0.7, areaM2) + (1 - strip - behind) * 0.2;
        return new Zone(corner ? "F, H and I" : "G, H and I", mean + INSIDE_PRESSURE);
    }
}
