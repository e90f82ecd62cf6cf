package pteron.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.SectionText;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Saw;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** The pieces that cutting is made of: demand, patterns, sums of stock, first answer. */
class CuttingPartsTest {

    private static CuttingJob job(double kerf, List<Double> stock, double... lengths) {
        List<CutPart> parts = new ArrayList<>();
        for (double length : lengths) {
            parts.add(new CutPart("part " + parts.size(), length));
        }
        return new CuttingJob(parts, stock, Saw.of(kerf));
    }

    @Test
    void demand_countsEqualLengths_longestFirst_inSteps() {
        Demand demand = Demand.of(job(3, List.of(3000.0, 4200.0), 500, 1885, 500.04, 1885));
        assertThat(demand.sizes()).containsExactly(1888 * 8000, 503 * 8000 + 320, 503 * 8000);
        assertThat(demand.wanted()).containsExactly(2, 1, 1);
        assertThat(demand.capacities()).containsExactly(3003 * 8000, 4203 * 8000);
        assertThat(demand.costs()).containsExactly(3000 * 8000, 4200 * 8000);
    }

    /** 1/64 in is 3175 steps, 0.1 mm is 800; 1/3 mm lies between two steps. */
    @Test
    void steps_holdTenthsAndSixtyFourths() {
        assertThat(Steps.up(25.4 * 37 / 64)).isEqualTo(37 * 3175).isEqualTo(Steps.down(14.684375));
        assertThat(Steps.up(0.1 + 0.2)).isEqualTo(2400).isEqualTo(Steps.down(0.3));
        assertThat(Steps.up(1.0 / 3)).isEqualTo(2667);
        assertThat(Steps.down(1.0 / 3)).isEqualTo(2666);
    }

    /** End trims shorten the bar, a tolerance lengthens each part. */
    @Test
    void demand_countsTrimAndTolerance() {
        Saw saw = new Saw(3, 10, 0.5);
        Demand demand =
                Demand.of(new CuttingJob(List.of(new CutPart("a", 1000)), List.of(3000.0), saw));
        assertThat(demand.sizes()).containsExactly(8000 * 1003 + 4000);
        assertThat(demand.capacities()).containsExactly(8000 * 2983);
        assertThat(demand.costs()).containsExactly(8000 * 3000);
        assertThat(new CuttingJob(List.of(new CutPart("a", 2980)), List.of(3000.0), saw).tooLong())
                .hasSize(1);
        assertThat(
                        new CuttingJob(List.of(new CutPart("a", 2979.5)), List.of(3000.0), saw)
                                .tooLong())
                .isEmpty();
    }

    @Test
    void demand_leavesOutWhatIsTooLong() {
        assertThat(Demand.of(job(0, List.of(3000.0), 3001, 2000)).kinds()).isEqualTo(1);
    }

    /** Stock 100, parts 45 and 36: (2,0), (1,1), (0,2) are all the full patterns. */
    @Test
    void allPatterns_byHand() {
        Demand demand = Demand.of(job(0, List.of(100.0), 45, 45, 36, 36));
        List<Pattern> all = PatternList.full(demand, 100).orElseThrow();
        assertThat(all)
                .containsExactlyInAnyOrder(
                        new Pattern(0, new int[] {2, 0}),
                        new Pattern(0, new int[] {1, 1}),
                        new Pattern(0, new int[] {0, 2}));
        assertThat(PatternList.full(demand, 2)).isEmpty();
    }

    /** Of the same patterns only (1, 1) and (2, 0) waste no more than 20. */
    @Test
    void tightPatterns_byHand() {
        Demand demand = Demand.of(job(0, List.of(100.0), 45, 45, 36, 36));
        assertThat(PatternList.tight(demand, 20 * Steps.PER_MM, 100).orElseThrow())
                .containsExactlyInAnyOrder(
                        new Pattern(0, new int[] {2, 0}), new Pattern(0, new int[] {1, 1}));
    }

    /** The knapsack against trying everything. */
    @Property(tries = 100, seed = "7301")
    void bestPattern_isTheBest(
            @ForAll @Size(min = 2, max = 4) List<@IntRange(min = 15, max = 60) Integer> lengths,
            @ForAll @Size(4) List<@LongRange(min = 1, max = 900) Long> prices) {
        List<Double> distinct = lengths.stream().distinct().map(Integer::doubleValue).toList();
        List<Double> doubled = new ArrayList<>(distinct);
        doubled.addAll(distinct);
        Demand demand =
                Demand.of(job(0, List.of(130.0), doubled.stream().mapToDouble(d -> d).toArray()));
        long[] price = prices.stream().mapToLong(Long::longValue).limit(demand.kinds()).toArray();
        Knapsack.Found best = Knapsack.fine(demand).best(price, demand.wanted()).getFirst();
        long most =
                PatternList.full(demand, 10_000).orElseThrow().stream()
                        .mapToLong(p -> worth(p, price))
                        .max()
                        .orElseThrow();
        assertThat(worth(best.pattern(), price)).isEqualTo(most).isEqualTo(best.worth());
        assertThat(best.most()).isEqualTo(most);
        assertThat(used(best.pattern(), demand)).isLessThanOrEqualTo(demand.capacities()[0]);
    }

