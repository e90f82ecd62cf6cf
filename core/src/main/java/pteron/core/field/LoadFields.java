package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import pteron.core.cutting.CuttingStation;
import pteron.core.frame.FrameStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Loads;
import pteron.core.plan.ServiceClass;
import pteron.core.plan.Supplies;
import pteron.core.quantity.Unit;
import pteron.core.sealing.SealingStation;

/** Fields of loads and supplies. */
final class LoadFields {

    private LoadFields() {}

    static List<NumberField> numbers() {
        List<NumberField> fields = new ArrayList<>(loads().numbers());
        fields.addAll(supplies().numbers());
        return fields;
    }

    static List<LengthsField> lengths() {
        return supplies().lengths();
    }

    static List<ChoiceField> choices() {
        return loads().choices();
    }

    private static Fields<Loads> loads() {
        return Fields.at(FrameStation.FRAME)
                .part(BoxPlan::loads, BoxPlan::withLoads)
                .number(
                        "wind.speed",
                        "Gust in a storm",
                        Unit.METRE_PER_SECOND,
                        Loads::windSpeed,
                        Loads::withWindSpeed)
                .kg(
                        "floor.person",
                        "Person on the floor",
                        Loads::floorPersonKg,
                        Loads::withFloorPerson)
                .number(
                        "floor.load",
                        "Load spread on the floor",
                        Unit.NEWTON_PER_SQUARE_METRE,
                        Loads::floorLoad,
                        Loads::withFloorLoad)
                .choice(
                        "wood.service-class",
                        "Wood is kept",
                        ServiceClass.values(),
                        Loads::serviceClass,
                        Loads::withServiceClass);
    }

    private static Fields<Supplies> supplies() {
        return Fields.at(SealingStation.SEALING)
                .part(BoxPlan::supplies, BoxPlan::withSupplies)
                .mm(
                        "bead.width",
                        "Bead, width",
                        Supplies::beadWidthMm,
                        (s, v) -> s.withBead(v, s.beadDepthMm()))
                .mm(
                        "bead.depth",
                        "Bead, depth",
                        Supplies::beadDepthMm,
                        (s, v) -> s.withBead(s.beadWidthMm(), v))
                .number(
                        "cartridge",
                        "Cartridge, content",
                        Unit.MILLILITRE,
                        Supplies::cartridgeMl,
                        Supplies::withCartridge)
                .mm(
                        "tape.roll",
                        "Roll of tape, length",
                        Supplies::tapeRollMm,
                        Supplies::withTapeRoll)
                .shownAt(CuttingStation.CUTTING)
                .lengths(
                        "bars.timber",
                        "Timber and bars, lengths",
                        Supplies::stockLengthsMm,
                        Supplies::withStockLengths)
                .lengths(
                        "bars.tubes",
                        "Tubes, lengths",
                        Supplies::tubeLengthsMm,
                        Supplies::withTubeLengths)
                .mm("saw.kerf", "Kerf of the saw", Supplies::kerfMm, Supplies::withKerf)
                .mm(
                        "saw.end-trim",
                        "Cut off each end of a bar",
                        s -> s.saw().endTrimMm(),
                        Supplies::withEndTrim)
                .mm(
                        "saw.tolerance",
                        "Allowed over a part's length",
                        s -> s.saw().toleranceMm(),
                        Supplies::withTolerance);
    }
}
