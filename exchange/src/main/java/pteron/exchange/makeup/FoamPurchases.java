package pteron.exchange.makeup;

import java.util.List;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Part;
import pteron.exchange.csv.ShopText;
import pteron.exchange.station.Aisle;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** Foam to buy. */
final class FoamPurchases {

    private FoamPurchases() {}

    static List<Purchase> of(Job job) {
        if (job.model().built().isEmpty()) {
            return List.of();
        }
        return job.model().balance().parts().stream()
                .filter(part -> part.group() == Part.Group.FOAM)
                .map(
                        part ->
                                new Purchase(
                                        Aisle.FOAM,
                                        "foam",
                                        part.name(),
                                        "",
                                        ShopText.number(job.units(), Quantity.kg(part.massKg())),
                                        Unit.KILOGRAM.symbol(job.units())))
                .toList();
    }
}
