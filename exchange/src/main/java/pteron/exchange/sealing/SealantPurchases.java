package pteron.exchange.sealing;

import java.util.List;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;
import pteron.exchange.csv.Csv;
import pteron.exchange.station.Aisle;
import pteron.exchange.station.Job;
import pteron.exchange.station.Purchase;

/** Sealant and tape to buy. */
final class SealantPurchases {

    private SealantPurchases() {}

    static List<Purchase> of(Job job) {
        return job.model().find(Sealing.class).map(found -> of(job, found)).orElse(List.of());
    }

    private static List<Purchase> of(Job job, Sealing sealing) {
        double metres = sealing.lengthMm(JointKind.OPENING_FLANGE) / 1000;
        return List.of(
                new Purchase(
                        Aisle.SEALANTS,
                        "sealant",
                        "Polyurethane sealant",
                        Csv.number(job.model().plan().supplies().cartridgeMl(), 0) + " mL",
                        String.valueOf(sealing.cartridges()),
                        "cartridges"),
                new Purchase(
                        Aisle.SEALANTS,
                        "tape",
                        "Butyl tape",
                        "for " + Csv.number(metres, 1) + " m",
                        String.valueOf(sealing.tapeRolls()),
                        "rolls"));
    }
}
