package pteron.exchange.skin;

import java.util.List;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.Skins;
import pteron.exchange.csv.ShopText;
import pteron.exchange.station.Aisle;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** Sheets to buy. */
final class SheetPurchases {

    private SheetPurchases() {}

    static List<Purchase> of(Job job) {
        return job.model().find(Skins.class).stream()
                .flatMap(skins -> skins.orders().stream())
                .map(order -> sheet(order, job))
                .toList();
    }

    private static Purchase sheet(SheetOrder order, Job job) {
        String size =
                ShopText.size(job.units(), order.thicknessMm(), order.widthMm(), order.lengthMm());
        return new Purchase(
                Aisle.SHEETS,
                switch (order.form()) {
                    case SHEETS -> "sheet";
                    case ROLL -> "off a roll";
                    case BOARDS -> "board";
                },
                job.model().library().get(order.material()).name(),
                size,
                String.valueOf(order.sheets()),
                switch (order.form()) {
                    case SHEETS -> "sheets";
                    case ROLL -> "lengths";
                    case BOARDS -> "boards";
                });
    }
}
