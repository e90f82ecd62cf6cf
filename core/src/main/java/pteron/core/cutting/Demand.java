package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;

/**
 * A job in whole tenths of a millimetre: kinds of parts by length, longest first. A kerf is added to
 * every part and to every bar, so that n parts take n − 1 cuts. Immutable.
 *
 * @param sizes size of each kind with its kerf (0.1 mm), falling
 * @param parts the parts of each kind
 * @param capacities capacity of each stock length with one kerf (0.1 mm), rising
 * @param costs length of each stock length (0.1 mm), rising
 */
record Demand(int[] sizes, List<List<CutPart>> parts, int[] capacities, long[] costs) {

    private static final double TENTHS = 10;

    /** Rounding of a double that must not lift a size to the next tenth (0.1 mm). */
    private static final double SLACK = 1e-6;

    static Demand of(CuttingJob job) {
        double longest = job.stockLengthsMm().getLast();
        List<CutPart> sorted =
                job.parts().stream()
                        .filter(part -> part.lengthMm() <= longest)
                        .sorted(
                                Comparator.comparingDouble(CutPart::lengthMm)
                                        .reversed()
                                        .thenComparing(CutPart::name))
                        .toList();
        List<Integer> sizes = new ArrayList<>();
        List<List<CutPart>> kinds = new ArrayList<>();
        for (CutPart part : sorted) {
            int size = (int) Math.ceil((part.lengthMm() + job.kerfMm()) * TENTHS - SLACK);
            if (sizes.isEmpty() || sizes.getLast() != size) {
                sizes.add(size);
                kinds.add(new ArrayList<>());
            }
            kinds.getLast().add(part);
        }
        return new Demand(
                sizes.stream().mapToInt(Integer::intValue).toArray(),
                kinds,
                job.stockLengthsMm().stream()
                        .mapToInt(
                                length ->
                                        (int) Math.floor((length + job.kerfMm()) * TENTHS + SLACK))
                        .toArray(),
                job.stockLengthsMm().stream()
                        .mapToLong(length -> Math.round(length * TENTHS))
                        .toArray());
    }

    int kinds() {
        return sizes.length;
    }

    int wanted(int kind) {
        return parts.get(kind).size();
    }

    /** {@return how many of each kind are wanted} */
    int[] wanted() {
        return parts.stream().mapToInt(List::size).toArray();
    }
}
