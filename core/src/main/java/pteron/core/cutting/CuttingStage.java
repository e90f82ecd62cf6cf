package pteron.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Cuts a job; may run beside, reports its best so far and can be stopped. */
public final class CuttingStage {

    /** Patterns up to which all of them are tried; more take longer to list than to ask for. */
    private static final int FEW_PATTERNS = 3000;

    /** Patterns without waste up to which all of them are tried. */
    private static final int TIGHT_PATTERNS = 300_000;

    /** The same where a further part might fit into what is wasted. */
    private static final int FEW_TIGHT_PATTERNS = 5_000;

    /** Patterns without waste that are picked from at once. */
    private static final int MOST_AT_ONCE = 36_000;

    /** How often a cutting without waste is looked for anew. */
    private static final int TURNS = 20;

    /** Patterns times kinds that a whole-number program picks from in a second or a few. */
    private static final int MOST_TO_PICK = 100_000;

    /** How often a quick search is asked for patterns, times the number of kinds. */
    private static final int ROUGH_ROUNDS_TIMES_KINDS = 20_000;

    /** How often the bound may be lifted by trying all that could meet it. */
    private static final int MOST_LIFTS = 4;

    private final Demand demand;
    private final CuttingJob job;
    private final WholeNumbers whole;
    private final Consumer<CuttingPlan> progress;
    private final BooleanSupplier stopped;
    private List<Bar> best;
    private long bestCost;
    private long bound;

    private CuttingStage(CuttingJob job, Consumer<CuttingPlan> progress, BooleanSupplier stopped) {
        this.job = job;
        this.progress = progress;
        this.stopped = stopped;
        this.demand = Demand.of(job);
        this.whole = new WholeNumbers(demand, stopped);
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
     * @param stopped asked between steps whether to stop, from other threads too
     */
    public static CuttingPlan of(
            CuttingJob job, Consumer<CuttingPlan> progress, BooleanSupplier stopped) {
        if (job.tooLong().size() == job.parts().size()) {
            return new CuttingPlan(List.of(), 0, job.tooLong());
        }
        CuttingStage stage = new CuttingStage(job, progress, stopped);
        stage.first();
        if (!stage.finished()) {
            stage.improve();
        }
        return stage.plan();
    }

    private CuttingPlan plan() {
        return new CuttingPlan(best, Steps.mm(bound), job.tooLong());
    }

    private boolean finished() {
        return bestCost <= bound || stopped.getAsBoolean();
    }

    private void first() {
        bound = FirstCut.bound(demand);
        bestCost = Long.MAX_VALUE;
        take(FirstCut.of(job, demand));
    }

    private void improve() {
        Knapsack fine = Knapsack.fine(demand);
        List<Pattern> filled = GreedyFill.patterns(demand, fine);
        take(filled);
        if (finished() || !NativeSolvers.ready(stopped)) {
            return;
        }
        tryTight();
        if (finished()) {
            return;
        }
        Optional<List<Pattern>> all = PatternList.full(demand, FEW_PATTERNS);
        List<Pattern> start = new ArrayList<>(all.orElseGet(() -> PatternSearch.singles(demand)));
        start.addAll(filled);
        try (Program program = new Program(demand, start)) {
            dive(program);
            if (!finished()) {
                liftBound(program, fine);
            }
            if (!finished() && program.patterns().size() * demand.kinds() <= MOST_TO_PICK) {
                whole.least(program.patterns(), bound).ifPresent(this::take);
            }
        }
        if (!finished() && all.isPresent()) {
            improveOrProve(all.get());
        }
    }

    private void dive(Program program) {
        Knapsack rough = Knapsack.rough(demand);
        new PatternSearch(demand, program, stopped)
                .ask(rough, demand.wanted(), bound, ROUGH_ROUNDS_TIMES_KINDS / demand.kinds());
        Dive.patterns(demand, program, rough, stopped).ifPresent(this::take);
    }

    private void liftBound(Program program, Knapsack fine) {
        long before = bound;
        long proven = new PatternSearch(demand, program, stopped).bound(fine, bestCost);
        bound = Math.max(bound, proven);
        if (bound > before) {
            tryTight();
        }
    }

    /** All full patterns are known: either one bar's measure less is possible, or nothing is. */
    private void improveOrProve(List<Pattern> all) {
        long measure = new StockSums(demand.costs()).measure();
        WholeNumbers.Kept kept = whole.within(all, bestCost - measure);
        if (kept.impossible()) {
            bound = bestCost;
        }
        kept.bars().ifPresent(this::take);
    }

    /**
     * Tries all patterns that can be part of a cutting at the bound, while they are few: none of them
     * wastes more than the whole cutting does. Lifts the bound where there is no such cutting.
     */
    private void tryTight() {
        for (int lift = 0; lift < MOST_LIFTS && !finished(); lift++) {
            long waste = roomFor(bound) - demand.used();
            boolean eachOnce = waste < demand.sizes()[demand.kinds() - 1];
            int most = eachOnce ? TIGHT_PATTERNS : FEW_TIGHT_PATTERNS;
            Optional<List<Pattern>> tight = PatternList.tight(demand, waste, most);
            if (tight.isEmpty()) {
                return;
            }
            int turns = tight.get().size() > MOST_AT_ONCE ? TURNS : 2;
            ExactCover.of(demand, tight.get(), turns, stopped).ifPresent(this::take);
            if (!finished() && tight.get().size() <= MOST_AT_ONCE) {
                whole.least(tight.get(), bound).ifPresent(this::take);
            }
            if (finished() || tight.get().size() > MOST_AT_ONCE || !lift(tight.get())) {
                return;
            }
        }
    }

    private boolean lift(List<Pattern> tight) {
        WholeNumbers.Kept kept = whole.within(tight, bound);
        kept.bars().ifPresent(this::take);
        if (kept.impossible()) {
            bound = new StockSums(demand.costs()).atLeast(bound + 1);
        }
        return kept.impossible();
    }

    /** {@return the most room that bars of a total cost can have (steps)} */
    private long roomFor(long cost) {
        long most = 0;
        for (int stock = 0; stock < demand.costs().length; stock++) {
            double room = (double) cost / demand.costs()[stock] * demand.capacities()[stock];
            most = Math.max(most, (long) Math.ceil(room) + 1);
        }
        return most;
    }

    private void take(List<Pattern> patterns) {
        take(new CuttingPlan(BarFiller.bars(job, demand, patterns), 0, List.of()));
    }

    private void take(CuttingPlan plan) {
        long cost = plan.cost();
        if (cost < bestCost) {
            bestCost = cost;
            best = plan.bars();
            progress.accept(plan());
        }
    }
}
