package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
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
        List<NumberField> fields = new ArrayList<>(road().numbers());
        fields.addAll(climate().numbers());
        return fields;
    }

    static List<ChoiceField> choices() {
        return road().choices();
    }

    private static Fields<RoadLimits> road() {
        return Fields.at(CarrierStation.CARRIER)
                .part(BoxPlan::limits, BoxPlan::withLimits)
                .mm("road.width", "Legal width", RoadLimits::widthMm, RoadLimits::withWidth)
                .mm("road.height", "Legal height", RoadLimits::heightMm, RoadLimits::withHeight)
                .mm("road.length", "Legal length", RoadLimits::lengthMm, RoadLimits::withLength)
                .mm(
                        "shop.door",
                        "Shop door height",
                        RoadLimits::shopDoorMm,
                        RoadLimits::withShopDoor)
                .mm(
                        "roof.load",
                        "Roof equipment, height",
                        RoadLimits::onRoofMm,
                        RoadLimits::withOnRoof)
                .choice(
                        "road.region",
                        "Road rules",
                        Regions.all().stream().map(Regions.Region::name).toList(),
                        RoadLimits::region,
                        (limits, name) -> Regions.named(name).in(limits));
    }

    private static Fields<Climate> climate() {
        Fields<Climate> climate =
                Fields.at(MakeUpStation.MAKE_UP).part(BoxPlan::climate, BoxPlan::withClimate);
        air("inside", climate.part(Climate::inside, Climate::withInside));
        air("outside", climate.part(Climate::outside, Climate::withOutside));
        return climate.number(
                        "air.changes",
                        "Air changes per hour",
                        Unit.RATIO,
                        Climate::airChangesPerHour,
                        Climate::withAirChanges)
                .number(
                        "people",
                        "People inside at night",
                        Unit.RATIO,
                        Climate::people,
                        Climate::withPeople)
                .number(
                        "hours",
                        "Length of the night",
                        Unit.HOUR,
                        Climate::hours,
                        Climate::withHours);
    }

    private static void air(String where, Fields<Air> air) {
        air.number(
                where + ".temperature",
                "Air " + where,
                Unit.CELSIUS,
                Air::celsius,
                (one, v) -> new Air(v, one.humidityPercent()));
        air.number(
                where + ".humidity",
                "Humidity " + where,
                Unit.PERCENT,
                Air::humidityPercent,
                (one, v) -> new Air(one.celsius(), v));
    }
}
