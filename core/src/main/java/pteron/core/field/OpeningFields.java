package pteron.core.field;

import java.util.List;
import pteron.core.opening.OpeningStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.PlanKeys;

/** Fields of doors and windows. */
final class OpeningFields {

    private OpeningFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        Fields<BoxPlan> fields = Fields.at(OpeningStation.OPENINGS);
        for (Opening opening : plan.openings()) {
            String id = opening.id();
            Fields<Opening> one =
                    fields.part(p -> p.opening(id), (p, other) -> p.withOpening(id, old -> other));
            opening(PlanKeys.opening(id) + ".", opening.name() + ", ", one);
        }
        return fields.numbers();
    }

    private static void opening(String key, String name, Fields<Opening> opening) {
        opening.part(Opening::place, Opening::withPlace)
                .mm(
                        key + "along",
                        name + "from the front or left",
                        Place::alongMm,
                        (place, v) -> new Place(v, place.sillMm()))
                .mm(
                        key + "sill",
                        name + "over the floor",
                        Place::sillMm,
                        (place, v) -> new Place(place.alongMm(), v));
        opening.part(Opening::size, Opening::withSize)
                .mm(
                        key + "width",
                        name + "cut-out width",
                        Size::widthMm,
                        (size, v) -> new Size(v, size.heightMm()))
                .mm(
                        key + "height",
                        name + "cut-out height",
                        Size::heightMm,
                        (size, v) -> new Size(size.widthMm(), v));
        opening.mm(key + "play", name + "play each side", Opening::playMm, Opening::withPlay)
                .kg(key + "mass", name + "mass", Opening::massKg, Opening::withMass);
    }
}
