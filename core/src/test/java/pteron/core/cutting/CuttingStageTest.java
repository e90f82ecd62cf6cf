package pteron.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.plan.Saw;

class CuttingStageTest {

    private static List<CutPart> parts(double... lengthsAndCounts) {
        List<CutPart> parts = new ArrayList<>();
        for (int i = 0; i < lengthsAndCounts.length; i += 2) {
            for (int n = 0; n < lengthsAndCounts[i + 1]; n++) {
                parts.add(new CutPart("p" + i + "-" + n, lengthsAndCounts[i]));
            }
        }
        return parts;
    }

    /** Chvátal, Linear Programming, ch. 13: raws of 100; 97×45, 610×36, 395×31, 211×14; 453 raws. */
    @Test
    void chvatal_publishedOptimum() {
        CuttingJob job =
                new CuttingJob(parts(45, 97, 36, 610, 31, 395, 14, 211), List.of(100.0), Saw.of(0));
        CuttingPlan plan = CuttingStage.of(job);
        assertThat(plan.bars()).hasSize(453);
        assertThat(plan.boundMm()).isCloseTo(45300, within(0.5));
        assertThat(plan.provenBest()).isTrue();
    }

    /** Two lengths, by hand: 3 × 2000 and 3 × 1000 fit three bars of 3000 exactly when the saw takes nothing. */
    @Test
    void exactFit_byHand() {
        CuttingPlan plan =
                CuttingStage.of(
                        new CuttingJob(
                                parts(2000, 3, 1000, 3), List.of(3000.0, 4200.0), Saw.of(0)));
        assertThat(plan.boughtMm()).isEqualTo(9000);
        assertThat(plan.provenBest()).isTrue();
        assertThat(plan.wastePercent()).isCloseTo(0, within(1e-9));
    }

    /** n pieces take n − 1 cuts: 2 × 1499 and a kerf of 2 make 3000; 2 × 1499.5 do not. */
    @Test
    void kerf_betweenPiecesOnly() {
        assertThat(
                        CuttingStage.of(new CuttingJob(parts(1499, 2), List.of(3000.0), Saw.of(2)))
                                .bars())
                .hasSize(1);
        assertThat(
                        CuttingStage.of(
                                        new CuttingJob(
                                                parts(1499.5, 2), List.of(3000.0), Saw.of(2)))
                                .bars())
                .hasSize(2);
    }

    @Test
    void tooLong_isNamedAndLeftOut() {
        CuttingPlan plan =
                CuttingStage.of(
                        new CuttingJob(parts(5000, 1, 1000, 2), List.of(3000.0), Saw.of(3)));
        assertThat(plan.tooLong()).extracting(CutPart::lengthMm).containsExactly(5000.0);
        assertThat(plan.bars()).hasSize(1);
    }

    @Test
    void nothingToCut() {
        assertThat(CuttingStage.of(new CuttingJob(List.of(), List.of(3000.0), Saw.of(3))).bars())
                .isEmpty();
    }

    @Test
    void stopped_givesTheFirstAnswer_reportsBestSoFar() {
        CuttingJob job =
                new CuttingJob(parts(45, 97, 36, 610, 31, 395, 14, 211), List.of(100.0), Saw.of(0));
        AtomicInteger told = new AtomicInteger();
        CuttingPlan plan = CuttingStage.of(job, best -> told.incrementAndGet(), () -> true);
        assertThat(told.get()).isEqualTo(1);
        assertThat(plan.bars().stream().mapToInt(bar -> bar.pieces().size()).sum()).isEqualTo(1313);
    }

    @Test
    void sameJob_sameAnswer() {
        CuttingJob job =
                new CuttingJob(
                        parts(1885, 9, 2047, 7, 378.7, 13, 812, 3, 1187.1, 8),
                        List.of(3000.0, 3600.0, 4200.0),
                        Saw.of(3));
        assertThat(CuttingStage.of(job)).isEqualTo(CuttingStage.of(job));
    }

    @Test
    void job_illegalArguments() {
        assertThatThrownBy(() -> new CuttingJob(List.of(), List.of(), Saw.of(3)))
                .hasMessageContaining("stock lengths");
        assertThatThrownBy(() -> Saw.of(-1)).hasMessageContaining("kerf");
        assertThatThrownBy(() -> new CutPart("x", 0)).hasMessageContaining("more than 0");
    }

    @Provide
    Arbitrary<CuttingJob> jobs() {
        Arbitrary<List<CutPart>> parts =
                Arbitraries.integers()
                        .between(1000, 29000)
                        .map(tenths -> tenths / 10.0)
                        .list()
                        .ofMinSize(1)
                        .ofMaxSize(25)
                        .map(CuttingStageTest::named);
        return Combinators.combine(
                        parts,
                        Arbitraries.of(0.0, 2.5, 3.0),
                        Arbitraries.of(
                                List.of(3000.0),
                                List.of(3000.0, 4200.0),
                                List.of(3600.0, 4800.0, 5400.0)))
                .as((list, kerf, stock) -> new CuttingJob(list, stock, Saw.of(kerf)));
    }

    private static List<CutPart> named(List<Double> lengths) {
        List<CutPart> parts = new ArrayList<>();
        lengths.forEach(length -> parts.add(new CutPart("part " + parts.size(), length)));
        return parts;
    }

    @Property(tries = 60, seed = "7303")
    void everyPartOnce_noBarTooShort_boundHolds(@ForAll("jobs") CuttingJob job) {
        CuttingPlan plan = CuttingStage.of(job);
        List<String> cut =
                plan.bars().stream()
                        .flatMap(bar -> bar.pieces().stream())
                        .map(CutPart::name)
                        .sorted()
                        .toList();
        List<String> wanted = job.parts().stream().map(CutPart::name).sorted().toList();
        assertThat(cut).isEqualTo(wanted);
        assertThat(plan.bars()).allMatch(bar -> bar.usedMm() <= bar.stockMm() + 1e-6);
        assertThat(plan.bars()).allMatch(bar -> job.stockLengthsMm().contains(bar.stockMm()));
        assertThat(plan.boundMm()).isLessThanOrEqualTo(plan.boughtMm() + 1e-6);
        assertThat(plan.boundMm()).isGreaterThanOrEqualTo(plan.partsMm() - 1e-6);
    }
}
