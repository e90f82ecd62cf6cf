package pteron.core.field;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.cutting.CuttingStation;
import pteron.core.frame.FrameStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Loads;
import pteron.core.plan.ServiceClass;
import pteron.core.plan.Supplies;
import pteron.core.quantity.Unit;
import pteron.core.sealing.SealingStation;
import pteron.core.station.Station;

/** Fields of loads and supplies. */
final class LoadFields {

    private LoadFields() {}

    static List<NumberField> numbers() {
        return List.of(
                load(
                        "wind.speed",
                        FrameStation.FRAME,
                        "Gust in a storm",
                        Unit.METRE_PER_SECOND,
                        Loads::windSpeed,
                        Loads::withWindSpeed),
                load(
                        "floor.person",
                        FrameStation.FRAME,
                        "Person on the floor",
                        Unit.KILOGRAM,
                        Loads::floorPersonKg,
                        Loads::withFloorPerson),
                load(
                        "floor.load",
                        FrameStation.FRAME,
                        "Load spread on the floor",
                        Unit.NEWTON_PER_SQUARE_METRE,
                        Loads::floorLoad,
                        Loads::withFloorLoad),
                supply(
                        "bead.width",
                        SealingStation.SEALING,
                        "Bead, width",
                        Supplies::beadWidthMm,
                        (s, v) -> s.withBead(v, s.beadDepthMm())),
                supply(
                        "bead.depth",
                        SealingStation.SEALING,
                        "Bead, depth",
                        Supplies::beadDepthMm,
                        (s, v) -> s.withBead(s.beadWidthMm(), v)),
                supply(
                        "saw.kerf",
                        CuttingStation.CUTTING,
                        "Kerf of the saw",
                        Supplies::kerfMm,
                        Supplies::withKerf),
                supply(
                        "saw.end-trim",
                        CuttingStation.CUTTING,
                        "Cut off each end of a bar",
                        s -> s.saw().endTrimMm(),
                        Supplies::withEndTrim),
                supply(
                        "saw.tolerance",
                        CuttingStation.CUTTING,
                        "Allowed over a part's length",
                        s -> s.saw().toleranceMm(),
                        Supplies::withTolerance));
    }

    static List<ChoiceField> choices() {
        return List.of(
                new ChoiceField(
                        "wood.service-class",
                        FrameStation.FRAME,
                        "Wood is kept",
                        Choices.of(ServiceClass.values()),
                        plan -> Choices.id(plan.loads().serviceClass()),
                        (plan, id) ->
                                plan.withLoads(
                                        plan.loads()
                                                .withServiceClass(
                                                        Choices.value(
                                                                ServiceClass.values(), id)))));
    }

    private static NumberField load(
            String key,
            Station station,
            String name,
            Unit unit,
            ToDoubleFunction<Loads> get,
            BiFunction<Loads, Double, Loads> set) {
        return new NumberField(
                key,
                station,
                name,
                unit,
                (BoxPlan plan) -> get.applyAsDouble(plan.loads()),
                (plan, value) -> plan.withLoads(set.apply(plan.loads(), value)));
    }

    private static NumberField supply(
            String key,
            Station station,
            String name,
            ToDoubleFunction<Supplies> get,
            BiFunction<Supplies, Double, Supplies> set) {
        return new NumberField(
                key,
                station,
                name,
                Unit.MILLIMETRE,
                plan -> get.applyAsDouble(plan.supplies()),
                (plan, value) -> plan.withSupplies(set.apply(plan.supplies(), value)));
    }
}
