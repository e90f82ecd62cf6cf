package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.ejml.simple.SimpleMatrix;
import org.junit.jupiter.api.Test;
import pteron.core.mechanics.SandwichStrip.Core;
import pteron.core.mechanics.SandwichStrip.Face;

/** The sandwich strip against formulas of others and against a numerical solution of another kind. */
class SandwichTest {

    private static SandwichStrip strip(
            double face, double faceModulus, double core, double coreShear) {
        Face skin = new Face(face, faceModulus);
        return new SandwichStrip(skin, new Core(core, coreShear), skin, 300);
    }

    @Test
    void stiffness_workedExamples() {
        SandwichStrip strip = strip(6, 9000, 30, 4.5);
        assertThat(strip.coupleStiffness()).isCloseTo(1.04976e10, within(1.0));
        assertThat(strip.faceStiffness()).isCloseTo(9.72e7, within(0.01));
        assertThat(strip.shearStiffness()).isCloseTo(58320, within(1e-6));
        assertThat(SandwichStrip.wrinklingStress(9000, 12, 4.5)).isCloseTo(39.31, within(0.005));
    }

    @Test
    void thickFaces_workedExample() {
        ThickFaces.Answer answer = new ThickFaces(strip(6, 9000, 30, 4.5), 400, 60).under(1000);
        assertThat(answer.bendingMm()).isCloseTo(0.1245, within(0.00005));
        assertThat(answer.shearMm()).isCloseTo(1.3153, within(0.00005));
        assertThat(answer.deflectionMm()).isCloseTo(1.4398, within(0.00005));
        assertThat(answer.faceMoment()).isCloseTo(15082.7, within(0.05));
        assertThat(answer.coreForce() / (300 * 36)).isCloseTo(0.04514, within(0.000005));
    }

    /**
     * Thin faces on a stiff core: PL³/48D + PL/4S, ASTM D7250 and Allen 1969; core shear P/((d+c)b) and face
     * stress PL/(2t(d+c)b), ASTM C393, where d is the whole thickness.
     */
    @Test
    void thinFaces_astm() {
        double t = 0.5;
        double c = 40;
        double p = 800;
        double span = 1200;
        SandwichStrip strip = strip(t, 70_000, c, 20);
        assertThat(strip.leverToFace()).isGreaterThan(SandwichStrip.THIN_FACES_FROM);
        ThickFaces.Answer answer = new ThickFaces(strip, span, 0).under(p);
        double thin =
                p * Math.pow(span, 3) / (48 * strip.coupleStiffness())
                        + p * span / (4 * strip.shearStiffness());
        assertThat(answer.deflectionMm()).isCloseTo(thin, within(0.01 * thin));
        double whole = c + 2 * t;
        double shear = p / ((whole + c) * 300);
        assertThat(answer.coreForce() / (300 * strip.leverMm()))
                .isCloseTo(shear, within(0.02 * shear));
        double face = p * span / (2 * t * (whole + c) * 300);
        assertThat(answer.coupleMoment() / (strip.leverMm() * 300 * t))
                .isCloseTo(face, within(0.02 * face));
    }

    /** Allen 1969: at d/t = 5.77 the faces' own bending is 1 % of the couple's. */
    @Test
    void thinFacesLimit_allen() {
        double t = 6;
        SandwichStrip strip = strip(t, 9000, SandwichStrip.THIN_FACES_FROM * t - t, 5);
        assertThat(strip.faceStiffness() / strip.coupleStiffness()).isCloseTo(0.01, within(0.0001));
    }

    /** A core as stiff as steel makes a solid board of it: PL³/48EI with I of the whole less the core. */
    @Test
    void stiffCore_solidBoard() {
        SandwichStrip strip = strip(6, 9000, 30, 1e7);
        double inertia = 300 * (Math.pow(42, 3) - Math.pow(30, 3)) / 12;
        double solid = 1000 * Math.pow(400, 3) / (48 * 9000 * inertia);
        assertThat(new ThickFaces(strip, 400, 0).under(1000).deflectionMm())
                .isCloseTo(solid, within(0.001 * solid));
    }

    /** No core at all: two loose boards, each with half of the load. */
    @Test
    void softCore_twoLooseBoards() {
        SandwichStrip strip = strip(6, 9000, 30, 1e-3);
        double inertia = 300 * Math.pow(6, 3) / 12;
        double loose = 500 * Math.pow(400, 3) / (48 * 9000 * inertia);
        assertThat(new ThickFaces(strip, 400, 0).under(1000).deflectionMm())
                .isCloseTo(loose, within(0.005 * loose));
    }

    /**
     * Common practice: 6 + 19 + 6 mm of ply and rigid foam under a person of 107 kg, with no flex to be seen.
     * Between bearers 400 mm apart and a strip 300 mm wide that is below 3 mm, and plain formulas would give
     * more.
     */
    @Test
    void plyAndFoamFloor_personOfTheTrade() {
        SandwichStrip strip = strip(6, 9000, 19, 4.5);
        ThickFaces.Answer answer = new ThickFaces(strip, 400, 60).under(107 * 9.81);
        double plain =
                107 * 9.81 * Math.pow(400, 3) / (48 * strip.coupleStiffness())
                        + 107 * 9.81 * 400 / (4 * strip.shearStiffness());
        assertThat(answer.deflectionMm()).isLessThan(3).isLessThan(plain);
    }

