package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.data.DMatrixSparseTriplet;
import org.ejml.interfaces.linsol.LinearSolverSparse;
import org.ejml.ops.DConvertMatrixStruct;
import org.ejml.sparse.FillReducing;
import org.ejml.sparse.csc.factory.LinearSolverFactory_DSCC;
import pteron.core.quantity.Remembered;

/**
 * Heat through a wall with metal in it, in two dimensions: half a bay with half a member, cut into
 * rectangles of finite volumes. The skins lead heat along themselves to the metal, which parallel paths leave
 * out: on thin aluminium skins those are a tenth too warm.
 *
 * <p>x runs along the wall from the middle of a member to the middle of the bay, y from the inside to the
 * outside. Between two cells heat flows by their conductances in a row; at the faces through the air's
 * resistance; nothing at the two planes of symmetry. The air in a tube is a solid that resists as the still
 * air does.
 *
 * <p>Source: the method of ISO 10211, from memory. Against a relaxation on a net of 0.8 mm U is within 2 %.
 */
final class MetalSection {

    /** So many sections are remembered: a wall is asked for its U by figures, schools and the heat loss. */
    private static final int REMEMBERED = 50;

    /** Cells in every stretch of equal stuff, of the coarser of two solutions. */
    static final int CELLS = 4;

    /** Thinnest gap that is told from none (mm). */
    private static final double LEAST_MM = 1e-3;

    private final WarmBay wall;
    private final MetalBar bar;
    private final double halfBarMm;
    private final double gapMm;
    private final double halfBayMm;
    private final double frameFromMm;
    private final double frameToMm;

    private MetalSection(WarmBay wall, MetalBar bar) {
        this.wall = wall;
        this.bar = bar;
        this.halfBarMm = bar.thicknessMm() / 2;
        this.halfBayMm = halfBarMm / wall.memberShare();
        this.gapMm = wall.gapShare() * halfBayMm;
        double from = Double.POSITIVE_INFINITY;
        double to = 0;
        double at = 0;
        for (WarmLayer layer : wall.layers()) {
            if (bar.standsIn(layer)) {
                from = Math.min(from, at);
                to = at + layer.thicknessMm();
            }
            at += layer.thicknessMm();
        }
        this.frameFromMm = from;
        this.frameToMm = to;
    }

    /**
     * {@return heat that goes through for a degree and a square metre (W/(m²·K))}
     *
     * <p>Solved with so many cells and with twice as many; what is left of the error falls with the size of a
     * cell, so the difference is put on once more (Richardson 1911).
     *
     * @param wall a wall whose members take a share above 0 and below 1
     * @param bar its metal
     * @param cells cells in every stretch of equal stuff, even
     */
    static double transmittance(WarmBay wall, MetalBar bar, int cells) {
        return SOLVED.of(new Input(wall, bar, cells));
    }

    private record Input(WarmBay wall, MetalBar bar, int cells) {}

    private static final Remembered<Input, Double> SOLVED =
            new Remembered<>(REMEMBERED, MetalSection::solved);

    private static double solved(Input input) {
        MetalSection section = new MetalSection(input.wall, input.bar);
        double coarse = section.solve(input.cells);
        double fine = section.solve(2 * input.cells);
        return fine + (fine - coarse);
    }

    private List<Double> breaksAlong() {
        TreeSet<Double> breaks = new TreeSet<>(List.of(0.0, halfBarMm, halfBayMm));
        if (bar.wallMm() > LEAST_MM && bar.wallMm() < halfBarMm - LEAST_MM) {
            breaks.add(halfBarMm - bar.wallMm());
        }
        if (gapMm > LEAST_MM && halfBarMm + gapMm < halfBayMm - LEAST_MM) {
            breaks.add(halfBarMm + gapMm);
        }
        return List.copyOf(breaks);
    }

    private List<Double> breaksThrough() {
        TreeSet<Double> breaks = new TreeSet<>(List.of(0.0));
        double at = 0;
        for (WarmLayer layer : wall.layers()) {
            at += layer.thicknessMm();
            breaks.add(at);
        }
        if (bar.wallMm() > LEAST_MM && 2 * bar.wallMm() < frameToMm - frameFromMm - LEAST_MM) {
            breaks.add(frameFromMm + bar.wallMm());
            breaks.add(frameToMm - bar.wallMm());
        }
        List<Double> apart = new ArrayList<>();
        for (double one : breaks) {
            if (apart.isEmpty() || one - apart.getLast() > LEAST_MM) {
                apart.add(one);
            }
        }
        return apart;
    }

    /** {@return conductivity at a place (W/(m·K))} */
    private double at(double x, double y) {
        WarmLayer layer = layer(y);
        if (x < halfBarMm) {
            return bar.standsIn(layer) ? inBar(x, y) : layer.member().conductivity();
        }
        return x < halfBarMm + gapMm ? layer.gap().conductivity() : layer.bay().conductivity();
    }

