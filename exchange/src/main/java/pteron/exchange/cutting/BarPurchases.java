package pteron.exchange.cutting;

import java.util.ArrayList;
import java.util.List;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.material.MaterialLibrary;
import pteron.exchange.csv.Csv;
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
                                        .forEach(
                                                stock ->
                                                        bars.add(
                                                                bars(
                                                                        kind,
                                                                        plan,
                                                                        stock,
                                                                        job.model().library()))));
        return bars;
    }

    private static Purchase bars(
            BarCutting.Kind kind, CuttingPlan plan, double stockMm, MaterialLibrary library) {
        String size =
                String.join(
                        " × ",
                        Csv.number(kind.section().thicknessMm(), 1),
                        Csv.number(kind.section().depthMm(), 1),
                        Csv.number(stockMm, 0));
        long count = plan.bars().stream().filter(bar -> bar.stockMm() == stockMm).count();
        return new Purchase(
                Aisle.BARS,
                "bar",
                library.get(kind.timber()).name(),
                size,
                String.valueOf(count),
                "bars");
    }
}
