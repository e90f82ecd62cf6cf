package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.plan.Saw;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

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

    /** {@return bars that are told alike together, their cuts in the same order; in the order of the first ones} */
    public static Collection<List<Bar>> alike(List<Bar> bars, UnitSystem units) {
        Map<List<String>, List<Bar>> groups = new LinkedHashMap<>();
        for (Bar bar : bars) {
            List<String> told = new ArrayList<>(List.of(LengthText.format(bar.stockMm, units)));
            bar.pieces.forEach(piece -> told.add(LengthText.format(piece.lengthMm(), units)));
            groups.computeIfAbsent(told, key -> new ArrayList<>()).add(bar);
        }
        return groups.values();
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
