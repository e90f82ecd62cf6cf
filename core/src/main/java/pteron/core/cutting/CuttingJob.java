package pteron.core.cutting;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * Parts to be cut from bars of one kind. Immutable.
 *
 * @param parts parts
 * @param stockLengthsMm lengths that can be bought, any number of each (mm), above 0
 * @param kerfMm what the saw takes (mm), 0 or above
 */
public record CuttingJob(List<CutPart> parts, List<Double> stockLengthsMm, double kerfMm) {

    /** Copies the lists and checks the numbers. */
    public CuttingJob {
        parts = List.copyOf(parts);
        stockLengthsMm = stockLengthsMm.stream().distinct().sorted().toList();
        Require.notNegative("kerf", kerfMm, "mm");
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

    /** {@return the parts that are longer than every bar} */
    public List<CutPart> tooLong() {
        return parts.stream().filter(part -> part.lengthMm() > stockLengthsMm.getLast()).toList();
    }
}
