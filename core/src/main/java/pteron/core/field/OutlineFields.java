package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import pteron.core.edit.BoxEdits;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.PlanKeys;
import pteron.core.quantity.Unit;

/** Fields of the box's shape and place. */
final class OutlineFields {

    private final List<NumberField> fields = new ArrayList<>();

    private OutlineFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        OutlineFields all = new OutlineFields();
        all.box();
        for (int i = 0; i < plan.box().outline().size(); i++) {
            all.corner(i, plan.box().outline().get(i));
        }
        all.details(plan.box().details());
        return all.fields;
    }

    private void add(
            String key,
            String name,
            ToDoubleFunction<BoxPlan> get,
            BiFunction<BoxPlan, Double, BoxPlan> set) {
        fields.add(new NumberField(key, OutlineStation.OUTLINE, name, Unit.MILLIMETRE, get, set));
    }

    private void box() {
        add("box.length", "Length of the box", BoxEdits::length, BoxEdits::withLength);
        add("box.height", "Height over the deck", BoxEdits::height, BoxEdits::withHeight);
        add(
                "box.width",
                "Outside width",
                p -> p.box().widthMm(),
                (p, v) -> p.withBox(p.box().withWidth(v)));
        add(
                "box.offset",
                "Front face behind the deck's front",
                p -> p.box().offsetMm(),
                (p, v) -> p.withBox(p.box().withOffset(v)));
        add(
                "box.raised",
                "Sub-frame under the box",
                p -> p.box().raisedMm(),
                (p, v) -> p.withBox(p.box().withRaised(v)));
    }

    private static OutlinePoint point(BoxPlan plan, int index) {
        return plan.box().outline().get(index);
    }

    private static BoxPlan with(BoxPlan plan, int index, OutlinePoint other) {
        return plan.withBox(plan.box().withPoint(index, other));
    }

    private void corner(int i, OutlinePoint corner) {
        String key = PlanKeys.corner(i);
        String name = "Corner " + (i + 1);
        add(
                key + ".x",
                name + " behind the front face",
                p -> point(p, i).xMm(),
                (p, v) -> BoxEdits.withCorner(p, i, v, point(p, i).zMm()));
        add(
                key + ".z",
                name + " over the deck",
                p -> point(p, i).zMm(),
                (p, v) -> BoxEdits.withCorner(p, i, point(p, i).xMm(), v));
        add(
                key + ".fillet",
                name + ", rounded by",
                p -> point(p, i).filletMm(),
                (p, v) -> with(p, i, point(p, i).withFillet(v)));
        for (int k = 0; k < corner.link().through().size(); k++) {
            spot(i, k);
        }
        if (corner.link() instanceof Batten) {
            add(
                    key + ".batten",
                    "Batten before corner " + (i + 1) + ", thickness",
                    p -> ((Batten) point(p, i).link()).thicknessMm(),
                    (p, v) -> with(p, i, withThickness(point(p, i), v)));
        }
    }

    private static OutlinePoint withThickness(OutlinePoint point, double thicknessMm) {
        Batten old = (Batten) point.link();
        return point.withLink(new Batten(old.spots(), thicknessMm, old.timber()));
    }

    private void spot(int i, int k) {
        String key = PlanKeys.spot(i, k);
        String name = "Spot " + (k + 1) + " before corner " + (i + 1);
        add(
                key + ".x",
                name + " behind the front face",
                p -> spot(p, i, k).xMm(),
                (p, v) -> BoxEdits.withSpot(p, i, k, new Spot(v, spot(p, i, k).zMm())));
        add(
                key + ".z",
                name + " over the deck",
                p -> spot(p, i, k).zMm(),
                (p, v) -> BoxEdits.withSpot(p, i, k, new Spot(spot(p, i, k).xMm(), v)));
    }

    private static Spot spot(BoxPlan plan, int corner, int spot) {
        return point(plan, corner).link().through().get(spot);
    }

    private void detail(
            String key,
            String name,
            ToDoubleFunction<BoxDetails> get,
            BiFunction<BoxDetails, Double, BoxDetails> set) {
        add(
                key,
                name,
                p -> get.applyAsDouble(p.box().details()),
                (p, v) -> {
                    Box box = p.box();
                    return p.withBox(box.withDetails(set.apply(box.details(), v)));
                });
    }

    private void details(BoxDetails details) {
        detail(
                "drop-floor.from",
                "Dropped floor behind the front face",
                d -> d.dropFloor().fromMm(),
                (d, v) -> d.withDropFloor(new DropFloor(v, d.dropFloor().depthMm())));
        add(
                "drop-floor.depth",
                "Dropped floor, depth",
                p -> p.box().details().dropFloor().depthMm(),
                OutlineFields::withDrop);
        overhang("front", "Roof over the front", Overhang::frontMm, 0);
        overhang("rear", "Roof over the rear", Overhang::rearMm, 1);
        overhang("sides", "Roof over each side", Overhang::sidesMm, 2);
        overhang("drip", "Drip edge", Overhang::dripMm, 3);
        for (int i = 0; i < details.wheelArches().size(); i++) {
            arch(i, "from", "behind the front face", WheelArch::fromMm, 0);
            arch(i, "length", "length", WheelArch::lengthMm, 1);
            arch(i, "height", "height", WheelArch::heightMm, 2);
            arch(i, "depth", "depth into the box", WheelArch::depthMm, 3);
            arch(i, "corner", "corner radius", WheelArch::cornerMm, 4);
        }
    }

    /** The rear foot stands on the dropped floor, so it goes with it. */
    private static BoxPlan withDrop(BoxPlan plan, double depthMm) {
        Box box = plan.box();
        BoxDetails details = box.details();
        int last = box.outline().size() - 1;
        OutlinePoint foot = box.outline().get(last);
        DropFloor drop = new DropFloor(details.dropFloor().fromMm(), depthMm);
        return plan.withBox(
                box.withPoint(last, foot.at(foot.xMm(), 0 - depthMm))
                        .withDetails(details.withDropFloor(drop)));
    }

    private void overhang(String key, String name, ToDoubleFunction<Overhang> get, int which) {
        detail(
                "overhang." + key,
                name,
                d -> get.applyAsDouble(d.overhang()),
                (d, v) -> {
                    Overhang o = d.overhang();
                    double[] all = {o.frontMm(), o.rearMm(), o.sidesMm(), o.dripMm()};
                    all[which] = v;
                    return d.withOverhang(new Overhang(all[0], all[1], all[2], all[3]));
                });
    }

    private void arch(
            int index, String key, String name, ToDoubleFunction<WheelArch> get, int which) {
        detail(
                "arch." + index + "." + key,
                "Wheel arch " + (index + 1) + ", " + name,
                d -> get.applyAsDouble(d.wheelArches().get(index)),
                (d, v) -> {
                    WheelArch a = d.wheelArches().get(index);
                    double[] all = {
                        a.fromMm(), a.lengthMm(), a.heightMm(), a.depthMm(), a.cornerMm()
                    };
                    all[which] = v;
                    List<WheelArch> arches = new ArrayList<>(d.wheelArches());
                    arches.set(index, new WheelArch(all[0], all[1], all[2], all[3], all[4]));
                    return d.withWheelArches(arches);
                });
    }
}
