package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.carrier.CarrierStation;
import pteron.core.carrier.Regions;
import pteron.core.makeup.MakeUpStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.plan.Climate.Air;
import pteron.core.plan.RoadLimits;
import pteron.core.quantity.Unit;

/** Fields of road, shop and weather. */
final class SurroundingFields {

    private SurroundingFields() {}

    static List<NumberField> numbers() {
        List<NumberField> fields = new ArrayList<>();
        fields.add(limit("road.width", "Legal width", RoadLimits::widthMm, RoadLimits::withWidth));
        fields.add(
                limit("road.height", "Legal height", RoadLimits::heightMm, RoadLimits::withHeight));
        fields.add(
                limit("road.length", "Legal length", RoadLimits::lengthMm, RoadLimits::withLength));
        fields.add(
                limit(
                        "shop.door",
                        "Height of the shop door",
                        RoadLimits::shopDoorMm,
                        RoadLimits::withShopDoor));
        fields.add(
                limit(
                        "roof.load",
                        "Highest thing on the roof",
                        RoadLimits::onRoofMm,
                        RoadLimits::withOnRoof));
        fields.add(
                climate(
                        "inside.temperature",
                        "Air inside",
                        Unit.CELSIUS,
                        c -> c.inside().celsius(),
                        (c, v) -> c.withInside(new Air(v, c.inside().humidityPercent()))));
        fields.add(
                climate(
                        "inside.humidity",
                        "Humidity inside",
                        Unit.PERCENT,
                        c -> c.inside().humidityPercent(),
                        (c, v) -> c.withInside(new Air(c.inside().celsius(), v))));
        fields.add(
                climate(
                        "outside.temperature",
                        "Air outside",
                        Unit.CELSIUS,
                        c -> c.outside().celsius(),
                        (c, v) -> c.withOutside(new Air(v, c.outside().humidityPercent()))));
        fields.add(
                climate(
                        "outside.humidity",
                        "Humidity outside",
                        Unit.PERCENT,
                        c -> c.outside().humidityPercent(),
                        (c, v) -> c.withOutside(new Air(c.outside().celsius(), v))));
        fields.add(
                climate(
                        "air.changes",
                        "Air changes in an hour",
                        Unit.RATIO,
                        Climate::airChangesPerHour,
                        Climate::withAirChanges));
        fields.add(
                climate(
                        "people",
                        "People inside at night",
                        Unit.RATIO,
                        Climate::people,
                        Climate::withPeople));
        fields.add(
                climate(
                        "hours",
                        "Hours of the night",
                        Unit.HOUR,
                        Climate::hours,
                        Climate::withHours));
        return fields;
    }

    static List<ChoiceField> choices() {
        return List.of(
                new ChoiceField(
                        "road.region",
                        CarrierStation.CARRIER,
                        "Road rules of",
                        Regions.all().stream().map(Regions.Region::name).toList(),
                        plan -> plan.limits().region(),
                        (plan, name) -> plan.withLimits(Regions.named(name).in(plan.limits()))));
    }

    private static NumberField limit(
            String key,
            String name,
            ToDoubleFunction<RoadLimits> get,
            BiFunction<RoadLimits, Double, RoadLimits> set) {
        return new NumberField(
                key,
                CarrierStation.CARRIER,
                name,
                Unit.MILLIMETRE,
                (BoxPlan plan) -> get.applyAsDouble(plan.limits()),
                (plan, value) -> plan.withLimits(set.apply(plan.limits(), value)));
    }

    private static NumberField climate(
            String key,
            String name,
            Unit unit,
            ToDoubleFunction<Climate> get,
            BiFunction<Climate, Double, Climate> set) {
        return new NumberField(
                key,
                MakeUpStation.MAKE_UP,
                name,
                unit,
                (BoxPlan plan) -> get.applyAsDouble(plan.climate()),
                (plan, value) -> plan.withClimate(set.apply(plan.climate(), value)));
    }
}