    /**
     * The coupled equations by finite differences on 400 steps, solved with EJML: another method than the
     * closed form. Unknowns are f and p at each node; f = f'' = 0 and p' = 0 at the supports.
     */
    @Test
    void closedForm_finiteDifferences() {
        SandwichStrip strip =
                new SandwichStrip(new Face(9, 9000), new Core(30, 4.5), new Face(6.5, 7000), 295);
        double span = 417;
        double patch = 60;
        double[] numerical = finiteDifferences(strip, span, patch, 1100);
        ThickFaces.Answer answer = new ThickFaces(strip, span, patch).under(1100);
        assertThat(answer.deflectionMm()).isCloseTo(numerical[0], within(0.003 * numerical[0]));
        assertThat(answer.faceMoment()).isCloseTo(numerical[1], within(0.005 * numerical[1]));
        assertThat(answer.coupleMoment()).isCloseTo(numerical[2], within(0.005 * numerical[2]));
        assertThat(answer.coreForce()).isCloseTo(numerical[3], within(0.01 * numerical[3]));
    }

    private static double[] finiteDifferences(
            SandwichStrip strip, double span, double patch, double load) {
        int n = 400;
        double h = span / n;
        double d0 = strip.coupleStiffness();
        double df = strip.faceStiffness();
        double s = strip.shearStiffness();
        int nodes = n + 1;
        SimpleMatrix a = new SimpleMatrix(2 * nodes, 2 * nodes);
        SimpleMatrix b = new SimpleMatrix(2 * nodes, 1);
        for (int i = 0; i <= n; i++) {
            int f = i;
            int p = nodes + i;
            if (i == 0 || i == n) {
                int in = i == 0 ? 1 : -1;
                a.set(f, f, 1);
                a.set(p, p, -1.5);
                a.set(p, p + in, 2);
                a.set(p, p + 2 * in, -0.5);
                continue;
            }
            double x = i * h;
            // the row of forces, df f'''' − s (f'' − p') = q, with f antisymmetric beyond the
            // supports
            add(a, f, i - 2, n, df / Math.pow(h, 4));
            add(a, f, i - 1, n, -4 * df / Math.pow(h, 4) - s / (h * h));
            add(a, f, i, n, 6 * df / Math.pow(h, 4) + 2 * s / (h * h));
            add(a, f, i + 1, n, -4 * df / Math.pow(h, 4) - s / (h * h));
            add(a, f, i + 2, n, df / Math.pow(h, 4));
            a.set(f, p + 1, a.get(f, p + 1) + s / (2 * h));
            a.set(f, p - 1, a.get(f, p - 1) - s / (2 * h));
            b.set(f, 0, covered(x, h, span, patch) * load / patch);
            // the row of turns, d0 p'' + s (f' − p) = 0
            a.set(p, p - 1, d0 / (h * h));
            a.set(p, p, -2 * d0 / (h * h) - s);
            a.set(p, p + 1, d0 / (h * h));
            a.set(p, i + 1, s / (2 * h));
            a.set(p, i - 1, -s / (2 * h));
        }
        SimpleMatrix u = a.solve(b);
        int m = n / 2;
        double curvature = (u.get(m - 1, 0) - 2 * u.get(m, 0) + u.get(m + 1, 0)) / (h * h);
        double turn = (u.get(nodes + m + 1, 0) - u.get(nodes + m - 1, 0)) / (2 * h);
        double slopeAtEnd = (-3 * u.get(0, 0) + 4 * u.get(1, 0) - u.get(2, 0)) / (2 * h);
        double core = s * (slopeAtEnd - u.get(nodes, 0));
        return new double[] {u.get(m, 0), -df * curvature, -d0 * turn, core};
    }

    private static void add(SimpleMatrix a, int row, int node, int n, double value) {
        if (node < 0) {
            a.set(row, -node, a.get(row, -node) - value);
        } else if (node > n) {
            a.set(row, 2 * n - node, a.get(row, 2 * n - node) - value);
        } else {
            a.set(row, node, a.get(row, node) + value);
        }
    }

    /** {@return share of the step round x that lies under the patch} */
    private static double covered(double x, double h, double span, double patch) {
        double from = Math.max(x - h / 2, (span - patch) / 2);
        double to = Math.min(x + h / 2, (span + patch) / 2);
        return Math.max(0, to - from) / h;
    }

    @Property(seed = "20261126")
    void longerPatch_neverHarder(
            @ForAll @DoubleRange(min = 5, max = 150) double patch,
            @ForAll @DoubleRange(min = 1, max = 50) double more) {
        SandwichStrip strip = strip(6, 9000, 30, 4.5);
        ThickFaces.Answer small = new ThickFaces(strip, 400, patch).under(1000);
        ThickFaces.Answer large = new ThickFaces(strip, 400, patch + more).under(1000);
        assertThat(large.deflectionMm()).isLessThanOrEqualTo(small.deflectionMm());
        assertThat(large.faceMoment()).isLessThanOrEqualTo(small.faceMoment());
    }

    @Property(seed = "20261126")
    void moments_addUpToStatics(@ForAll @DoubleRange(min = 0, max = 400) double patch) {
        ThickFaces.Answer answer = new ThickFaces(strip(6, 9000, 30, 4.5), 400, patch).under(1000);
        double statics = 1000 * (800 - Math.max(patch, 0.01)) / 8;
        assertThat(answer.coupleMoment() + answer.faceMoment())
                .isCloseTo(statics, within(1e-6 * statics));
    }

    @Test
    void thickFaces_illegalArguments() {
        SandwichStrip strip = strip(6, 9000, 30, 4.5);
        assertThatThrownBy(() -> new ThickFaces(strip, 0, 0)).hasMessageContaining("span");
        assertThatThrownBy(() -> new ThickFaces(strip, 400, 401)).hasMessageContaining("patch");
        assertThatThrownBy(() -> strip(0, 9000, 30, 4.5)).hasMessageContaining("face thickness");
    }
}
