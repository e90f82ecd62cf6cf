package pteron.core.carrier;

import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.outline.OutlineStation;
import pteron.core.quantity.Quantity;

/** How high, long and wide carrier and box are, and how one gets in. */
final class SizeFigures {

    private static final String BOX_HEIGHT = OutlineStation.OUTLINE.figure("height");

    private final Standing standing;
    private final Carrier carrier;
    private final FigureList figures = new FigureList(CarrierStation.CARRIER);

    private SizeFigures(Standing standing) {
        this.standing = standing;
        this.carrier = standing.carrier();
    }

    static List<Figure> of(Standing standing) {
        SizeFigures all = new SizeFigures(standing);
        all.heights();
        all.standing();
        all.door();
        all.floor();
        all.lengths();
        all.width();
        all.tail();
        all.standing.departure().ifPresent(all::departure);
        all.steps();
        return all.figures.list();
    }

    private Quantity deck() {
        return Quantity.mm(carrier.vehicle().deck().heightMm());
    }

    private Quantity crown() {
        return Quantity.mm(standing.crownMm());
    }

    private void heights() {
        Quantity raised = Quantity.mm(carrier.raisedMm());
        Quantity roof = Quantity.mm(standing.plan().limits().onRoofMm());
        Quantity box = Quantity.mm(standing.outline().heightMm());
        figures.add(
                "overall-height",
                "Overall height",
                Quantity.mm(standing.overallHeightMm()),
                () ->
                        Working.of("H = deck + sub-frame + box + crown + roof load")
                                .plan("deck", "height of the deck", deck())
                                .plan("sub-frame", "under the box", raised)
                                .worked(
                                        "box",
                                        "height of the box over its underside",
                                        box,
                                        BOX_HEIGHT)
                                .plan("crown", "roof crown", crown())
                                .plan("roof load", "roof equipment", roof)
                                .source("geometry"));
    }

    private void standing() {
        Quantity roof = Quantity.mm(standing.plan().limits().onRoofMm());
        Quantity box = Quantity.mm(standing.outline().heightMm());
        figures.add(
                "box-height",
                "Box height off the carrier",
                Quantity.mm(standing.boxHeightMm()),
                () ->
                        Working.of("h = box + crown + drop + roof load")
                                .worked(
                                        "box",
                                        "height of the box over its underside",
                                        box,
                                        BOX_HEIGHT)
                                .plan(
                                        "drop",
                                        "dropped floor",
                                        Quantity.mm(standing.outline().dropMm()))
                                .plan("crown", "roof crown", crown())
                                .plan("roof load", "roof equipment", roof)
                                .source("geometry; jacks or blocks come on top"));
    }

    private void door() {
        Quantity door = Quantity.mm(standing.plan().limits().shopDoorMm());
        figures.addAtMost(
                "door-margin",
                "Clearance under shop door",
                Quantity.mm(door.value() - standing.overallHeightMm()),
                () ->
                        Working.of("left = door − H")
                                .plan("door", "height of the shop's door", door)
                                .worked(
                                        "H",
                                        "overall height",
                                        Quantity.mm(standing.overallHeightMm()),
                                        CarrierStation.CARRIER.figure("overall-height"))
                                .source("geometry; tyres pumped, nothing loaded"));
    }

    private void floor() {
        Quantity raised = Quantity.mm(carrier.raisedMm());
        figures.add(
                "floor-height",
                "Floor height above ground",
                Quantity.mm(standing.floorHeightMm()),
                () ->
                        Working.of("step = deck + sub-frame + floor")
                                .plan("deck", "height of the deck", deck())
                                .plan("sub-frame", "under the box", raised)
                                .worked(
                                        "floor",
                                        "bearers, sandwich and finish",
                                        Quantity.mm(standing.plan().floorMm()),
                                        MakeUpStation.MAKE_UP.figure("floor-thickness"))
                                .source("geometry"));
    }

    private void lengths() {
        Quantity from = Quantity.mm(standing.lengthwise().fromU());
        Quantity to = Quantity.mm(standing.lengthwise().toU());
        figures.add(
                "overall-length",
                "Overall length",
                Quantity.mm(to.value() - from.value()),
                () ->
                        Working.of("L = last − first")
                                .worked("first", "foremost place", from, this::foremost)
                                .worked("last", "rearmost place", to, this::rearmost)
                                .source(
                                        "geometry; a truck is taken to reach 900 mm ahead of its front axle, common practice"));
    }

