package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Solid;

/** What the carrier measures and leaves. */
final class CarrierFigures {

    private final Standing standing;
    private final Carrier carrier;
    private final List<Figure> figures = new ArrayList<>();

    private CarrierFigures(Standing standing) {
        this.standing = standing;
        this.carrier = standing.carrier();
    }

    static List<Figure> of(Standing standing) {
        CarrierFigures all = new CarrierFigures(standing);
        all.weights();
        all.heights();
        all.lengths();
        all.steps();
        if (standing.outline().usable()) {
            carrierGaps(all);
        }
        return all.figures;
    }

    private static void carrierGaps(CarrierFigures all) {
        all.clearances();
        all.cab();
    }

    private void add(String key, String name, Quantity value, Supplier<Working> working) {
        figures.add(Figure.of("carrier." + key, name, value, working));
    }

    private String state() {
        Weighed weighed = carrier.vehicle().gear().weighed();
        String source = weighed.source() == Weighed.Source.SCALES ? "weighed on scales" : "typed";
        return carrier.vehicle().cab().isEmpty()
                ? source
                : "%s, tank at %.0f %%, %s"
                        .formatted(
                                source,
                                weighed.fuelPercent(),
                                weighed.driverAboard() ? "driver aboard" : "nobody aboard");
    }

    private void weights() {
        Quantity gross = Quantity.kg(carrier.vehicle().gear().grossKg());
        Quantity empty = Quantity.kg(carrier.vehicle().emptyKg());
        Working.Builder payload =
                Working.of("payload = G − m")
                        .plan("G", "gross rating", gross)
                        .plan("m", "empty mass, " + state(), empty);
        if (carrier.vehicle() instanceof Pickup pickup) {
            payload.plan("sticker", "no more than the sticker", Quantity.kg(pickup.payloadKg()));
        }
        add(
                "payload",
                "Payload of the bare carrier",
                Quantity.kg(standing.payloadKg()),
                () -> payload.source("common practice; what the plate says governs"));
        Support front = carrier.front();
        Support rear = carrier.rear();
        Working.Builder axles = Working.of("axles = sum of what each carries");
        int number = 1;
        for (Axle axle : carrier.vehicle().gear().axles()) {
            axles.plan("m" + number, "axle " + number, Quantity.kg(axle.emptyKg()));
            number++;
        }
        add(
                "empty-axles",
                "Load on the axles, empty",
                Quantity.kg(carrier.vehicle().gear().emptyKg()),
                () -> axles.source(state()));
        add(
                "empty-centre",
                "Where the empty carrier's weight sits",
                Quantity.mm(carrier.emptyCentreMm()),
                () ->
                        Working.of("x = (f · xf + r · xr) / (f + r)")
                                .plan("f", front.name() + ", empty", Quantity.kg(front.emptyKg()))
                                .plan("r", rear.name() + ", empty", Quantity.kg(rear.emptyKg()))
                                .worked("xf", front.name(), Quantity.mm(front.placeMm()))
                                .worked(
                                        "xr",
                                        "middle of " + rear.name(),
                                        Quantity.mm(rear.placeMm()))
                                .source("equilibrium; from the box's front face"));
    }

    private Quantity deck() {
        return Quantity.mm(carrier.vehicle().deck().heightMm());
    }

    private void heights() {
        Quantity raised = Quantity.mm(carrier.raisedMm());
        Quantity roof = Quantity.mm(standing.plan().limits().onRoofMm());
        Quantity box = Quantity.mm(standing.outline().heightMm());
        add(
                "overall-height",
                "Height over the ground",
                Quantity.mm(standing.overallHeightMm()),
                () ->
                        Working.of("H = deck + sub-frame + box + roof load")
                                .plan("deck", "height of the deck", deck())
                                .plan("sub-frame", "under the box", raised)
                                .worked("box", "height of the box over its underside", box)
                                .plan("roof load", "highest thing on the roof", roof)
                                .source("geometry"));
        add(
                "box-height",
                "Height of the box standing by itself",
                Quantity.mm(standing.boxHeightMm()),
                () ->
                        Working.of("h = box + drop + roof load")
                                .worked("box", "height of the box over its underside", box)
                                .plan(
                                        "drop",
                                        "dropped floor",
                                        Quantity.mm(standing.outline().dropMm()))
                                .plan("roof load", "highest thing on the roof", roof)
                                .source("geometry; jacks or blocks come on top"));
        Quantity door = Quantity.mm(standing.plan().limits().shopDoorMm());
        add(
                "door-margin",
                "Left under the shop door",
                Quantity.mm(door.value() - standing.overallHeightMm()),
                () ->
                        Working.of("left = door − H")
                                .plan("door", "height of the shop's door", door)
                                .worked(
                                        "H",
                                        "height over the ground",
                                        Quantity.mm(standing.overallHeightMm()))
                                .source("geometry; tyres pumped, nothing loaded"));
        add(
                "floor-height",
                "Floor over the ground",
                Quantity.mm(standing.floorHeightMm()),
                () ->
                        Working.of("step = deck + sub-frame + floor")
                                .plan("deck", "height of the deck", deck())
                                .plan("sub-frame", "under the box", raised)
                                .worked(
                                        "floor",
                                        "bearers, sandwich and finish",
                                        Quantity.mm(standing.plan().makeUp().floor().heightMm()))
                                .source("geometry"));
    }

