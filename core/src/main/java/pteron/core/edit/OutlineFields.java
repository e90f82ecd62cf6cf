package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.Unit;

/** Fields of the box's shape and place. */
final class OutlineFields {

    private OutlineFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        List<NumberField> fields = new ArrayList<>();
        fields.add(
                field("box.length", "Length of the box", BoxEdits::length, BoxEdits::withLength));
        fields.add(
                field(
                        "box.height",
                        "Height over the deck",
                        BoxEdits::height,
                        BoxEdits::withHeight));
        fields.add(
                field(
                        "box.width",
                        "Outside width",
                        p -> p.box().widthMm(),
                        (p, v) -> p.withBox(p.box().withWidth(v))));
        fields.add(
                field(
                        "box.offset",
                        "Front face behind the deck's front",
                        p -> p.box().offsetMm(),
                        (p, v) -> p.withBox(p.box().withOffset(v))));
        for (int i = 0; i < plan.box().outline().size(); i++) {
            fields.add(along(i));
            fields.add(height(i));
        }
        return fields;
    }

    private static OutlinePoint corner(BoxPlan plan, int index) {
        return plan.box().outline().get(index);
    }

    private static NumberField along(int i) {
        return field(
                "outline." + i + ".x",
                "Corner " + (i + 1) + " behind the front face",
                p -> corner(p, i).xMm(),
                (p, v) -> BoxEdits.withCorner(p, i, new OutlinePoint(v, corner(p, i).zMm())));
    }

    private static NumberField height(int i) {
        return field(
                "outline." + i + ".z",
                "Corner " + (i + 1) + " over the deck",
                p -> corner(p, i).zMm(),
                (p, v) -> BoxEdits.withCorner(p, i, new OutlinePoint(corner(p, i).xMm(), v)));
    }

    private static NumberField field(
            String key,
            String name,
            ToDoubleFunction<BoxPlan> get,
            BiFunction<BoxPlan, Double, BoxPlan> set) {
        return new NumberField(key, "outline", name, Unit.MILLIMETRE, get, set);
    }
}
