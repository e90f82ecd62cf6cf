package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.plan.Saw;

/**
 * A job in whole steps: kinds of parts by length, longest first. A kerf is added to every part and to
 * every bar, so that n parts take n − 1 cuts. Parts are rounded up, bars down. Immutable.
 *
 * @param sizes size of each kind with tolerance and kerf (steps), falling
 * @param parts the parts of each kind
 * @param capacities room of each stock length with one kerf (steps), rising
 * @param costs length of each stock length (steps), rising
 */
record Demand(long[] sizes, List<List<CutPart>> parts, long[] capacities, long[] costs) {

    static Demand of(CuttingJob job) {
        Saw saw = job.saw();
        long kerf = Steps.up(saw.kerfMm());
        List<CutPart> sorted =
                job.parts().stream()
                        .filter(job::fits)
                        .sorted(
                                Comparator.comparingDouble(CutPart::lengthMm)
                                        .reversed()
                                        .thenComparing(CutPart::name))
                        .toList();
        List<Long> sizes = new ArrayList<>();
        List<List<CutPart>> kinds = new ArrayList<>();
        for (CutPart part : sorted) {
            long size = Steps.up(saw.allowedMm(part.lengthMm())) + kerf;
            if (sizes.isEmpty() || sizes.getLast() != size) {
                sizes.add(size);
                kinds.add(new ArrayList<>());
            }
            kinds.getLast().add(part);
        }
        List<Double> stock = job.stockLengthsMm();
        return new Demand(
                sizes.stream().mapToLong(Long::longValue).toArray(),
                kinds,
                stock.stream().mapToLong(mm -> Steps.down(saw.usableMm(mm)) + kerf).toArray(),
                stock.stream().mapToLong(Steps::down).toArray());
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

    long longest() {
        return capacities[capacities.length - 1];
    }

    /** {@return room that all wanted parts take (steps)} */
    long used() {
        long used = 0;
        for (int kind = 0; kind < kinds(); kind++) {
            used += sizes[kind] * wanted(kind);
        }
        return used;
    }

    /** {@return room that a pattern takes (steps)} */
    long used(Pattern pattern) {
        long used = 0;
        for (int kind = 0; kind < kinds(); kind++) {
            used += sizes[kind] * pattern.count()[kind];
        }
        return used;
    }
}