    private void lengths() {
        Quantity from = Quantity.mm(standing.lengthwise().fromU());
        Quantity to = Quantity.mm(standing.lengthwise().toU());
        add(
                "overall-length",
                "Length of vehicle and box",
                Quantity.mm(to.value() - from.value()),
                () ->
                        Working.of("L = last − first")
                                .worked("first", "foremost place", from)
                                .worked("last", "rearmost place", to)
                                .source(
                                        "geometry; a truck is taken to reach 900 mm ahead of its front axle, common practice"));
        add(
                "overall-width",
                "Width of vehicle and box",
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
        add(
                "rear-overhang",
                "Overhang behind the rear axles",
                Quantity.mm(standing.rearOverhangMm()),
                () ->
                        Working.of("overhang = last − axles")
                                .worked("last", "rearmost place", to)
                                .worked(
                                        "axles",
                                        "middle of " + carrier.rear().name(),
                                        Quantity.mm(carrier.rear().placeMm()))
                                .source("geometry"));
        standing.departure()
                .ifPresent(
                        departure ->
                                add(
                                        "departure-angle",
                                        "Departure angle",
                                        Quantity.degrees(departure.angleDegrees()),
                                        () ->
                                                Working.of("d · sin a + (r − h) · cos a = r")
                                                        .worked(
                                                                "d",
                                                                "rearmost place behind the last axle",
                                                                Quantity.mm(departure.behindMm()))
                                                        .worked(
                                                                "h",
                                                                "its height over the ground",
                                                                Quantity.mm(departure.heightMm()))
                                                        .plan(
                                                                "r",
                                                                "radius of the wheel",
                                                                Quantity.mm(departure.radiusMm()))
                                                        .source(
                                                                "SAE J1100, from memory; solved for a")));
    }

    private void steps() {
        Steps steps = Steps.to(standing.floorHeightMm(), Steps.HIGHEST_RISER_MM);
        Supplier<Working> working =
                () ->
                        Working.of("n = ceil(h / most), riser = h / n")
                                .worked(
                                        "h",
                                        "floor over the ground",
                                        Quantity.mm(standing.floorHeightMm()))
                                .standard(
                                        "most",
                                        "highest riser",
                                        Quantity.mm(Steps.HIGHEST_RISER_MM))
                                .source("common practice: 9 in with hands full");
        add("steps", "Steps up to the floor", Quantity.count(steps.count()), working);
        add("step-height", "Height of each step", Quantity.mm(steps.riserMm()), working);
    }

    private void clearances() {
        double needed = standing.neededRaiseMm();
        add(
                "floor-needed",
                "Least sub-frame over what sticks up",
                Quantity.mm(needed),
                () ->
                        Working.of("sub-frame = highest solid under the box + 10")
                                .standard("10", "room over it", Quantity.mm(Clearances.OVER_MM))
                                .source(
                                        "geometry; 10 mm is common practice; 0 where nothing sticks up"));
        int number = 1;
        for (Clearance clearance : carrier.clearances()) {
            Solid solid = clearance.solid();
            Working.Builder working =
                    clearance.way() == Clearance.Way.SIDEWAYS
                            ? Working.of("gap = solid − W / 2, on each side")
                                    .plan(
                                            "solid",
                                            "its inner face from the middle",
                                            Quantity.mm(solid.across().fromMm()))
                                    .plan(
                                            "W",
                                            "width of the box",
                                            Quantity.mm(standing.plan().box().widthMm()))
                            : Working.of("gap = least distance of the outline to the solid")
                                    .plan(
                                            "along",
                                            "solid from the deck's front",
                                            Quantity.mm(solid.along().fromMm()))
                                    .plan(
                                            "top",
                                            "solid above the deck",
                                            Quantity.mm(solid.up().toMm()));
            add(
                    "clearance." + number,
                    "Room to " + solid.name() + (solid.mirrored() ? ", each side" : ""),
                    Quantity.mm(clearance.gapMm()),
                    () -> working.source("geometry; the solid is the upright box round it"));
            number++;
        }
    }

    private void cab() {
        standing.cabGap()
                .ifPresent(
                        gap -> {
                            Quantity moves =
                                    Quantity.degrees(
                                            carrier.vehicle()
                                                    .cab()
                                                    .orElseThrow()
                                                    .frameMovesDegrees());
                            add(
                                    "cab-gap",
                                    "Room behind the cab",
                                    Quantity.mm(gap.behindMm()),
                                    () ->
                                            Working.of("needed = roof · tan(moves) + 25")
                                                    .plan("moves", "movement of the frame", moves)
                                                    .worked(
                                                            "needed",
                                                            "room that it needs",
                                                            Quantity.mm(gap.behindNeedsMm()))
                                                    .source("geometry; 25 mm is common practice"));
                            if (gap.reachesOver()) {
                                add(
                                        "cab-roof-gap",
                                        "Room over the cab's roof",
                                        Quantity.mm(gap.overMm()),
                                        () ->
                                                Working.of(
                                                                "needed = (reach + W / 2) · tan(moves) + 25")
                                                        .worked(
                                                                "reach",
                                                                "box ahead of the cab's back wall",
                                                                Quantity.mm(gap.aheadMm()))
                                                        .plan(
                                                                "moves",
                                                                "movement of the frame",
                                                                moves)
                                                        .worked(
                                                                "needed",
                                                                "room that it needs",
                                                                Quantity.mm(gap.overNeedsMm()))
                                                        .source(
                                                                "geometry, pitch and twist added; 25 mm is common practice"));
                            }
                            window();
                        });
    }

    private void window() {
        if (carrier.vehicle().cab().orElseThrow().window().exists()) {
            add(
                    "cab-window",
                    "Share of the cab's window that is in line",
                    Quantity.ratio(standing.windowInLine()),
                    () ->
                            Working.of("share = common area / area of the cab's window")
                                    .plan(
                                            "width",
                                            "of the cab's window",
                                            Quantity.mm(
                                                    carrier.vehicle()
                                                            .cab()
                                                            .orElseThrow()
                                                            .window()
                                                            .widthMm()))
                                    .source("geometry; the largest window of the front wall"));
        }
    }
}
