package pteron.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.math3.analysis.interpolation.SplineInterpolator;
import org.apache.commons.math3.analysis.polynomials.PolynomialSplineFunction;
import org.junit.jupiter.api.Test;
import pteron.core.geometry.Point2;

/** The batten against a circle, the natural cubic spline and the bending energy of nearby curves. */
class BattenTest {

    private static Batten through(double... uv) {
        List<Point2> points = new ArrayList<>();
        for (int i = 0; i < uv.length; i += 2) {
            points.add(new Point2(uv[i], uv[i + 1]));
        }
        return BattenSolver.through(points).orElseThrow();
    }

    private static List<Point2> onCircle(
            double radius, double fromDegrees, double step, int count) {
        List<Point2> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = Math.toRadians(fromDegrees - i * step);
            points.add(new Point2(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return points;
    }

    /** Outside check: Commons Math's natural cubic spline, for slopes of about 1 in 50. */
    @Test
    void flatBatten_isTheNaturalSplineOfCommonsMath() {
        double[] x = {0, 700, 1300, 2000, 2900, 3600};
        double[] y = {0, 9, 14, 6, 11, 3};
        double[] all = new double[2 * x.length];
        for (int i = 0; i < x.length; i++) {
            all[2 * i] = x[i];
            all[2 * i + 1] = y[i];
        }
        Batten batten = through(all);
        PolynomialSplineFunction spline = new SplineInterpolator().interpolate(x, y);
        for (double s = 0; s < batten.lengthMm(); s += 25) {
            Point2 point = batten.at(s);
            assertThat(point.v()).isCloseTo(spline.value(Math.min(point.u(), 3600)), within(0.01));
            double bend =
                    spline.polynomialSplineDerivative()
                            .polynomialSplineDerivative()
                            .value(Math.clamp(point.u(), 0, 3600));
            assertThat(batten.curvature(s)).isCloseTo(bend, within(2e-8));
        }
    }

    /** What the spline would get wrong: a strip bent up by a fifth of its span is no flat strip. */
    @Test
    void highBatten_isNotTheSpline() {
        Batten batten = through(0, 0, 1500, 600, 3000, 0);
        PolynomialSplineFunction spline =
                new SplineInterpolator()
                        .interpolate(new double[] {0, 1500, 3000}, new double[] {0, 600, 0});
        double worst = 0;
        for (double s = 0; s <= batten.lengthMm(); s += 5) {
            Point2 point = batten.at(s);
            double off = point.v() - spline.value(Math.clamp(point.u(), 0, 3000));
            worst = Math.max(worst, Math.abs(off));
        }
        assertThat(worst).isBetween(10.0, 25.0);
        double bend = spline.polynomialSplineDerivative().polynomialSplineDerivative().value(1500);
        assertThat(batten.hardestCurvature()).isLessThan(0.9 * Math.abs(bend));
    }

    /** Nine points of an arc: away from the free ends within half a percent of its radius. */
    @Property(tries = 40, seed = "20261126")
    void pointsOfAnArc_giveItsCircle(
            @ForAll @DoubleRange(min = 500, max = 6000) double radius,
            @ForAll @DoubleRange(min = 3, max = 18) double step,
            @ForAll @IntRange(min = 9, max = 15) int count) {
        Batten batten = BattenSolver.through(onCircle(radius, 170, step, count)).orElseThrow();
        double length = batten.lengthMm();
        double third = length * 3 / (count - 1);
        for (double s = third; s <= length - third; s += length / 60) {
            assertThat(batten.at(s).length()).isCloseTo(radius, within(0.005 * radius));
        }
        double middle = batten.curvature(length / 2);
        assertThat(Math.abs(1 / middle)).isCloseTo(radius, within(0.02 * radius));
    }

    /**
     * Five stretches from the ends the radius of curvature is that of the circle within half a percent. Nearer it
     * cannot be: a free end has no curvature, and the natural spline passes on 0.268 of that for each stretch.
     */
    @Property(tries = 40, seed = "20261126")
    void curvatureAwayFromTheEnds_isThatOfTheCircle(
            @ForAll @DoubleRange(min = 500, max = 6000) double radius,
            @ForAll @DoubleRange(min = 3, max = 12) double step,
            @ForAll @IntRange(min = 11, max = 15) int count) {
        Batten batten = BattenSolver.through(onCircle(radius, 170, step, count)).orElseThrow();
        double away = batten.lengthMm() * 5 / (count - 1);
        for (double s = away; s <= batten.lengthMm() - away; s += batten.lengthMm() / 50) {
            assertThat(1 / Math.abs(batten.curvature(s))).isCloseTo(radius, within(0.005 * radius));
        }
    }

    /** Free ends: a strip does not bend where nothing holds it. */
    @Test
    void ends_areFree_andJointsSmooth() {
        Batten batten = through(0, 0, 500, 262, 1000, 418, 1500, 468, 2000, 300, 2500, 262);
        assertThat(batten.curvature(0)).isCloseTo(0, within(1e-9));
        assertThat(batten.curvature(batten.lengthMm())).isCloseTo(0, within(1e-9));
        double step = batten.lengthMm() / 20000;
        for (double s = step; s < batten.lengthMm(); s += step) {
            double jump = Math.abs(batten.curvature(s) - batten.curvature(s - step));
            assertThat(jump).isLessThan(1e-5);
        }
    }

    /**
     * Outside check: among smooth curves through the same points none bends less. The neighbours are made by
     * adding waves that vanish at the points; their energy is summed with Simpson's rule over a fine polyline's
     * derivatives, not with our own quadrature.
     */
    @Test
    void nearbyCurves_haveMoreBendingEnergy() {
        Batten batten = through(0, 0, 600, 420, 1400, 700, 2300, 520, 3000, 0);
        double own = energy(batten, 0, 1);
        double ours = GaussSum.over(batten.stations(), s -> Math.pow(batten.curvature(s), 2)) / 2;
        assertThat(own).isCloseTo(ours, within(1e-3 * own));
        double length = batten.lengthMm();
        List<Double> stops = stops(batten);
        for (int wave = 1; wave <= 3; wave++) {
            for (double size : new double[] {-20, -8, -3, 3, 8, 20}) {
                int waves = wave;
                double other = energy(batten, size, waves, stops);
                assertThat(other).as(wave + " waves of " + size).isGreaterThan(own);
            }
        }
        assertThat(length).isGreaterThan(3000);
    }

    private static List<Double> stops(Batten batten) {
        List<Double> stops = new ArrayList<>(List.of(0.0));
        for (double u : new double[] {600, 1400, 2300}) {
            stops.add(CurveSums.passes(batten, u).getFirst());
        }
        stops.add(batten.lengthMm());
        return stops;
    }

    private static double energy(Batten batten, double size, int waves) {
        return energy(batten, size, waves, stops(batten));
    }

    /** ½ ∫ k² ds of the batten pushed out by size · sin² between its points, by central differences. */
    private static double energy(Batten batten, double size, int waves, List<Double> stops) {
        int n = 6000;
        double length = batten.lengthMm();
        Point2[] points = new Point2[n + 1];
        for (int i = 0; i <= n; i++) {
            double s = length * i / n;
            int k = 1;
            while (stops.get(k) < s && k < stops.size() - 1) {
                k++;
            }
            double share = (s - stops.get(k - 1)) / (stops.get(k) - stops.get(k - 1));
            double wave = Math.pow(Math.sin(Math.PI * waves * share), 2);
            points[i] = batten.at(s).plus(batten.direction(s).leftNormal().times(size * wave));
        }
        double energy = 0;
        for (int i = 1; i < n; i++) {
            Point2 in = points[i].minus(points[i - 1]);
            Point2 out = points[i + 1].minus(points[i]);
            double turn = Math.atan2(in.cross(out), in.dot(out));
            double step = (in.length() + out.length()) / 2;
            energy += turn * turn / step / 2;
        }
        return energy;
    }

    /** The hardest place is found, not the worst of some: none of 20 000 is harder by a millionth, though a kink slips between. */
    @Property(tries = 60, seed = "20261201")
    void hardest_isFound(
            @ForAll @DoubleRange(min = 150, max = 700) double a,
            @ForAll @DoubleRange(min = -200, max = 900) double b,
            @ForAll @DoubleRange(min = 150, max = 700) double c) {
        BattenSolver.through(
                        List.of(
                                new Point2(0, 0),
                                new Point2(500, a),
                                new Point2(1100, b),
                                new Point2(1800, c),
                                new Point2(2400, 0)))
                .ifPresent(
                        batten -> {
                            double hardest = batten.hardestCurvature();
                            double left = 0;
                            double right = 0;
                            for (int i = 0; i <= 20_000; i++) {
                                double k = batten.curvature(batten.lengthMm() * i / 20_000);
                                left = Math.max(left, k);
                                right = Math.max(right, -k);
                            }
                            assertThat(hardest).isGreaterThan(Math.max(left, right) * (1 - 1e-6));
                            assertThat(hardest).isLessThan(Math.max(left, right) * (1 + 1e-3));
                            Beside inside = new Beside(batten, 20);
                            assertThat(inside.leastRadiusMm(0, batten.lengthMm()))
                                    .isLessThan(
                                            Math.min(1 / left + 20, 1 / right - 20) * (1 + 1e-6));
                        });
    }

    /**
     * Along a free strip k⁴ + 4 m² is the same everywhere, so that it bends hardest with k⁴ = k₀⁴ + 4 m₀² of any place
     * between the same two spots. Source: first integral of the elastica, Euler 1744.
     */
    @Test
    void hardest_byItsFirstIntegral() {
        Batten batten = through(0, 0, 300, 700, 2100, 700, 2400, 0);
        double hardest = batten.hardestCurvature();
        double place = batten.hardestMm() + 60;
        double slope = (batten.curvature(place + 1) - batten.curvature(place - 1)) / 2;
        double whole = Math.pow(batten.curvature(place), 4) + 4 * slope * slope;
        assertThat(hardest).isCloseTo(Math.pow(whole, 0.25), withinPercentage(0.02));
    }

    /** Converged: the length of the strip is that of a fine polyline through it within 0.01 mm. */
    @Test
    void length_isConverged() {
        Batten batten =
                through(0, 0, 500, 262, 1000, 418, 1500, 468, 2000, 418, 2500, 262, 3000, 0);
        double sum = 0;
        int n = 200_000;
        Point2 before = batten.at(0);
        for (int i = 1; i <= n; i++) {
            Point2 here = batten.at(batten.lengthMm() * i / n);
            sum += here.distance(before);
            before = here;
        }
        assertThat(batten.lengthMm()).isCloseTo(sum, within(0.01));
        assertThat(batten.to().distance(new Point2(3000, 0))).isLessThan(1e-6);
    }

    @Property(tries = 60, seed = "20261126")
    void passesItsPoints_andMirrorsItself(
            @ForAll @DoubleRange(min = -250, max = 250) double a,
            @ForAll @DoubleRange(min = -250, max = 250) double b,
            @ForAll @DoubleRange(min = -250, max = 250) double c) {
        Batten batten = through(0, 0, 800, a, 1600, b, 2400, c, 3200, 0);
        Batten mirrored = through(0, 0, 800, -a, 1600, -b, 2400, -c, 3200, 0);
        Batten reversed = through(3200, 0, 2400, c, 1600, b, 800, a, 0, 0);
        double[] heights = {a, b, c};
        for (int i = 0; i < 3; i++) {
            double u = 800 * (i + 1);
            double s = CurveSums.passes(batten, u).getFirst();
            assertThat(batten.at(s).v()).isCloseTo(heights[i], within(1e-5));
        }
        for (double share : new double[] {0.1, 0.35, 0.5, 0.8}) {
            Point2 here = batten.at(batten.lengthMm() * share);
            Point2 there = mirrored.at(mirrored.lengthMm() * share);
            Point2 back = reversed.at(reversed.lengthMm() * (1 - share));
            assertThat(there.v()).isCloseTo(-here.v(), within(1e-5));
            assertThat(back.distance(here)).isLessThan(1e-4);
        }
    }

    /** By hand: 11000 · 13 / (2 · 3000) = 23.83; 2 · 30 · 3000 / 11000 = 16.36. */
    @Test
    void stressAndThickest_workedExample() {
        assertThat(Batten.stress(11000, 13, 1 / 3000.0)).isCloseTo(23.83, within(0.005));
        assertThat(Batten.thickest(30, 11000, 1 / 3000.0)).isCloseTo(16.36, within(0.005));
        assertThatThrownBy(() -> Batten.thickest(30, 11000, 0)).hasMessageContaining("curvature");
        assertThatThrownBy(() -> Batten.stress(0, 13, 1)).hasMessageContaining("modulus");
    }

    /** The elastic limit R ≥ E t / 2σ: mechanics. */
    @Test
    void elasticLimit_published() {
        double radius = 11000 * 13 / (2 * 30.0);
        assertThat(Batten.stress(11000, 13, 1 / radius)).isCloseTo(30, within(1e-9));
    }

    /** Spots that double back leave no line for a strip: Newton's answer would run backwards or loop. */
    @Test
    void doublingBack_hasNoLine() {
        List<Point2> back =
                List.of(
                        new Point2(0, 1300),
                        new Point2(550, 1357.6),
                        new Point2(0, 1380),
                        new Point2(1650, 1357.6),
                        new Point2(2200, 1300));
        BattenSolver.through(back)
                .ifPresent(
                        batten -> {
                            for (double s = 0; s <= batten.lengthMm(); s += 10) {
                                assertThat(batten.at(s).u()).isFinite();
                            }
                            assertThat(batten.lengthMm()).isPositive();
                        });
    }

    /** Whatever the points: no line, or one that is finite and passes all of them. */
    @Property(tries = 300, seed = "20261126")
    void anyPoints_noLineOrAFiniteOne(
            @ForAll @Size(min = 3, max = 6) List<@DoubleRange(min = -500, max = 500) Double> up,
            @ForAll @Size(6) List<@DoubleRange(min = -300, max = 900) Double> on) {
        List<Point2> points = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < up.size(); i++) {
            points.add(new Point2(x, up.get(i)));
            x += on.get(i);
        }
        BattenSolver.through(points)
                .ifPresent(
                        batten -> {
                            assertThat(batten.lengthMm()).isFinite().isPositive();
                            for (double s = 0;
                                    s <= batten.lengthMm();
                                    s += batten.lengthMm() / 40) {
                                assertThat(batten.at(s).u()).isFinite();
                                assertThat(batten.curvature(s)).isFinite();
                            }
                            assertThat(batten.at(batten.lengthMm()).distance(points.getLast()))
                                    .isLessThan(0.01);
                        });
    }

    @Test
    void twoPoints_orTheSameTwice() {
        assertThatThrownBy(() -> BattenSolver.through(List.of(new Point2(0, 0), new Point2(1, 0))))
                .hasMessageContaining("[2]");
        assertThat(
                        BattenSolver.through(
                                List.of(new Point2(0, 0), new Point2(0, 0), new Point2(1, 0))))
                .isEmpty();
    }
}
