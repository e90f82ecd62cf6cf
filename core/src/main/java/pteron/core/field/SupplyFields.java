package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import pteron.core.cutting.CuttingStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Supplies;
import pteron.core.quantity.Unit;
import pteron.core.sealing.SealingStation;
import pteron.core.station.Station;

/** Fields of what the shop sells, and of the saw. */
final class SupplyFields {

    private SupplyFields() {}

    static List<NumberField> numbers() {
        List<NumberField> fields = new ArrayList<>(sealing().numbers());
        fields.addAll(cutting().numbers());
        return fields;
    }

    static List<LengthsField> lengths() {
        return cutting().lengths();
    }

    private static Fields<Supplies> supplies(Station station) {
        return Fields.at(station).part(BoxPlan::supplies, BoxPlan::withSupplies);
    }

    private static Fields<Supplies> sealing() {
        return supplies(SealingStation.SEALING)
                .mm(
                        "bead.width",
                        "Bead width",
                        Supplies::beadWidthMm,
                        (s, v) -> s.withBead(v, s.beadDepthMm()))
                .mm(
                        "bead.depth",
                        "Bead depth",
                        Supplies::beadDepthMm,
                        (s, v) -> s.withBead(s.beadWidthMm(), v))
                .number(
                        "cartridge",
                        "Cartridge volume",
                        Unit.MILLILITRE,
                        Supplies::cartridgeMl,
                        Supplies::withCartridge)
                .mm("tape.roll", "Tape roll length", Supplies::tapeRollMm, Supplies::withTapeRoll);
    }

    private static Fields<Supplies> cutting() {
        return supplies(CuttingStation.CUTTING)
                .lengths(
                        "bars.timber",
                        "Stock lengths, timber and bars",
                        Supplies::stockLengthsMm,
                        Supplies::withStockLengths)
                .lengths(
                        "bars.tubes",
                        "Stock lengths, tubes",
                        Supplies::tubeLengthsMm,
                        Supplies::withTubeLengths)
                .mm("saw.kerf", "Saw kerf", Supplies::kerfMm, Supplies::withKerf)
                .mm(
                        "saw.end-trim",
                        "End trim, each end of a bar",
                        s -> s.saw().endTrimMm(),
                        Supplies::withEndTrim)
                .mm(
                        "saw.tolerance",
                        "Cutting allowance, each part",
                        s -> s.saw().toleranceMm(),
                        Supplies::withTolerance);
    }
}
