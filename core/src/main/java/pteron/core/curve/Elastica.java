package pteron.core.curve;

import pteron.core.geometry.Point2;

/**
 * A stretch of a bent strip between two points, walked by Runge and Kutta's method of fourth order. Immutable.
 *
 * <pre>  x' = cos a,  y' = sin a,  a' = k,  k' = m,  m' = −k³/2  </pre>
 *
 * a direction, k curvature, m its slope along the strip. The last equation is that of a strip that slides
 * freely through its points, so that no pull acts along it.
 *
 * <p>Source: Euler 1744; R. Levien, From Spiral to Spline, 2009, from memory.
 *
 * @param start where it begins
 * @param angle direction at the beginning (radians)
 * @param curvature k at the beginning (1/length)
 * @param slope m at the beginning (1/length²)
 * @param length its length
 */
record Elastica(Point2 start, double angle, double curvature, double slope, double length) {

    /** Steps of a stretch; the error of the end is below 1e-9 of the length for turns up to 90°. */
    static final int STEPS = 24;

    /** Numbers of a state: x, y, a, k, m. */
    private static final int STATE = 5;

    /** {@return x, y, a, k at the end} */
    double[] end() {
        double[] state = first();
        for (int i = 0; i < STEPS; i++) {
            step(state, length / STEPS);
        }
        return state;
    }

    /** {@return the states at all steps, the first one first} */
    double[][] states() {
        double[][] states = new double[STEPS + 1][];
        double[] state = first();
        states[0] = state.clone();
        for (int i = 1; i <= STEPS; i++) {
            step(state, length / STEPS);
            states[i] = state.clone();
        }
        return states;
    }

    /** {@return how far it turns to and fro, all added up (radians)} */
    double turned() {
        double[][] states = states();
        double turned = 0;
        for (int i = 1; i <= STEPS; i++) {
            turned += Math.abs(states[i][2] - states[i - 1][2]);
        }
        return turned;
    }

    private double[] first() {
        return new double[] {start.u(), start.v(), angle, curvature, slope};
    }

    private static void step(double[] state, double h) {
        double[] one = slopes(state);
        double[] two = slopes(moved(state, one, h / 2));
        double[] three = slopes(moved(state, two, h / 2));
        double[] four = slopes(moved(state, three, h));
        for (int i = 0; i < STATE; i++) {
            state[i] += h / 6 * (one[i] + 2 * two[i] + 2 * three[i] + four[i]);
        }
    }

    private static double[] slopes(double[] s) {
        return new double[] {Math.cos(s[2]), Math.sin(s[2]), s[3], s[4], -s[3] * s[3] * s[3] / 2};
    }

    private static double[] moved(double[] state, double[] slopes, double by) {
        double[] moved = new double[STATE];
        for (int i = 0; i < STATE; i++) {
            moved[i] = state[i] + by * slopes[i];
        }
        return moved;
    }
}
