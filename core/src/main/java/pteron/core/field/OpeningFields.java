package pteron.core.field;

import pteron.core.opening.OpeningStation;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.PlanKeys;
import pteron.core.plan.Wall;

/** Fields of doors and windows. */
final class OpeningFields {

    private OpeningFields() {}

    static Fields<BoxPlan> of(BoxPlan plan) {
        Fields<BoxPlan> fields = Fields.at(OpeningStation.OPENINGS);
        for (Opening opening : plan.openings()) {
            String id = opening.id();
            Fields<Opening> one =
                    fields.part(p -> p.opening(id), (p, other) -> p.withOpening(id, old -> other));
            boolean across = WallRoom.isAcross(plan, opening.wall());
            if (plan.found().isPresent() || opening.isThere()) {
                one.choice(
                        PlanKeys.opening(id) + ".source",
                        opening.name() + ", unit",
                        Opening.Source.values(),
                        Opening::source,
                        Opening::withSource);
            }
            opening(PlanKeys.opening(id) + ".", opening.name() + ", ", one, words(opening, across));
        }
        return fields;
    }

    /** What the two places of an opening are counted from. */
    private record Words(String along, String up, String width, String height) {

        /** An opening whose width runs along its wall. */
        private Words(String along, String up) {
            this(along, up, "cut-out width", "cut-out height");
        }
    }

    private static Words words(Opening opening, boolean across) {
        if (across) {
            boolean level = opening.wall().part() == Wall.Part.ROOF;
            return level
                    ? new Words("from front end of roof", "from left side")
                    : new Words(
                            "from start of piece",
                            "from left side",
                            "cut-out height, along the bend",
                            "cut-out width");
        }
        if (opening.wall().isSide()) {
            return new Words("from front of box", "above floor");
        }
        boolean floor = opening.wall().standsOnFloor();
        return new Words("from left side", floor ? "above floor" : "above its lower edge");
    }

    private static void opening(String key, String name, Fields<Opening> opening, Words words) {
        opening.part(Opening::place, Opening::withPlace)
                .mm(
                        key + "along",
                        name + words.along(),
                        Place::alongMm,
                        (place, v) -> new Place(v, place.sillMm()))
                .mm(
                        key + "sill",
                        name + words.up(),
                        Place::sillMm,
                        (place, v) -> new Place(place.alongMm(), v));
        opening.part(Opening::size, Opening::withSize)
                .mm(
                        key + "width",
                        name + words.width(),
                        Size::widthMm,
                        (size, v) -> new Size(v, size.heightMm()))
                .mm(
                        key + "height",
                        name + words.height(),
                        Size::heightMm,
                        (size, v) -> new Size(size.widthMm(), v));
        opening.mm(
                        key + "play",
                        name + "fitting gap, each side",
                        Opening::playMm,
                        Opening::withPlay)
                .kg(key + "mass", name + "mass", Opening::massKg, Opening::withMass);
    }
}
