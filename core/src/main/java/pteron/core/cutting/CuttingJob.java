package pteron.core.cutting;

import java.util.List;
import pteron.core.plan.Saw;
import pteron.core.quantity.Require;

/**
 * Parts to be cut from bars of one kind. Immutable.
 *
 * @param parts parts
 * @param stockLengthsMm lengths that can be bought, any number of each (mm), above 0
 * @param saw how they are sawn
 */
public record CuttingJob(List<CutPart> parts, List<Double> stockLengthsMm, Saw saw) {

    /** Copies the lists and checks the numbers. */
    public CuttingJob {
        parts = List.copyOf(parts);
        stockLengthsMm = stockLengthsMm.stream().distinct().sorted().toList();
        stockLengthsMm.forEach(length -> Require.positive("stock length", length, "mm"));
        if (stockLengthsMm.isEmpty()) {
            throw new IllegalArgumentException("stock lengths: there are none; give at least one");
        }
    }

    /**
     * A part to be cut.
     *
     * @param name what it is
     * @param lengthMm length on its long side (mm), above 0
     */
    public record CutPart(String name, double lengthMm) {
        /** Checks the length. */
        public CutPart {
            Require.positive("length of " + name, lengthMm, "mm");
        }
    }

    /** {@return the longest part that can be cut (mm)} */
    public double longestPartMm() {
        return saw.usableMm(stockLengthsMm.getLast()) - saw.toleranceMm();
    }

    /** {@return whether the longest bar is long enough for a part} */
    boolean fits(CutPart part) {
        return Steps.up(saw.allowedMm(part.lengthMm()))
                <= Steps.down(saw.usableMm(stockLengthsMm.getLast()));
    }

    /** {@return the parts that no bar is long enough for} */
    public List<CutPart> tooLong() {
        return parts.stream().filter(part -> !fits(part)).toList();
    }
}
