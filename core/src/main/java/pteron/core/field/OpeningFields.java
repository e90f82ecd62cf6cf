package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.opening.OpeningStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.quantity.Unit;

/** Fields of doors and windows. */
final class OpeningFields {

    private OpeningFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        List<NumberField> fields = new ArrayList<>();
        for (Opening opening : plan.openings()) {
            Maker maker = new Maker(opening.id(), opening.name());
            fields.add(
                    maker.mm(
                            "along",
                            "from the front or left",
                            o -> o.place().alongMm(),
                            (o, v) -> o.withPlace(new Place(v, o.place().sillMm()))));
            fields.add(
                    maker.mm(
                            "sill",
                            "over the floor",
                            o -> o.place().sillMm(),
                            (o, v) -> o.withPlace(new Place(o.place().alongMm(), v))));
            fields.add(
                    maker.mm(
                            "width",
                            "cut-out width",
                            o -> o.size().widthMm(),
                            (o, v) -> o.withSize(new Size(v, o.size().heightMm()))));
            fields.add(
                    maker.mm(
                            "height",
                            "cut-out height",
                            o -> o.size().heightMm(),
                            (o, v) -> o.withSize(new Size(o.size().widthMm(), v))));
            fields.add(maker.mm("play", "play each side", Opening::playMm, Opening::withPlay));
            fields.add(maker.of("mass", "mass", Unit.KILOGRAM, Opening::massKg, Opening::withMass));
        }
        return fields;
    }

    private record Maker(String id, String name) {

        NumberField mm(
                String key,
                String words,
                ToDoubleFunction<Opening> get,
                BiFunction<Opening, Double, Opening> set) {
            return of(key, words, Unit.MILLIMETRE, get, set);
        }

        NumberField of(
                String key,
                String words,
                Unit unit,
                ToDoubleFunction<Opening> get,
                BiFunction<Opening, Double, Opening> set) {
            return new NumberField(
                    "opening." + id + "." + key,
                    OpeningStation.OPENINGS,
                    name + ", " + words,
                    unit,
                    plan -> get.applyAsDouble(plan.opening(id)),
                    (plan, value) -> plan.withOpening(id, opening -> set.apply(opening, value)));
        }
    }
}