    /**
     * Lengths with no common measure, too many cells to count: what is worth most lies between the worth
     * of the pattern found and what none is worth more than, and both are near.
     */
    @Property(tries = 40, seed = "7302")
    void bestPattern_ofOddLengths_isBracketed(
            @ForAll @Size(min = 3, max = 5)
                    List<@DoubleRange(min = 500, max = 2900) Double> lengths,
            @ForAll @Size(5) List<@LongRange(min = 1, max = 900) Long> prices) {
        Demand demand =
                Demand.of(job(3, List.of(4800.0), lengths.stream().mapToDouble(d -> d).toArray()));
        long[] price = prices.stream().mapToLong(Long::longValue).limit(demand.kinds()).toArray();
        Knapsack.Found best = Knapsack.fine(demand).best(price, demand.wanted()).getFirst();
        long most =
                PatternList.full(demand, 10_000).orElseThrow().stream()
                        .mapToLong(p -> worth(p, price))
                        .max()
                        .orElseThrow();
        assertThat(best.worth()).isLessThanOrEqualTo(most);
        assertThat(best.most()).isGreaterThanOrEqualTo(most);
        assertThat(used(best.pattern(), demand)).isLessThanOrEqualTo(demand.capacities()[0]);
    }

    private static long worth(Pattern pattern, long[] price) {
        long worth = 0;
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

    /** Sums of 3000, 3600 and 4200 are multiples of 600, but 600 and 4800 are none of them. */
    @Test
    void stockSums_liftToWhatBarsCanMake() {
        StockSums sums = new StockSums(new long[] {30000, 36000, 42000});
        assertThat(sums.measure()).isEqualTo(6000);
        assertThat(sums.atLeast(30001)).isEqualTo(36000);
        assertThat(sums.atLeast(36000)).isEqualTo(36000);
        assertThat(sums.atLeast(42001)).isEqualTo(60000);
        assertThat(sums.atLeast(1)).isEqualTo(30000);
        assertThat(sums.atLeast(0)).isZero();
        assertThat(new StockSums(new long[] {1000}).atLeast(45225)).isEqualTo(46000);
        assertThat(new StockSums(new long[] {9999991, 10000019}).atLeast(3_000_000_000_000L))
                .isEqualTo(3_000_000_000_000L);
    }

    @Test
    void firstCut_takesTheShortestBarThatHolds() {
        CuttingJob job = job(3, List.of(3000.0, 4200.0), 2900, 1500);
        CuttingPlan plan = FirstCut.of(job, Demand.of(job));
        assertThat(plan.bars()).extracting(Bar::stockMm).containsExactly(3000.0, 3000.0);
        assertThat(plan.boundMm()).isEqualTo(6000);
    }

    @Test
    void greedyFill_cutsEverything() {
        Demand demand = Demand.of(job(3, List.of(3000.0, 4200.0), 1885, 1885, 765, 765, 765, 378));
        int[] left = demand.wanted();
        for (Pattern bar : GreedyFill.patterns(demand, Knapsack.fine(demand))) {
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= bar.count()[kind];
            }
        }
        assertThat(Arrays.stream(left)).allMatch(n -> n == 0);
    }

    @Test
    void bar_usedAndRest() {
        List<CutPart> parts = List.of(new CutPart("a", 1000), new CutPart("b", 1500));
        Bar bar = new Bar(3000, Saw.of(3), parts);
        assertThat(bar.usedMm()).isEqualTo(2503);
        assertThat(bar.restMm()).isEqualTo(497);
        Bar trimmed = new Bar(3000, new Saw(3, 10, 0.5), parts);
        assertThat(trimmed.usedMm()).isEqualTo(2504);
        assertThat(trimmed.restMm()).isEqualTo(476);
        assertThat(new Bar(3000, Saw.of(3), List.of()).usedMm()).isZero();
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
                .extracting(kind -> SectionText.of(kind.section(), UnitSystem.METRIC))
                .contains("38 × 63 mm", "38 × 89 mm", "38 × 38 mm");
        assertThat(cutting.boundMm()).isLessThanOrEqualTo(cutting.boughtMm() + 1e-6);
        assertThat(cutting.wastePercent()).isBetween(0.0, 15.0);
        assertThat(cutting.figures()).allMatch(f -> !f.working().terms().isEmpty());
        assertThat(BarCutting.NONE.wastePercent()).isZero();
    }

    /** By hand: 2000.02 and 2000.01 mm are both told 2 000, 2000.4 is not; a sixteenth hides all three. */
    @Test
    void bars_thatAreToldAlike_standTogether() {
        List<Bar> bars = new ArrayList<>();
        for (double length : new double[] {2000.02, 2000.4, 2000.01}) {
            bars.add(new Bar(3000, Saw.USUAL, List.of(new CutPart("stud", length))));
        }
        bars.add(new Bar(3600, Saw.USUAL, List.of(new CutPart("stud", 2000))));
        assertThat(Bar.alike(bars, UnitSystem.METRIC))
                .containsExactly(
                        List.of(bars.get(0), bars.get(2)),
                        List.of(bars.get(1)),
                        List.of(bars.get(3)));
        assertThat(Bar.alike(bars, UnitSystem.INCHES)).extracting(List::size).containsExactly(3, 1);
    }
}
