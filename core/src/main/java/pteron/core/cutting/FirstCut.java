package pteron.core.cutting;

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
        int longest = demand.capacities()[demand.capacities().length - 1];
        List<List<CutPart>> bars = new ArrayList<>();
        List<Integer> left = new ArrayList<>();
        long used = 0;
        for (int kind = 0; kind < demand.kinds(); kind++) {
            int size = demand.sizes()[kind];
            for (CutPart part : demand.parts().get(kind)) {
                int bar = fullest(left, size);
                if (bar < 0) {
                    bar = bars.size();
                    bars.add(new ArrayList<>());
                    left.add(longest);
                }
                bars.get(bar).add(part);
                left.set(bar, left.get(bar) - size);
                used += size;
            }
        }
        List<Bar> cut = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            int filled = longest - left.get(i);
            cut.add(new Bar(shortest(job, demand, filled), job.kerfMm(), bars.get(i)));
        }
        return new CuttingPlan(sorted(cut), bound(demand, used), job.tooLong());
    }

    /** Every bar gives at most its length and one kerf; in the best case all are the longest. */
    private static double bound(Demand demand, long used) {
        double best = 0;
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            best = Math.max(best, (double) demand.capacities()[stock] / demand.costs()[stock]);
        }
        return StockSums.atLeast(demand.costs(), used / best) / 10.0;
    }

    private static int fullest(List<Integer> left, int size) {
        int best = -1;
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i) >= size && (best < 0 || left.get(i) < left.get(best))) {
                best = i;
            }
        }
        return best;
    }

    private static double shortest(CuttingJob job, Demand demand, int filled) {
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
