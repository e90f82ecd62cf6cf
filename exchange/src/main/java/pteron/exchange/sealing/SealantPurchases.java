package pteron.exchange.sealing;

import java.util.List;
import java.util.stream.Stream;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;
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
        return Stream.of(
                        new Purchase(
                                Aisle.SEALANTS,
                                "sealant",
                                "Polyurethane sealant",
                                new Quantity(
                                                job.model().plan().supplies().cartridgeMl(),
                                                Unit.MILLILITRE)
                                        .text(job.units()),
                                String.valueOf(sealing.cartridges()),
                                "cartridges"),
                        new Purchase(
                                Aisle.SEALANTS,
                                "tape",
                                "Butyl tape",
                                "for " + new Quantity(metres, Unit.METRE).text(job.units()),
                                String.valueOf(sealing.tapeRolls()),
                                "rolls"))
                .filter(purchase -> !purchase.amount().equals("0"))
                .toList();
    }
}
