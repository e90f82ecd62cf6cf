package pteron.core.cutting;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Cuts a job; may run beside, reports its best so far and can be stopped. */
public final class CuttingStage {

    /** Patterns up to which all of them are tried; more take longer to list than to ask for. */
    private static final int FEW_PATTERNS = 3000;

    /** Rounds of asking for patterns; a hundred kinds need far fewer. */
    private static final int MOST_ROUNDS = 400;

    /** Worth over cost that is still no saving: rounding of the linear program. */
    private static final double RATIO_SLACK = 1e-7;

    /** Effort of the whole-number program: nodes are counted, not seconds, so that runs repeat. */
    private static final String EFFORT = "limits/nodes = 300";

    private final Demand demand;
    private final CuttingJob job;
    private final PatternSearch search;

    private CuttingStage(CuttingJob job) {
        this.job = job;
        this.demand = Demand.of(job);
        this.search = new PatternSearch(demand);
    }

    /**
     * {@return how to cut a job}
     *
     * @param job the job
     */
    public static CuttingPlan of(CuttingJob job) {
        return of(job, best -> {}, () -> false);
    }

    /**
     * {@return how to cut a job; the best so far when stopped}
     *
     * @param job the job
     * @param progress is told each better plan, on the calling thread
     * @param stopped asked between steps whether to stop
     */
    public static CuttingPlan of(
            CuttingJob job, Consumer<CuttingPlan> progress, BooleanSupplier stopped) {
        CuttingStage stage = new CuttingStage(job);
        if (stage.demand.kinds() == 0) {
            return new CuttingPlan(List.of(), 0, job.tooLong());
        }
        CuttingPlan first = FirstCut.of(job, stage.demand);
        progress.accept(first);
        if (first.provenBest() || stopped.getAsBoolean()) {
            return first;
        }
        Loader.loadNativeLibraries();
        return stage.improve(first, progress, stopped);
    }

    private CuttingPlan improve(
            CuttingPlan first, Consumer<CuttingPlan> progress, BooleanSupplier stopped) {
        List<Pattern> filled = GreedyFill.patterns(demand, search);
        CuttingPlan better = less(first, bars(filled, first));
        progress.accept(better);
        Optional<List<Pattern>> all = search.all(FEW_PATTERNS);
        List<Pattern> start = new ArrayList<>(all.orElseGet(this::startingPatterns));
        start.addAll(filled);
        Asked asked = ask(start, better.boughtMm(), stopped);
        double bound = Math.max(first.boundMm(), liftedMm(asked.bound()));
        CuttingPlan bounded = new CuttingPlan(better.bars(), bound, first.tooLong());
        if (bounded.provenBest() || stopped.getAsBoolean()) {
            return bounded;
        }
        CuttingPlan best =
                pick(asked.patterns(), bound)
                        .map(picked -> picked(picked, bounded, all.isPresent()))
                        .orElse(bounded);
        progress.accept(best);
        return best;
    }

    /** Where all patterns were tried to the end, no cutting is better than the one picked. */
    private CuttingPlan picked(Picked picked, CuttingPlan bounded, boolean allTried) {
        CuttingPlan best = less(bounded, bars(picked.bars(), bounded));
        double bound = allTried && picked.best() ? best.boughtMm() : best.boundMm();
        return new CuttingPlan(best.bars(), bound, best.tooLong());
    }

    /** Patterns to cut, one for each bar, and whether no better choice among the given ones exists. */
    private record Picked(List<Pattern> bars, boolean best) {}

    private CuttingPlan bars(List<Pattern> uses, CuttingPlan known) {
        return new CuttingPlan(BarFiller.bars(job, demand, uses), known.boundMm(), known.tooLong());
    }

    private static CuttingPlan less(CuttingPlan one, CuttingPlan other) {
        return other.boughtMm() < one.boughtMm() ? other : one;
    }

