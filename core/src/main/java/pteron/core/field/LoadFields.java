package pteron.core.field;

import java.util.List;
import pteron.core.frame.FrameStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Loads;
import pteron.core.plan.ServiceClass;
import pteron.core.quantity.Unit;

/** Fields of loads. */
final class LoadFields {

    private LoadFields() {}

    static List<NumberField> numbers() {
        return loads().numbers();
    }

    static List<ChoiceField> choices() {
        return loads().choices();
    }

    private static Fields<Loads> loads() {
        return Fields.at(FrameStation.FRAME)
                .part(BoxPlan::loads, BoxPlan::withLoads)
                .number(
                        "wind.speed",
                        "Wind gust",
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
                        "Spread load on the floor",
                        Unit.NEWTON_PER_SQUARE_METRE,
                        Loads::floorLoad,
                        Loads::withFloorLoad)
                .choice(
                        "wood.service-class",
                        "Service class of timber",
                        ServiceClass.values(),
                        Loads::serviceClass,
                        Loads::withServiceClass);
    }
}
