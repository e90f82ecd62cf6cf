package pteron.core.panel;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import pteron.core.mechanics.SandwichStrip;

/**
 * The coupled equations of a strip with thick faces, D0 p'' + S (f' − p) = 0 and Df f'''' − S (f'' − p') = q, by
 * central differences on a fine grid over half of the span: a second method beside the closed form.
 */
final class FiniteDifferences {

    private static final int N = 240;

    private FiniteDifferences() {}

    /** {@return sag in the middle under a load spread over a patch in the middle (mm)} */
    static double midSag(SandwichStrip strip, double span, double patch, double load) {
        double h = span / 2 / N;
        double d0 = strip.coupleStiffness();
        double df = strip.faceStiffness();
        double s = strip.shearStiffness();
        int size = 2 * (N + 1);
        DMatrixRMaj a = new DMatrixRMaj(size, size);
        DMatrixRMaj right = new DMatrixRMaj(size, 1);
        for (int i = 0; i <= N; i++) {
            int f = 2 * i;
            int p = 2 * i + 1;
            if (i == 0) {
                a.set(f, f, 1);
            } else {
                double h4 = df / Math.pow(h, 4);
                add(a, f, i - 2, h4, true);
                add(a, f, i - 1, -4 * h4 - s / (h * h), true);
                add(a, f, i, 6 * h4 + 2 * s / (h * h), true);
                add(a, f, i + 1, -4 * h4 - s / (h * h), true);
                add(a, f, i + 2, h4, true);
                add(a, f, i + 1, s / (2 * h), false);
                add(a, f, i - 1, -s / (2 * h), false);
                double from = span / 2 - patch / 2;
                double share = Math.clamp((i * h + h / 2 - from) / h, 0, 1);
                right.set(f, 0, share * load / patch);
            }
            add(a, p, i - 1, d0 / (h * h), false);
            add(a, p, i, -2 * d0 / (h * h) - s, false);
            add(a, p, i + 1, d0 / (h * h), false);
            add(a, p, i + 1, s / (2 * h), true);
            add(a, p, i - 1, -s / (2 * h), true);
        }
        DMatrixRMaj solved = new DMatrixRMaj(size, 1);
        CommonOps_DDRM.solve(a, right, solved);
        return solved.get(2 * N);
    }

    /**
     * Beyond the support f goes on odd (no moment of the faces) and p even (no stretch); beyond the middle f is
     * even and p odd.
     */
    private static void add(DMatrixRMaj a, int row, int index, double value, boolean sag) {
        int i = index;
        double sign = 1;
        if (i < 0) {
            i = -i;
            sign = sag ? -1 : 1;
        }
        if (i > N) {
            i = 2 * N - i;
            sign *= sag ? 1 : -1;
        }
        int column = 2 * i + (sag ? 0 : 1);
        a.add(row, column, sign * value);
    }
}
