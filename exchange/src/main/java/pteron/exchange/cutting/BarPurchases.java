package pteron.exchange.cutting;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Section;
import pteron.core.buildup.SectionText;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.ShopText;
import pteron.exchange.station.Aisle;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** Bars to buy. */
final class BarPurchases {

    private BarPurchases() {}

    static List<Purchase> of(Job job) {
        List<Purchase> bars = new ArrayList<>();
        job.cutting()
                .kinds()
                .forEach(
                        (kind, plan) ->
                                plan.bars().stream()
                                        .mapToDouble(Bar::stockMm)
                                        .distinct()
                                        .forEach(stock -> bars.add(bars(kind, plan, stock, job))));
        return bars;
    }

    private static Purchase bars(BarCutting.Kind kind, CuttingPlan plan, double stockMm, Job job) {
        Section section = kind.section();
        String size =
                job.units() == UnitSystem.METRIC
                        ? ShopText.size(
                                job.units(), section.thicknessMm(), section.depthMm(), stockMm)
                        : SectionText.of(section, job.units())
                                + ", "
                                + Quantity.mm(stockMm).text(job.units());
        long count = plan.bars().stream().filter(bar -> bar.stockMm() == stockMm).count();
        return new Purchase(
                Aisle.BARS,
                "bar",
                job.model().library().get(kind.timber()).name(),
                size,
                String.valueOf(count),
                "bars");
    }
}
