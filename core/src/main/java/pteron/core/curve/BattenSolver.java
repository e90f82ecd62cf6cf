package pteron.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.NormOps_DDRM;
import pteron.core.geometry.Point2;
import pteron.core.quantity.Remembered;
import pteron.core.quantity.Tolerance;

/**
 * Finds the line that a thin strip takes through points: that of least bending.
 *
 * <p>The strip is free at its ends (no curvature there) and slides through its points, where direction and
 * curvature go on without a break. Unknown are direction, curvature, its slope and the length of each
 * stretch; Newton's method starts from the natural cubic spline over the chords.
 *
 * <p>Source: the elastica, Euler 1744; natural ends and joints as in any beam. Flat strips become the natural
 * cubic spline.
 */
public final class BattenSolver {

    /** Least share of a step of Newton that is still tried before it is given up. */
    private static final double LEAST_SHARE = 1e-4;

    /** Most steps of Newton's method; a good start takes four to eight. */
    private static final int MOST_STEPS = 60;

    /** Residual at which the line is found, as a share of the mean chord: 1e-8 mm on a metre. */
    private static final double FOUND = 1e-11;

    private static final double DIFFERENCE = 1e-7;
    private static final int PER_STRETCH = 4;

    /** Turn from which a stretch between two spots is a loop (radians): half a turn. */
    private static final double LOOPED = Math.PI;

    /** So many lines are remembered by their points: every drawing and every edit asks for the same ones. */
    private static final int REMEMBERED = 200;

    private static final Remembered<List<Point2>, Optional<Batten>> SOLVED =
            new Remembered<>(REMEMBERED, BattenSolver::solved);

    private final List<Point2> points;
    private final int stretches;

    private BattenSolver(List<Point2> points) {
        this.points = points;
        this.stretches = points.size() - 1;
    }

    /**
     * {@return the line of least bending, empty where none was found: the points double back}
     *
     * @param points three or more, no two neighbours the same
     * @throws IllegalArgumentException if there are fewer than three
     */
    public static Optional<Batten> through(List<Point2> points) {
        if (points.size() < 3) {
            throw new IllegalArgumentException(
                    "batten has [%d] points and needs 3 or more; give one between its ends"
                            .formatted(points.size()));
        }
        return SOLVED.of(List.copyOf(points));
    }

    private static Optional<Batten> solved(List<Point2> points) {
        double scale = 0;
        for (int i = 1; i < points.size(); i++) {
            double chord = points.get(i).distance(points.get(i - 1));
            if (chord < Tolerance.GEOMETRY.lengthMm()) {
                return Optional.empty();
            }
            scale += chord / (points.size() - 1);
        }
        double unit = scale;
        Point2 origin = points.getFirst();
        List<Point2> small = points.stream().map(p -> p.minus(origin).times(1 / unit)).toList();
        return new BattenSolver(small).solve().map(found -> Batten.of(found, origin, unit));
    }

    private Optional<List<Elastica>> solve() {
        DMatrixRMaj unknown = FirstGuess.of(points);
        double worst = NormOps_DDRM.normF(residual(unknown));
        for (int step = 0; step < MOST_STEPS && worst > FOUND; step++) {
            DMatrixRMaj move = new DMatrixRMaj(unknown.numRows, 1);
            if (!CommonOps_DDRM.solve(jacobian(unknown), residual(unknown), move)) {
                return Optional.empty();
            }
            double share = 1;
            DMatrixRMaj next = moved(unknown, move, share);
            double then = NormOps_DDRM.normF(residual(next));
            while (!(then < worst) && share > LEAST_SHARE) {
                share /= 2;
                next = moved(unknown, move, share);
                then = NormOps_DDRM.normF(residual(next));
            }
            if (!(then < worst)) {
                break;
            }
            unknown = next;
            worst = then;
        }
        // rounding may keep the last digits from falling further
        return worst < 100 * FOUND && isStrip(unknown)
                ? Optional.of(list(unknown))
                : Optional.empty();
    }

    /** {@return whether these are stretches of a strip: forwards, and without a loop} */
    private boolean isStrip(DMatrixRMaj unknown) {
        return list(unknown).stream()
                .allMatch(stretch -> stretch.length() > 0 && stretch.turned() < LOOPED);
    }

    private static DMatrixRMaj moved(DMatrixRMaj from, DMatrixRMaj move, double share) {
        DMatrixRMaj to = from.copy();
        CommonOps_DDRM.addEquals(to, -share, move);
        return to;
    }

    private Elastica stretch(DMatrixRMaj unknown, int i) {
        int at = i * PER_STRETCH;
        return new Elastica(
                points.get(i),
                unknown.get(at),
                unknown.get(at + 1),
                unknown.get(at + 2),
                unknown.get(at + 3));
    }

    private List<Elastica> list(DMatrixRMaj unknown) {
        List<Elastica> list = new ArrayList<>();
        for (int i = 0; i < stretches; i++) {
            list.add(stretch(unknown, i));
        }
        return list;
    }

    /** First the free end, then for each stretch: end point, direction and curvature of the next one. */
    private DMatrixRMaj residual(DMatrixRMaj unknown) {
        DMatrixRMaj residual = new DMatrixRMaj(unknown.numRows, 1);
        residual.set(0, unknown.get(1));
        for (int i = 0; i < stretches; i++) {
            double[] gaps = gaps(unknown, i);
            for (int k = 0; k < gaps.length; k++) {
                residual.set(1 + i * PER_STRETCH + k, gaps[k]);
            }
        }
        return residual;
    }

    private double[] gaps(DMatrixRMaj unknown, int i) {
        double[] end = stretch(unknown, i).end();
        double du = end[0] - points.get(i + 1).u();
        double dv = end[1] - points.get(i + 1).v();
        int next = (i + 1) * PER_STRETCH;
        return i == stretches - 1
                ? new double[] {du, dv, end[3]}
                : new double[] {du, dv, end[2] - unknown.get(next), end[3] - unknown.get(next + 1)};
    }

    private DMatrixRMaj jacobian(DMatrixRMaj unknown) {
        DMatrixRMaj jacobian = new DMatrixRMaj(unknown.numRows, unknown.numRows);
        jacobian.set(0, 1, 1);
        for (int i = 0; i < stretches; i++) {
            int row = 1 + i * PER_STRETCH;
            double[] here = gaps(unknown, i);
            for (int k = 0; k < PER_STRETCH; k++) {
                int column = i * PER_STRETCH + k;
                double kept = unknown.get(column);
                unknown.set(column, kept + DIFFERENCE);
                double[] there = gaps(unknown, i);
                unknown.set(column, kept);
                for (int g = 0; g < here.length; g++) {
                    jacobian.set(row + g, column, (there[g] - here[g]) / DIFFERENCE);
                }
            }
            if (i < stretches - 1) {
                jacobian.set(row + 2, (i + 1) * PER_STRETCH, -1);
                jacobian.set(row + 3, (i + 1) * PER_STRETCH + 1, -1);
            }
        }
        return jacobian;
    }
}
