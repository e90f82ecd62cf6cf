package pteron.core.curve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.quantity.Require;

/** A strip bent through points, in the line of least bending. Immutable. */
public final class Batten implements Curve {

    /** Share of a step by which the series may miss a peak that lies beside its end. */
    private static final double MISSED = 0.05;

    private final double[] along;
    private final double[][] states;
    private final Point2[] ways;
    private final List<Double> stations;
    private final List<Double> peaks;
    private final double hardest;

    private Batten(double[] along, double[][] states) {
        this.along = along;
        this.states = states;
        this.ways =
                Arrays.stream(states)
                        .map(state -> new Point2(Math.cos(state[2]), Math.sin(state[2])))
                        .toArray(Point2[]::new);
        this.stations = List.copyOf(stations(along, states));
        this.peaks = peaks(along, states);
        this.hardest =
                peaks.stream()
                        .max(Comparator.comparingDouble(s -> Math.abs(curvature(s))))
                        .orElseThrow();
    }

    /** {@return the stretches put together, scaled and moved to their place} */
    static Batten of(List<Elastica> stretches, Point2 origin, double unit) {
        List<double[]> states = new ArrayList<>();
        List<Double> along = new ArrayList<>();
        double before = 0;
        for (Elastica stretch : stretches) {
            double[][] steps = stretch.states();
            if (!states.isEmpty()) {
                // at a joint the slope of the curvature jumps: that of the stretch ahead counts
                states.removeLast();
                along.removeLast();
            }
            for (int i = 0; i < steps.length; i++) {
                double[] s = steps[i];
                states.add(
                        new double[] {
                            origin.u() + s[0] * unit,
                            origin.v() + s[1] * unit,
                            s[2],
                            s[3] / unit,
                            s[4] / (unit * unit)
                        });
                along.add(before + stretch.length() * unit * i / Elastica.STEPS);
            }
            before += stretch.length() * unit;
        }
        return new Batten(
                along.stream().mapToDouble(Double::doubleValue).toArray(),
                states.toArray(double[][]::new));
    }

    @Override
    public double lengthMm() {
        return along[along.length - 1];
    }

    private int step(double alongMm) {
        int found = Arrays.binarySearch(along, alongMm);
        int index = found >= 0 ? found : -found - 2;
        return Math.clamp(index, 0, along.length - 2);
    }

    /** Series about the nearer step behind: direction exact to the fourth order of a step, curvature to the third. */
    private double[] state(double alongMm) {
        int i = step(alongMm);
        double[] s = states[i];
        double h = alongMm - along[i];
        Point2 point = between(i, h);
        double third = -s[3] * s[3] * s[3] / 2;
        double fourth = -3 * s[3] * s[3] * s[4] / 2;
        double angle = s[2] + h * (s[3] + h * (s[4] / 2 + h * (third / 6 + h * fourth / 24)));
        double bend = s[3] + h * (s[4] + h * (third / 2 + h * fourth / 6));
        return new double[] {point.u(), point.v(), angle, bend};
    }

    /** Between two steps: the cubic of Hermite with their points and directions. */
    private Point2 between(int i, double h) {
        double[] from = states[i];
        double[] to = states[i + 1];
        double step = along[i + 1] - along[i];
        double t = h / step;
        double a = (1 + 2 * t) * (1 - t) * (1 - t);
        double b = t * (1 - t) * (1 - t) * step;
        double c = t * t * (3 - 2 * t);
        double d = t * t * (t - 1) * step;
        return new Point2(
                a * from[0] + b * ways[i].u() + c * to[0] + d * ways[i + 1].u(),
                a * from[1] + b * ways[i].v() + c * to[1] + d * ways[i + 1].v());
    }

    @Override
    public Point2 at(double alongMm) {
        int i = step(alongMm);
        return between(i, alongMm - along[i]);
    }

    /** The nearest of the steps. */
    @Override
    public double about(Point2 point, double rightMm) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < along.length; i++) {
            double u = states[i][0] + ways[i].v() * rightMm - point.u();
            double v = states[i][1] - ways[i].u() * rightMm - point.v();
            if (u * u + v * v < least) {
                least = u * u + v * v;
                best = i;
            }
        }
        return along[best];
    }

    @Override
    public Point2 direction(double alongMm) {
        double angle = state(alongMm)[2];
        return new Point2(Math.cos(angle), Math.sin(angle));
    }

    @Override
    public double curvature(double alongMm) {
        return state(alongMm)[3];
    }

    @Override
    public double hardestMm() {
        return hardest;
    }

    @Override
    public List<Double> peaks() {
        return peaks;
    }

    /** The joints, where the slope of the curvature jumps, and the places between two steps where it is nil. */
    private static List<Double> peaks(double[] along, double[][] states) {
        List<Double> peaks = new ArrayList<>(List.of(along[along.length - 1]));
        for (int i = 0; i < along.length - 1; i++) {
            double step = along[i + 1] - along[i];
            double bend = states[i][3];
            // k' = m + h · m',  m' = −k³ / 2
            double level = 2 * states[i][4] / (bend * bend * bend);
            if (i % Elastica.STEPS == 0) {
                peaks.add(along[i]);
            }
            if (level > -MISSED * step && level < (1 + MISSED) * step) {
                peaks.add(along[i] + Math.clamp(level, 0, step));
            }
        }
        return List.copyOf(peaks);
    }

    @Override
    public List<Double> stations() {
        return stations;
    }

    private static List<Double> stations(double[] along, double[][] states) {
        List<Double> stations = new ArrayList<>(List.of(0.0));
        double turned = 0;
        for (int i = 1; i < along.length; i++) {
            double step = Math.abs(states[i][2] - states[i - 1][2]);
            if (turned + step > Arc.STEP_RADIANS) {
                stations.add(along[i - 1]);
                turned = 0;
            }
            turned += step;
        }
        if (stations.getLast() < along[along.length - 1]) {
            stations.add(along[along.length - 1]);
        }
        return stations;
    }

    /**
     * Stress in a bent strip.
     *
     * <pre>  s = E · t · k / 2  </pre>
     *
     * E modulus (N/mm²), t thickness (mm), k curvature (1/mm). Elastic, dry and slowly bent; steaming and
     * wetting bend further.
     *
     * <p>Source: mechanics. Example: E 11000, t 13, k 1/3000 gives 23.83 N/mm².
     *
     * @return stress (N/mm²)
     */
    public static double stress(double modulus, double thicknessMm, double curvature) {
        Require.positive("modulus", modulus, "N/mm²");
        Require.positive("batten thickness", thicknessMm, "mm");
        return modulus * thicknessMm * Math.abs(curvature) / 2;
    }

    /**
     * Thickest strip that goes round a bend.
     *
     * <pre>  t = 2 · f / (E · k)  </pre>
     *
     * f strength in bending (N/mm²), E modulus (N/mm²), k curvature (1/mm), above 0.
     *
     * <p>Source: mechanics. Example: f 30, E 11000, k 1/3000 gives 16.36 mm.
     *
     * @return thickness (mm)
     */
    public static double thickest(double strength, double modulus, double curvature) {
        Require.positive("strength", strength, "N/mm²");
        Require.positive("modulus", modulus, "N/mm²");
        Require.positive("curvature", Math.abs(curvature), "1/mm");
        return 2 * strength / (modulus * Math.abs(curvature));
    }
}
