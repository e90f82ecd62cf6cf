package pteron.core.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Picks whole numbers of patterns that cut every part. */
final class WholeNumbers {

    /** Effort of the least cost: nodes are counted, not seconds, so that runs repeat. */
    private static final String NODES = "limits/nodes = 300";

    /** Effort of the question whether a cost can be kept, in the solver's own repeatable units. */
    private static final double EFFORT = 0.3;

    private final Demand demand;
    private final BooleanSupplier stopped;

    WholeNumbers(Demand demand, BooleanSupplier stopped) {
        this.demand = demand;
        this.stopped = stopped;
    }

    /**
     * {@return a pattern for each bar at the least cost found, empty when none was found within the effort}
     *
     * @param patterns patterns to pick from
     * @param bound cost that no cutting can go below (steps); the solver stops when it meets it
     */
    Optional<List<Pattern>> least(List<Pattern> patterns, long bound) {
        MPSolver solver = MPSolver.createSolver("SCIP");
        try {
            solver.setSolverSpecificParametersAsString(NODES);
            long measure = new StockSums(demand.costs()).measure();
            MPObjective cost = solver.objective();
            cost.setMinimization();
            MPConstraint[] rows = Program.rows(solver, demand);
            MPConstraint least =
                    solver.makeConstraint((double) bound / measure - 0.5, MPSolver.infinity());
            List<MPVariable> uses = new ArrayList<>();
            for (Pattern pattern : patterns) {
                MPVariable use = solver.makeIntVar(0, mostUses(pattern), "");
                uses.add(use);
                double price = (double) demand.costs()[pattern.stock()] / measure;
                cost.setCoefficient(use, price);
                least.setCoefficient(use, price);
                Program.put(pattern, use, rows);
            }
            MPSolver.ResultStatus status =
                    Interruption.during(stopped, solver::interruptSolve, solver::solve);
            if (status != MPSolver.ResultStatus.OPTIMAL
                    && status != MPSolver.ResultStatus.FEASIBLE) {
                return Optional.empty();
            }
            return covering(
                    patterns,
                    uses.stream().mapToLong(use -> Math.round(use.solutionValue())).toArray());
        } finally {
            solver.delete();
        }
    }

    /** What a question for a cutting within a cost came to. */
    record Kept(Optional<List<Pattern>> bars, boolean impossible) {}

    /**
     * {@return bars that cost no more than so much, or that there are none among these patterns; neither
     * when the effort does not tell}
     *
     * <p>All numbers of the program are whole, and so is its answer: “impossible” is a proof.
     *
     * @param patterns patterns to pick from
     * @param most cost that may not be gone beyond (steps)
     */
    Kept within(List<Pattern> patterns, long most) {
        CpModel model = new CpModel();
        long measure = new StockSums(demand.costs()).measure();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        LinearExprBuilder[] rows = new LinearExprBuilder[demand.kinds()];
        for (int kind = 0; kind < rows.length; kind++) {
            rows[kind] = LinearExpr.newBuilder();
        }
        List<IntVar> uses = new ArrayList<>();
        for (Pattern pattern : patterns) {
            IntVar use = model.newIntVar(0, mostUses(pattern), "");
            uses.add(use);
            cost.addTerm(use, demand.costs()[pattern.stock()] / measure);
            for (int kind = 0; kind < rows.length; kind++) {
                if (pattern.count()[kind] > 0) {
                    rows[kind].addTerm(use, pattern.count()[kind]);
                }
            }
        }
        model.addLessOrEqual(cost, most / measure);
        for (int kind = 0; kind < rows.length; kind++) {
            model.addGreaterOrEqual(rows[kind], demand.wanted(kind));
        }
        return solved(model, patterns, uses);
    }

    private Kept solved(CpModel model, List<Pattern> patterns, List<IntVar> uses) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1).setMaxDeterministicTime(EFFORT);
        CpSolverStatus status =
                Interruption.during(stopped, solver::stopSearch, () -> solver.solve(model));
        if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
            return new Kept(
                    covering(patterns, uses.stream().mapToLong(solver::value).toArray()), false);
        }
        return new Kept(Optional.empty(), status == CpSolverStatus.INFEASIBLE);
    }

    /** {@return the bars, empty unless they cut every part: a solver's answer is not taken on trust} */
    private Optional<List<Pattern>> covering(List<Pattern> patterns, long[] uses) {
        int[] left = demand.wanted();
        List<Pattern> bars = new ArrayList<>();
        for (int i = 0; i < uses.length; i++) {
            for (long n = uses[i]; n > 0; n--) {
                bars.add(patterns.get(i));
            }
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= (int) uses[i] * patterns.get(i).count()[kind];
            }
        }
        for (int missing : left) {
            if (missing > 0) {
                return Optional.empty();
            }
        }
        return Optional.of(bars);
    }

    private int mostUses(Pattern pattern) {
        int most = 0;
        for (int kind = 0; kind < demand.kinds(); kind++) {
            if (pattern.count()[kind] > 0) {
                int needed = Math.ceilDiv(demand.wanted(kind), pattern.count()[kind]);
                most = Math.max(most, needed);
            }
        }
        return most;
    }
}
