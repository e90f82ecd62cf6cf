package pteron.core.cutting;

import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;

/**
 * A bar with what is cut from it. Immutable.
 *
 * @param stockMm length bought (mm)
 * @param kerfMm what the saw takes at each cut (mm)
 * @param pieces parts in the order of cutting, longest first
 */
public record Bar(double stockMm, double kerfMm, List<CutPart> pieces) {

    /** Copies the list. */
    public Bar {
        pieces = List.copyOf(pieces);
    }

    /** {@return length of the parts and of the cuts between them (mm)} */
    public double usedMm() {
        return pieces.stream().mapToDouble(CutPart::lengthMm).sum()
                + kerfMm * Math.max(0, pieces.size() - 1);
    }

    /** {@return what is left over (mm)} */
    public double restMm() {
        return stockMm - usedMm();
    }
}
