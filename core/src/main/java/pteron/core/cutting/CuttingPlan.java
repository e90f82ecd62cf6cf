package pteron.core.cutting;

import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;

/**
 * How the bars are cut. Immutable.
 *
 * @param bars bars, longest first
 * @param boundMm total length that no cutting can go below (mm)
 * @param tooLong parts that no bar is long enough for, which are not cut
 */
public record CuttingPlan(List<Bar> bars, double boundMm, List<CutPart> tooLong) {

    /** Copies the lists. */
    public CuttingPlan {
        bars = List.copyOf(bars);
        tooLong = List.copyOf(tooLong);
    }

    /** {@return total length bought (mm)} */
    public double boughtMm() {
        return bars.stream().mapToDouble(Bar::stockMm).sum();
    }

    /** {@return total length bought (steps)} */
    long cost() {
        return bars.stream().mapToLong(bar -> Steps.down(bar.stockMm())).sum();
    }

    /** {@return total length of the parts (mm)} */
    public double partsMm() {
        return bars.stream()
                .flatMap(bar -> bar.pieces().stream())
                .mapToDouble(CutPart::lengthMm)
                .sum();
    }

    /** {@return share of what is bought that is left over or sawn away (percent)} */
    public double wastePercent() {
        return bars.isEmpty() ? 0 : 100 * (1 - partsMm() / boughtMm());
    }

    /** {@return whether no cutting can do with less} */
    public boolean provenBest() {
        return cost() <= Steps.up(boundMm);
    }
}
