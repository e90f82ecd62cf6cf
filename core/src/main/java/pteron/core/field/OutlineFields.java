package pteron.core.field;

import java.util.List;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.PlanKeys;

/** Fields of the box's shape and place. */
final class OutlineFields {

    private final Fields<BoxPlan> fields = Fields.at(OutlineStation.OUTLINE);
    private final Fields<Box> box = fields.part(BoxPlan::box, BoxPlan::withBox);

    private OutlineFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        OutlineFields all = new OutlineFields();
        all.box();
        for (int i = 0; i < plan.box().outline().size(); i++) {
            all.corner(i, plan.box().outline().size() - 1, plan.box().outline().get(i));
        }
        all.details(plan.box().details());
        return all.fields.numbers();
    }

    private void box() {
        fields.mm("box.length", "Length of the box", BoxEdits::length, BoxEdits::withLength)
                .mm("box.height", "Box height above deck", BoxEdits::height, BoxEdits::withHeight);
        box.mm("box.width", "Outside width", Box::widthMm, Box::withWidth)
                .mm(
                        "box.offset",
                        "Front of box, behind front of deck",
                        Box::offsetMm,
                        Box::withOffset)
                .mm("box.raised", "Sub-frame under the box", Box::raisedMm, Box::withRaised);
    }

    private static OutlinePoint point(BoxPlan plan, int index) {
        return plan.box().outline().get(index);
    }

    private static BoxPlan with(BoxPlan plan, int index, OutlinePoint other) {
        return plan.withBox(plan.box().withPoint(index, other));
    }

    private void corner(int i, int last, OutlinePoint corner) {
        String key = PlanKeys.corner(i);
        String name = "Corner " + (i + 1);
        fields.mm(
                key + ".x",
                name + " behind front of box",
                p -> point(p, i).xMm(),
                (p, v) -> BoxEdits.withCorner(p, i, v, point(p, i).zMm()));
        fields.mm(
                key + ".z",
                name + " above deck",
                p -> point(p, i).zMm(),
                (p, v) -> BoxEdits.withCorner(p, i, point(p, i).xMm(), v));
        if (i > 0 && i < last) {
            fields.mm(
                    key + ".fillet",
                    name + ", radius",
                    p -> point(p, i).filletMm(),
                    (p, v) -> OutlineTools.rounded(p, i, v));
        }
        for (int k = 0; k < corner.link().through().size(); k++) {
            spot(i, k);
        }
        if (corner.link() instanceof Batten) {
            batten(i, key);
        }
    }

    private void batten(int i, String key) {
        fields.mm(
                key + ".batten",
                "Batten before corner " + (i + 1) + ", thickness",
                p -> ((Batten) point(p, i).link()).thicknessMm(),
                (p, v) -> with(p, i, withThickness(point(p, i), v)));
    }

    private static OutlinePoint withThickness(OutlinePoint point, double thicknessMm) {
        Batten old = (Batten) point.link();
        return point.withLink(new Batten(old.spots(), thicknessMm, old.timber()));
    }

    private void spot(int i, int k) {
        String key = PlanKeys.spot(i, k);
        String name = "Point " + (k + 1) + " before corner " + (i + 1);
        fields.mm(
                key + ".x",
                name + " behind front of box",
                p -> spot(p, i, k).xMm(),
                (p, v) -> BoxEdits.withSpot(p, i, k, new Spot(v, spot(p, i, k).zMm())));
        fields.mm(
                key + ".z",
                name + " above deck",
                p -> spot(p, i, k).zMm(),
                (p, v) -> BoxEdits.withSpot(p, i, k, new Spot(spot(p, i, k).xMm(), v)));
    }

    private static Spot spot(BoxPlan plan, int corner, int spot) {
        return point(plan, corner).link().through().get(spot);
    }

    private void details(BoxDetails now) {
        Fields<BoxDetails> details = box.part(Box::details, Box::withDetails);
        details.part(BoxDetails::dropFloor, BoxDetails::withDropFloor)
                .mm(
                        "drop-floor.from",
                        "Dropped floor, behind front of box",
                        DropFloor::fromMm,
                        (drop, v) -> new DropFloor(v, drop.depthMm()));
        fields.mm(
                "drop-floor.depth",
                "Dropped floor, depth",
                p -> p.box().details().dropFloor().depthMm(),
                OutlineFields::withDrop);
        details.mm("box.crown", "Roof crown", BoxDetails::crownMm, BoxDetails::withCrown);
        wings(details.part(BoxDetails::wings, BoxDetails::withWings));
        overhang(details.part(BoxDetails::overhang, BoxDetails::withOverhang));
        Fields<List<WheelArch>> arches =
                details.part(BoxDetails::wheelArches, BoxDetails::withWheelArches);
        for (int i = 0; i < now.wheelArches().size(); i++) {
            arch("arch." + i, "Wheel arch " + (i + 1) + ", ", arches.part(Lens.at(i)));
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

    private static void wings(Fields<Wings> wings) {
        wings.mm(
                        "wings.from",
                        "Wing height above underside",
                        Wings::fromMm,
                        (now, v) -> new Wings(now.lowerWidthMm(), v))
                .mm(
                        "wings.width",
                        "Outside width below the wings",
                        Wings::lowerWidthMm,
                        (now, v) -> new Wings(v, now.fromMm()));
    }

    private static void overhang(Fields<Overhang> overhang) {
        overhang.mm(
                        "overhang.front",
                        "Roof overhang, front",
                        Overhang::frontMm,
                        (o, v) -> new Overhang(v, o.rearMm(), o.sidesMm(), o.dripMm()))
                .mm(
                        "overhang.rear",
                        "Roof overhang, rear",
                        Overhang::rearMm,
                        (o, v) -> new Overhang(o.frontMm(), v, o.sidesMm(), o.dripMm()))
                .mm(
                        "overhang.sides",
                        "Roof overhang, each side",
                        Overhang::sidesMm,
                        (o, v) -> new Overhang(o.frontMm(), o.rearMm(), v, o.dripMm()))
                .mm(
                        "overhang.drip",
                        "Drip edge",
                        Overhang::dripMm,
                        (o, v) -> new Overhang(o.frontMm(), o.rearMm(), o.sidesMm(), v));
    }

    private static void arch(String key, String name, Fields<WheelArch> arch) {
        arch.mm(key + ".from", name + "behind front of box", WheelArch::fromMm, WheelArch::withFrom)
                .mm(key + ".length", name + "length", WheelArch::lengthMm, WheelArch::withLength)
                .mm(key + ".height", name + "height", WheelArch::heightMm, WheelArch::withHeight)
                .mm(
                        key + ".depth",
                        name + "depth into the box",
                        WheelArch::depthMm,
                        WheelArch::withDepth)
                .mm(
                        key + ".corner",
                        name + "corner radius",
                        WheelArch::cornerMm,
                        WheelArch::withCorner);
    }
}
