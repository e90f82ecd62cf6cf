package pteron.exchange.opening;

import java.util.List;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.quantity.Named;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.ShopText;
import pteron.exchange.station.Aisle;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** Doors and windows to buy. */
final class UnitPurchases {

    private UnitPurchases() {}

    static List<Purchase> of(Job job) {
        return job.model().find(Openings.class).stream()
                .flatMap(openings -> openings.placed().stream())
                .filter(one -> !one.opening().isThere())
                .map(one -> unit(one, job.units()))
                .toList();
    }

    private static Purchase unit(PlacedOpening one, UnitSystem units) {
        String size = ShopText.size(units, one.cutOut().width(), one.cutOut().height());
        return new Purchase(
                Aisle.UNITS,
                Named.small(one.opening().kind()),
                one.opening().name(),
                size,
                "1",
                "unit");
    }
}
