package pteron.core.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The linear program over the patterns known so far: cut all that is wanted at the least cost. */
final class Program implements AutoCloseable {

    private final Demand demand;
    private final MPSolver solver = MPSolver.createSolver("GLOP");
    private final MPObjective cost = solver.objective();
    private final MPConstraint[] rows;
    private final Set<Pattern> known = new LinkedHashSet<>();
    private final List<MPVariable> uses = new ArrayList<>();

    /** A program that starts from known patterns, which cut every kind. */
    Program(Demand demand, Collection<Pattern> start) {
        this.demand = demand;
        this.rows = rows(solver, demand);
        cost.setMinimization();
        start.forEach(this::add);
    }

    /** {@return whether the pattern was not known yet} */
    boolean add(Pattern pattern) {
        if (!known.add(pattern)) {
            return false;
        }
        double longest = demand.costs()[demand.costs().length - 1];
        MPVariable use = solver.makeNumVar(0, MPSolver.infinity(), "");
        cost.setCoefficient(use, demand.costs()[pattern.stock()] / longest);
        put(pattern, use, rows);
        uses.add(use);
        return true;
    }

    /** Asks for other numbers of each kind from now on. */
    void want(int[] wanted) {
        for (int kind = 0; kind < rows.length; kind++) {
            rows[kind].setBounds(wanted[kind], MPSolver.infinity());
        }
    }

    Prices solve() {
        solver.solve();
        long[] prices = new long[rows.length];
        for (int kind = 0; kind < rows.length; kind++) {
            prices[kind] = (long) (Prices.SCALE * Math.clamp(rows[kind].dualValue(), 0, 1));
        }
        double longest = demand.costs()[demand.costs().length - 1];
        return new Prices(
                prices,
                uses.stream().mapToDouble(MPVariable::solutionValue).toArray(),
                cost.value() * longest);
    }

    /** {@return all patterns known, in the order of their uses} */
    List<Pattern> patterns() {
        return List.copyOf(known);
    }

    @Override
    public void close() {
        solver.delete();
    }

    /** {@return a row for each kind: at least as many as are wanted} */
    static MPConstraint[] rows(MPSolver solver, Demand demand) {
        MPConstraint[] rows = new MPConstraint[demand.kinds()];
        for (int kind = 0; kind < rows.length; kind++) {
            rows[kind] = solver.makeConstraint(demand.wanted(kind), MPSolver.infinity());
        }
        return rows;
    }

    static void put(Pattern pattern, MPVariable use, MPConstraint[] rows) {
        for (int kind = 0; kind < rows.length; kind++) {
            if (pattern.count()[kind] > 0) {
                rows[kind].setCoefficient(use, pattern.count()[kind]);
            }
        }
    }
}