    private WarmLayer layer(double y) {
        double at = 0;
        for (WarmLayer layer : wall.layers()) {
            at += layer.thicknessMm();
            if (y < at) {
                return layer;
            }
        }
        return wall.layers().getLast();
    }

    private double inBar(double x, double y) {
        boolean web = x > halfBarMm - bar.wallMm();
        boolean flange = y < frameFromMm + bar.wallMm() || y > frameToMm - bar.wallMm();
        if (bar.wallMm() == 0 || web || flange) {
            return bar.conductivity();
        }
        double hollow = frameToMm - frameFromMm - 2 * bar.wallMm();
        return hollow / 1000 / Surfaces.stillAir(hollow);
    }

    private double solve(int cells) {
        double[] along = Grid.graded(breaksAlong(), cells);
        double[] through = Grid.graded(breaksThrough(), cells);
        double[] x = Grid.middles(along);
        double[] y = Grid.middles(through);
        int rows = through.length;
        int count = along.length * rows;
        double[][] conductivity = new double[along.length][rows];
        for (int i = 0; i < along.length; i++) {
            for (int j = 0; j < rows; j++) {
                conductivity[i][j] = at(x[i], y[j]);
            }
        }
        Balance balance = new Balance(count);
        joinNeighbours(balance, along, through, conductivity);
        for (int i = 0; i < along.length; i++) {
            // 1 degree inside, 0 outside; the air's resistance in mm·m·K/W, as the cells' are
            double inner = film(wall.surfaces().inside(), through[0], conductivity[i][0]);
            double outer =
                    film(wall.surfaces().outside(), through[rows - 1], conductivity[i][rows - 1]);
            balance.hold(i * rows, along[i] / inner, 1);
            balance.hold(i * rows + rows - 1, along[i] / outer, 0);
        }
        return balance.flow() / (halfBayMm / 1000);
    }

    private static void joinNeighbours(
            Balance balance, double[] along, double[] through, double[][] conductivity) {
        int rows = through.length;
        for (int i = 0; i < along.length; i++) {
            for (int j = 0; j < rows; j++) {
                int cell = i * rows + j;
                double here = conductivity[i][j];
                if (j + 1 < rows) {
                    double next = through[j + 1] / 2 / conductivity[i][j + 1];
                    balance.join(cell, cell + 1, along[i] / (through[j] / 2 / here + next));
                }
                if (i + 1 < along.length) {
                    double next = along[i + 1] / 2 / conductivity[i + 1][j];
                    balance.join(cell, cell + rows, through[j] / (along[i] / 2 / here + next));
                }
            }
        }
    }

    private static double film(double resistance, double thicknessMm, double conductivity) {
        return resistance * 1000 + thicknessMm / 2 / conductivity;
    }

    /** Heat into and out of every cell. */
    private static final class Balance {
        private final DMatrixSparseTriplet matrix;
        private final double[] diagonal;
        private final DMatrixRMaj right;
        private final List<double[]> held = new ArrayList<>();

        Balance(int count) {
            matrix = new DMatrixSparseTriplet(count, count, 5 * count);
            diagonal = new double[count];
            right = new DMatrixRMaj(count, 1);
        }

        void join(int one, int other, double conductance) {
            diagonal[one] += conductance;
            diagonal[other] += conductance;
            matrix.addItem(one, other, -conductance);
            matrix.addItem(other, one, -conductance);
        }

        void hold(int cell, double conductance, double degrees) {
            diagonal[cell] += conductance;
            right.add(cell, 0, conductance * degrees);
            held.add(new double[] {cell, conductance, degrees});
        }

        /** {@return heat from the warm side (W for a metre of member and a degree)} */
        double flow() {
            for (int cell = 0; cell < diagonal.length; cell++) {
                matrix.addItem(cell, cell, diagonal[cell]);
            }
            DMatrixSparseCSC packed = DConvertMatrixStruct.convert(matrix, (DMatrixSparseCSC) null);
            LinearSolverSparse<DMatrixSparseCSC, DMatrixRMaj> solver =
                    LinearSolverFactory_DSCC.cholesky(FillReducing.NONE);
            DMatrixRMaj temperature = new DMatrixRMaj(right.numRows, 1);
            packed.sortIndices(null);
            if (!solver.setA(packed)) {
                throw new IllegalStateException("Impossible state: heat finds no way");
            }
            solver.solve(right, temperature);
            double warm = 0;
            for (double[] one : held) {
                if (one[2] > 0) {
                    warm += one[1] * (one[2] - temperature.get((int) one[0], 0));
                }
            }
            return warm;
        }
    }
}
