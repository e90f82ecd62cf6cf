package pteron.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;

/** The pieces that cutting is made of: demand, patterns, sums of stock, first answer. */
class CuttingPartsTest {

    private static CuttingJob job(double kerf, List<Double> stock, double... lengths) {
        List<CutPart> parts = new ArrayList<>();
        for (double length : lengths) {
            parts.add(new CutPart("part " + parts.size(), length));
        }
        return new CuttingJob(parts, stock, kerf);
    }

    @Test
    void demand_countsEqualLengths_longestFirst_inTenths() {
        Demand demand = Demand.of(job(3, List.of(3000.0, 4200.0), 500, 1885, 500.04, 1885));
        assertThat(demand.sizes()).containsExactly(18880, 5031, 5030);
        assertThat(demand.wanted()).containsExactly(2, 1, 1);
        assertThat(demand.capacities()).containsExactly(30030, 42030);
        assertThat(demand.costs()).containsExactly(30000, 42000);
    }

    @Test
    void demand_leavesOutWhatIsTooLong() {
        assertThat(Demand.of(job(0, List.of(3000.0), 3001, 2000)).kinds()).isEqualTo(1);
    }

    /** Stock 100, parts 45 and 36: (2,0), (1,1), (0,2) are all the full patterns. */
    @Test
    void allPatterns_byHand() {
        Demand demand = Demand.of(job(0, List.of(100.0), 45, 45, 36, 36));
        List<Pattern> all = new PatternSearch(demand).all(100).orElseThrow();
        assertThat(all)
                .containsExactlyInAnyOrder(
                        new Pattern(0, new int[] {2, 0}),
                        new Pattern(0, new int[] {1, 1}),
                        new Pattern(0, new int[] {0, 2}));
        assertThat(new PatternSearch(demand).all(2)).isEmpty();
    }

    /** The knapsack against trying everything. */
    @Property(tries = 100)
    void bestPattern_isTheBest(
            @ForAll @Size(min = 2, max = 4) List<@IntRange(min = 15, max = 60) Integer> lengths,
            @ForAll @Size(4) List<@DoubleRange(min = 0.1, max = 9) Double> prices) {
        List<Double> distinct = lengths.stream().distinct().map(Integer::doubleValue).toList();
        List<Double> doubled = new ArrayList<>(distinct);
        doubled.addAll(distinct);
        Demand demand =
                Demand.of(job(0, List.of(130.0), doubled.stream().mapToDouble(d -> d).toArray()));
        double[] price = prices.stream().mapToDouble(d -> d).limit(demand.kinds()).toArray();
        Pattern best = new PatternSearch(demand).best(price, demand.wanted()).getFirst();
        double most =
                new PatternSearch(demand)
                        .all(10_000).orElseThrow().stream()
                                .mapToDouble(p -> worth(p, price))
                                .max()
                                .orElseThrow();
        assertThat(worth(best, price)).isCloseTo(most, within(1e-6));
        assertThat(used(best, demand)).isLessThanOrEqualTo(demand.capacities()[0]);
    }

    private static double worth(Pattern pattern, double[] price) {
        double worth = 0;
        for (int kind = 0; kind < price.length; kind++) {
            worth += pattern.count()[kind] * price[kind];
        }
        return worth;
    }

    private static long used(Pattern pattern, Demand demand) {
        long used = 0;
        for (int kind = 0; kind < demand.kinds(); kind++) {
            used += (long) pattern.count()[kind] * demand.sizes()[kind];
        }
        return used;
    }

    /** Sums of 3000, 3600 and 4200 are multiples of 600. */
    @Test
    void stockSums_liftToTheCommonMeasure() {
        long[] lengths = {30000, 36000, 42000};
        assertThat(StockSums.atLeast(lengths, 30001)).isEqualTo(36000);
        assertThat(StockSums.atLeast(lengths, 36000)).isEqualTo(36000);
        assertThat(StockSums.atLeast(new long[] {1000}, 45225)).isEqualTo(46000);
        assertThat(StockSums.atLeast(lengths, 0)).isZero();
    }

    @Test
    void firstCut_takesTheShortestBarThatHolds() {
        CuttingJob job = job(3, List.of(3000.0, 4200.0), 2900, 1500);
        CuttingPlan plan = FirstCut.of(job, Demand.of(job));
        assertThat(plan.bars()).extracting(Bar::stockMm).containsExactly(3000.0, 3000.0);
        assertThat(plan.boundMm()).isEqualTo(4800);
    }

    @Test
    void greedyFill_cutsEverything() {
        Demand demand = Demand.of(job(3, List.of(3000.0, 4200.0), 1885, 1885, 765, 765, 765, 378));
        int[] left = demand.wanted();
        for (Pattern bar : GreedyFill.patterns(demand, new PatternSearch(demand))) {
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= bar.count()[kind];
            }
        }
        assertThat(Arrays.stream(left)).allMatch(n -> n == 0);
    }

    @Test
    void bar_usedAndRest() {
        Bar bar = new Bar(3000, 3, List.of(new CutPart("a", 1000), new CutPart("b", 1500)));
        assertThat(bar.usedMm()).isEqualTo(2503);
        assertThat(bar.restMm()).isEqualTo(497);
        assertThat(new Bar(3000, 3, List.of()).usedMm()).isZero();
    }

    @Test
    void barFiller_leavesUnneededPlacesEmpty() {
        CuttingJob job = job(0, List.of(100.0), 45);
        Demand demand = Demand.of(job);
        List<Pattern> patterns =
                List.of(new Pattern(0, new int[] {2}), new Pattern(0, new int[] {1}));
        assertThat(BarFiller.bars(job, demand, patterns)).hasSize(1);
    }

    @Test
    void members_areGroupedBySectionEitherWayRound() {
        BoxPlan plan = StartingPlans.square();
        BarCutting cutting =
                BarCutting.of(
                        BoxModel.of(plan, MaterialLibrary.starting()).members(), plan.supplies());
        assertThat(cutting.kinds().keySet())
                .extracting(BarCutting.Kind::text)
                .contains("38 × 63 c24", "38 × 89 c24", "38 × 38 c24");
        assertThat(cutting.boundMm()).isLessThanOrEqualTo(cutting.boughtMm() + 1e-6);
        assertThat(cutting.wastePercent()).isBetween(0.0, 15.0);
        assertThat(cutting.figures()).allMatch(f -> !f.working().terms().isEmpty());
        assertThat(BarCutting.NONE.wastePercent()).isZero();
    }
}
