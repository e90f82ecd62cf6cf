package pteron.exchange.export;

import java.util.Comparator;
import pteron.exchange.csv.Csv;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** What to buy, in the units of the shop. */
final class MaterialList {

    private MaterialList() {}

    /** {@return what all stations buy, aisle by aisle} */
    static String text(Job job) {
        return Csv.text(
                new String[] {"kind", "material", "size", "amount", "unit"},
                rows ->
                        FileRoute.ALL.stream()
                                .flatMap(files -> files.buys().apply(job).stream())
                                .sorted(Comparator.comparing(Purchase::aisle))
                                .forEach(
                                        one ->
                                                rows.print(
                                                        one.kind(),
                                                        one.material(),
                                                        one.size(),
                                                        one.amount(),
                                                        one.unit())));
    }
}