    /** Patterns of a single kind, one for each kind and stock length that holds it. */
    private List<Pattern> startingPatterns() {
        List<Pattern> patterns = new ArrayList<>();
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            for (int kind = 0; kind < demand.kinds(); kind++) {
                int fit = demand.capacities()[stock] / demand.sizes()[kind];
                if (fit > 0) {
                    int[] count = new int[demand.kinds()];
                    count[kind] = Math.min(fit, demand.wanted(kind));
                    patterns.add(new Pattern(stock, count));
                }
            }
        }
        return patterns;
    }

    /** Patterns, and the value of the linear program over them (0.1 mm); 0 where it proves nothing. */
    private record Asked(List<Pattern> patterns, double bound) {}

    /**
     * Asks for patterns until none saves anything, or the bound meets what is known to be possible.
     *
     * <p>At prices with the best pattern worth r times its cost, the program's value over r is a bound for
     * all patterns (Farley 1990).
     */
    private Asked ask(List<Pattern> start, double enoughMm, BooleanSupplier stopped) {
        Set<Pattern> patterns = new LinkedHashSet<>(start);
        double bound = 0;
        for (int round = 0; round < MOST_ROUNDS && !stopped.getAsBoolean(); round++) {
            Prices prices = prices(List.copyOf(patterns));
            double ratio = addWorthwhile(prices.prices(), patterns);
            bound = Math.max(bound, prices.value() / Math.max(1, ratio));
            if (ratio <= 1 + RATIO_SLACK || liftedMm(bound) >= enoughMm) {
                break;
            }
        }
        return new Asked(List.copyOf(patterns), bound);
    }

    /** {@return greatest worth of a pattern over its cost} */
    private double addWorthwhile(double[] prices, Set<Pattern> patterns) {
        double greatest = 0;
        for (Pattern pattern : search.best(prices, demand.wanted())) {
            double worth = 0;
            for (int kind = 0; kind < demand.kinds(); kind++) {
                worth += prices[kind] * pattern.count()[kind];
            }
            double ratio = worth / demand.costs()[pattern.stock()];
            greatest = Math.max(greatest, ratio);
            if (ratio > 1 + RATIO_SLACK) {
                patterns.add(pattern);
            }
        }
        return greatest;
    }

    private record Prices(double[] prices, double value) {}

    private Prices prices(List<Pattern> patterns) {
        MPSolver solver = MPSolver.createSolver("GLOP");
        MPObjective cost = solver.objective();
        cost.setMinimization();
        MPConstraint[] rows = rows(solver);
        for (Pattern pattern : patterns) {
            MPVariable use = solver.makeNumVar(0, MPSolver.infinity(), "");
            cost.setCoefficient(use, demand.costs()[pattern.stock()]);
            put(pattern, use, rows);
        }
        solver.solve();
        double[] prices = new double[rows.length];
        for (int kind = 0; kind < rows.length; kind++) {
            prices[kind] = Math.max(0, rows[kind].dualValue());
        }
        return new Prices(prices, cost.value());
    }

    /** {@return how often each pattern is used, empty when none was found within the effort} */
    private Optional<Picked> pick(List<Pattern> patterns, double boundMm) {
        MPSolver solver = MPSolver.createSolver("SCIP");
        solver.setSolverSpecificParametersAsString(EFFORT);
        MPObjective cost = solver.objective();
        cost.setMinimization();
        MPConstraint[] rows = rows(solver);
        // the known bound lets the solver stop as soon as it meets it
        MPConstraint least = solver.makeConstraint(boundMm * 10 - 0.5, MPSolver.infinity());
        List<MPVariable> uses = new ArrayList<>();
        for (Pattern pattern : patterns) {
            MPVariable use = solver.makeIntVar(0, mostUses(pattern), "");
            uses.add(use);
            cost.setCoefficient(use, demand.costs()[pattern.stock()]);
            least.setCoefficient(use, demand.costs()[pattern.stock()]);
            put(pattern, use, rows);
        }
        MPSolver.ResultStatus status = solver.solve();
        if (status != MPSolver.ResultStatus.OPTIMAL && status != MPSolver.ResultStatus.FEASIBLE) {
            return Optional.empty();
        }
        List<Pattern> bars = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            for (long n = Math.round(uses.get(i).solutionValue()); n > 0; n--) {
                bars.add(patterns.get(i));
            }
        }
        return Optional.of(new Picked(bars, status == MPSolver.ResultStatus.OPTIMAL));
    }

    private MPConstraint[] rows(MPSolver solver) {
        MPConstraint[] rows = new MPConstraint[demand.kinds()];
        for (int kind = 0; kind < rows.length; kind++) {
            rows[kind] = solver.makeConstraint(demand.wanted(kind), MPSolver.infinity());
        }
        return rows;
    }

    private static void put(Pattern pattern, MPVariable use, MPConstraint[] rows) {
        for (int kind = 0; kind < rows.length; kind++) {
            if (pattern.count()[kind] > 0) {
                rows[kind].setCoefficient(use, pattern.count()[kind]);
            }
        }
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

    /** {@return the least sum of stock lengths that is not below a bound (mm)} */
    private double liftedMm(double bound) {
        // the linear program is exact to about 1e-7 of its value
        return StockSums.atLeast(demand.costs(), bound * (1 - 1e-7)) / 10.0;
    }
}
