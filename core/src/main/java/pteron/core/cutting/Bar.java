package pteron.core.cutting;

import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.plan.Saw;

/**
 * A bar with what is cut from it. Immutable.
 *
 * @param stockMm length bought (mm)
 * @param saw how it is sawn
 * @param pieces parts in the order of cutting, longest first
 */
public record Bar(double stockMm, Saw saw, List<CutPart> pieces) {

    /** Copies the list. */
    public Bar {
        pieces = List.copyOf(pieces);
    }

    /** {@return what the saw takes at a cut (mm)} */
    public double kerfMm() {
        return saw.kerfMm();
    }

    /** {@return length of the parts with their tolerance and of the cuts between them (mm)} */
    public double usedMm() {
        return pieces.stream().mapToDouble(part -> saw.allowedMm(part.lengthMm())).sum()
                + saw.kerfMm() * Math.max(0, pieces.size() - 1);
    }

    /** {@return what is left over between the last part and the end trim (mm)} */
    public double restMm() {
        return saw.usableMm(stockMm) - usedMm();
    }
}