    private Working foremost() {
        return Working.of("foremost of carrier and box")
                .plan(
                        "support",
                        carrier.front().name() + " behind the box's front face",
                        Quantity.mm(carrier.front().placeMm()))
                .plan("box", "front of the outline", Quantity.mm(standing.outline().foremostMm()))
                .source("geometry; ahead of a truck's front axle stand 900 mm, common practice");
    }

    private Working rearmost() {
        return Working.of("rearmost of deck and box with its overhang")
                .plan("deck", "rear end of the deck", Quantity.mm(carrier.deckRearMm()))
                .plan("box", "rear of the outline", Quantity.mm(standing.outline().rearmostMm()))
                .plan(
                        "overhang",
                        "of the roof at the rear",
                        Quantity.mm(standing.plan().box().details().overhang().rearMm()))
                .source("geometry");
    }

    private void width() {
        figures.add(
                "overall-width",
                "Overall width",
                Quantity.mm(standing.widthMm()),
                () ->
                        Working.of(
                                        "B = greatest of box with its overhangs, deck, wheels beside the deck")
                                .plan(
                                        "W",
                                        "width of the box",
                                        Quantity.mm(standing.plan().box().widthMm()))
                                .plan(
                                        "deck",
                                        "width",
                                        Quantity.mm(carrier.vehicle().deck().widthMm()))
                                .source("geometry; mirrors and lamps left out"));
    }

    private void tail() {
        Quantity to = Quantity.mm(standing.lengthwise().toU());
        figures.add(
                "rear-overhang",
                "Overhang behind the rear axles",
                Quantity.mm(standing.rearOverhangMm()),
                () ->
                        Working.of("overhang = last − axles")
                                .worked("last", "rearmost place", to, this::rearmost)
                                .plan(
                                        "axles",
                                        "middle of " + carrier.rear().name(),
                                        Quantity.mm(carrier.rear().placeMm()))
                                .source("geometry"));
    }

    private void departure(Departure departure) {
        figures.add(
                "departure-angle",
                "Departure angle",
                Quantity.degrees(departure.angleDegrees()),
                () ->
                        Working.of("d · sin a + (r − h) · cos a = r")
                                .worked(
                                        "d",
                                        "rearmost place behind the last axle",
                                        Quantity.mm(departure.behindMm()),
                                        this::behindTheWheel)
                                .worked(
                                        "h",
                                        "its height over the ground",
                                        Quantity.mm(departure.heightMm()),
                                        this::lowest)
                                .plan("r", "radius of the wheel", Quantity.mm(departure.radiusMm()))
                                .source("SAE J1100; value not yet checked; solved for a"));
    }

    private Working behindTheWheel() {
        return Working.of("d = last − axle")
                .worked(
                        "last",
                        "rearmost place",
                        Quantity.mm(standing.lengthwise().toU()),
                        this::rearmost)
                .plan("axle", "last axle", Quantity.mm(carrier.axlesMm().getLast()))
                .source("geometry");
    }

    private Working lowest() {
        return Working.of("h = lower of the rails and a dropped floor")
                .plan("deck", "height of the deck", deck())
                .plan(
                        "rail",
                        "depth of the rails",
                        Quantity.mm(carrier.vehicle().steel().rail().depthMm()))
                .plan("drop", "dropped floor", Quantity.mm(standing.outline().dropMm()))
                .source("geometry");
    }

    private void steps() {
        Steps steps = Steps.to(standing.floorHeightMm(), Steps.HIGHEST_RISER_MM);
        Supplier<Working> working =
                () ->
                        Working.of("n = ceil(h / most), riser = h / n")
                                .worked(
                                        "h",
                                        "floor height above ground",
                                        Quantity.mm(standing.floorHeightMm()),
                                        CarrierStation.CARRIER.figure("floor-height"))
                                .standard(
                                        "most",
                                        "highest riser",
                                        Quantity.mm(Steps.HIGHEST_RISER_MM))
                                .source("common practice: 9 in with hands full");
        figures.add("steps", "Steps up to the floor", Quantity.count(steps.count()), working);
        figures.add("step-height", "Height of each step", Quantity.mm(steps.riserMm()), working);
    }
}
