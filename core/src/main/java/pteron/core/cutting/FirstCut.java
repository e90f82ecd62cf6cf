package pteron.core.cutting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;

/**
 * A first answer: longest part first, into the fullest bar that still holds it; each bar is then the
 * shortest stock length that holds its parts. The bound is the length of parts and cuts.
 */
final class FirstCut {

    private FirstCut() {}

    static CuttingPlan of(CuttingJob job, Demand demand) {
        long longest = demand.longest();
        List<List<CutPart>> bars = new ArrayList<>();
        List<Long> left = new ArrayList<>();
        for (int kind = 0; kind < demand.kinds(); kind++) {
            long size = demand.sizes()[kind];
            for (CutPart part : demand.parts().get(kind)) {
                int bar = fullest(left, size);
                if (bar < 0) {
                    bar = bars.size();
                    bars.add(new ArrayList<>());
                    left.add(longest);
                }
                bars.get(bar).add(part);
                left.set(bar, left.get(bar) - size);
            }
        }
        List<Bar> cut = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            long filled = longest - left.get(i);
            cut.add(new Bar(shortest(job, demand, filled), job.saw(), bars.get(i)));
        }
        return new CuttingPlan(sorted(cut), Steps.mm(bound(demand)), job.tooLong());
    }

    /**
     * Every bar gives at most its room; in the best case all are of the length that gives most for its
     * cost, and cost a sum that stock lengths can make.
     */
    static long bound(Demand demand) {
        BigInteger used = BigInteger.valueOf(demand.used());
        long least = Long.MAX_VALUE;
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            if (demand.capacities()[stock] > 0) {
                BigInteger cost = used.multiply(BigInteger.valueOf(demand.costs()[stock]));
                least = Math.min(least, Steps.ceil(cost, demand.capacities()[stock]));
            }
        }
        return new StockSums(demand.costs()).atLeast(least);
    }

    private static int fullest(List<Long> left, long size) {
        int best = -1;
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i) >= size && (best < 0 || left.get(i) < left.get(best))) {
                best = i;
            }
        }
        return best;
    }

    private static double shortest(CuttingJob job, Demand demand, long filled) {
        int stock = 0;
        while (demand.capacities()[stock] < filled) {
            stock++;
        }
        return job.stockLengthsMm().get(stock);
    }

    static List<Bar> sorted(List<Bar> bars) {
        List<Bar> sorted = new ArrayList<>(bars);
        sorted.sort(
                (one, other) -> {
                    int byStock = Double.compare(other.stockMm(), one.stockMm());
                    return byStock != 0 ? byStock : Double.compare(one.restMm(), other.restMm());
                });
        return sorted;
    }
}
