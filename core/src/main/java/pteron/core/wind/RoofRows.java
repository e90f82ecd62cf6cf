package pteron.core.wind;

/**
 * Coefficients of roofs by slope, in a straight line between the rows. Source: EN 1991-1-4, tables 7.2, 7.3a, 7.3b, 7.4a
 * and 7.4b, from memory (high; one slope with wind on its low edge at 30° and along its edges at 45° medium).
 */
final class RoofRows {

    /** Flat, sharp edges: F, G, H, I. */
    static final Coefficient[] FLAT = {
        new Coefficient(1.8, 2.5),
        new Coefficient(1.2, 2.0),
        new Coefficient(0.7, 1.2),
        new Coefficient(0.2, 0.2, 0.2)
    };

    /** One slope, wind on its low edge: F, G, H. */
    static final RoofRows ONE_LOW =
            new RoofRows(
                    new double[] {5, 15, 30},
                    new Coefficient[][] {
                        {c(1.7, 2.5, 0), c(1.2, 2.0, 0), c(0.6, 1.2, 0)},
                        {c(0.9, 2.0, 0.2), c(0.8, 1.5, 0.2), c(0.3, 0.3, 0.2)},
                        {c(0.5, 1.5, 0.7), c(0.5, 1.5, 0.7), c(0.2, 0.2, 0.4)}
                    });

    /** One slope, wind on its high edge: F, G, H. */
    static final RoofRows ONE_HIGH =
            new RoofRows(
                    new double[] {5, 15, 30},
                    new Coefficient[][] {
                        {c(2.3, 2.5, 0), c(1.3, 2.0, 0), c(0.8, 1.2, 0)},
                        {c(2.5, 2.8, 0), c(1.3, 2.0, 0), c(0.9, 1.2, 0)},
                        {c(1.1, 2.3, 0), c(0.8, 1.5, 0), c(0.8, 0.8, 0)}
                    });

    /** One slope, wind along its edges: F at the high one, F at the low one, G, H, I. */
    static final RoofRows ONE_SIDE =
            new RoofRows(
                    new double[] {5, 15, 30, 45},
                    new Coefficient[][] {
                        {
                            c(2.1, 2.6, 0),
                            c(2.1, 2.4, 0),
                            c(1.8, 2.0, 0),
                            c(0.6, 1.2, 0),
                            c(0.5, 0.5, 0)
                        },
                        {
                            c(2.4, 2.9, 0),
                            c(1.6, 2.4, 0),
                            c(1.9, 2.5, 0),
                            c(0.8, 1.2, 0),
                            c(0.7, 1.2, 0)
                        },
                        {
                            c(2.1, 2.9, 0),
                            c(1.3, 2.0, 0),
                            c(1.5, 2.0, 0),
                            c(1.0, 1.3, 0),
                            c(0.8, 1.2, 0)
                        },
                        {
                            c(1.5, 2.4, 0),
                            c(1.3, 2.0, 0),
                            c(1.4, 2.0, 0),
                            c(1.0, 1.3, 0),
                            c(0.9, 1.2, 0)
                        }
                    });

    /** Two slopes, wind on an eave: F, G, H of the face before the ridge, I and J of the face behind it. */
    static final RoofRows TWO_EAVE =
            new RoofRows(
                    new double[] {5, 15, 30, 45},
                    new Coefficient[][] {
                        {
                            c(1.7, 2.5, 0),
                            c(1.2, 2.0, 0),
                            c(0.6, 1.2, 0),
                            c(0.6, 0.6, 0),
                            c(0.6, 0.6, 0.2)
                        },
                        {
                            c(0.9, 2.0, 0.2),
                            c(0.8, 1.5, 0.2),
                            c(0.3, 0.3, 0.2),
                            c(0.4, 0.4, 0),
                            c(1.0, 1.5, 0)
                        },
                        {
                            c(0.5, 1.5, 0.7),
                            c(0.5, 1.5, 0.7),
                            c(0.2, 0.2, 0.4),
                            c(0.4, 0.4, 0),
                            c(0.5, 0.5, 0)
                        },
                        {c(0, 0, 0.7), c(0, 0, 0.7), c(0, 0, 0.6), c(0.2, 0.2, 0), c(0.3, 0.3, 0)}
                    });

    /** Two slopes, wind along the ridge: F, G, H, I. */
    static final RoofRows TWO_SIDE =
            new RoofRows(
                    new double[] {5, 15, 30, 45},
                    new Coefficient[][] {
                        {c(1.6, 2.2, 0), c(1.3, 2.0, 0), c(0.7, 1.2, 0), c(0.6, 0.6, 0)},
                        {c(1.3, 2.0, 0), c(1.3, 2.0, 0), c(0.6, 1.2, 0), c(0.5, 0.5, 0)},
                        {c(1.1, 1.5, 0), c(1.4, 2.0, 0), c(0.8, 1.2, 0), c(0.5, 0.5, 0)},
                        {c(1.1, 1.5, 0), c(1.4, 2.0, 0), c(0.9, 1.2, 0), c(0.5, 0.5, 0)}
                    });

    private final double[] degrees;
    private final Coefficient[][] rows;

    private RoofRows(double[] degrees, Coefficient[][] rows) {
        this.degrees = degrees;
        this.rows = rows;
    }

    private static Coefficient c(double ten, double one, double pressure) {
        return new Coefficient(ten, one, pressure);
    }

    /** {@return the coefficients at a slope; beyond the last row those of the last row} */
    Coefficient[] at(double slopeDegrees) {
        int next = 1;
        while (next < degrees.length - 1 && slopeDegrees > degrees[next]) {
            next++;
        }
        double share =
                Math.clamp(
                        (slopeDegrees - degrees[next - 1]) / (degrees[next] - degrees[next - 1]),
                        0,
                        1);
        Coefficient[] at = new Coefficient[rows[0].length];
        for (int i = 0; i < at.length; i++) {
            at[i] = rows[next - 1][i].towards(rows[next][i], share);
        }
        return at;
    }
}
