package pteron.core.carrier;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;
import pteron.core.vehicle.Solid;

/** Room between the box and what it may hit: solids, the cab and its window. */
final class ClearanceFigures {

    private final Standing standing;
    private final Carrier carrier;
    private final FigureList figures = new FigureList(CarrierStation.CARRIER);

    private ClearanceFigures(Standing standing) {
        this.standing = standing;
        this.carrier = standing.carrier();
    }

    static List<Figure> of(Standing standing) {
        ClearanceFigures all = new ClearanceFigures(standing);
        all.clearances();
        all.cab();
        return all.figures.list();
    }

    private void clearances() {
        double needed = standing.neededRaiseMm();
        figures.addAtLeast(
                "floor-needed",
                "Sub-frame height to clear obstructions",
                Quantity.mm(needed),
                () ->
                        Working.of("sub-frame = highest solid under the box + 10")
                                .standard("10", "room over it", Quantity.mm(Clearances.OVER_MM))
                                .source(
                                        "geometry; 10 mm is common practice; 0 where nothing sticks up"));
        int number = 1;
        for (Clearance clearance : carrier.clearances()) {
            Solid solid = clearance.solid();
            Working.Builder working = gap(clearance);
            figures.add(
                    "clearance." + number,
                    "Clearance to " + solid.name() + (solid.mirrored() ? ", each side" : ""),
                    Quantity.mm(clearance.gapMm()),
                    () -> working.source("geometry; the solid is the upright box round it"));
            number++;
        }
    }

    private Working.Builder gap(Clearance clearance) {
        Solid solid = clearance.solid();
        return clearance.way() == Clearance.Way.SIDEWAYS
                ? Working.of("gap = solid − W / 2, on each side")
                        .plan(
                                "solid",
                                "its inner face from the middle",
                                Quantity.mm(solid.across().fromMm()))
                        .plan("W", "width of the box", Quantity.mm(standing.plan().box().widthMm()))
                : Working.of("gap = least distance of the outline to the solid")
                        .plan(
                                "along",
                                "solid from the deck's front",
                                Quantity.mm(solid.along().fromMm()))
                        .plan("top", "solid above the deck", Quantity.mm(solid.up().toMm()));
    }

    private void cab() {
        standing.cabGap()
                .ifPresent(
                        gap -> {
                            behind(gap);
                            if (gap.reachesOver()) {
                                over(gap);
                            }
                            window();
                        });
    }

    private Quantity moves() {
        return Quantity.degrees(carrier.vehicle().cab().orElseThrow().frameMovesDegrees());
    }

    private void behind(CabGap gap) {
        figures.add(
                "cab-gap",
                "Clearance behind the cab",
                Quantity.mm(gap.behindMm()),
                () ->
                        Working.of("needed = roof · tan(moves) + 25")
                                .plan("moves", "movement of the frame", moves())
                                .worked(
                                        "needed",
                                        "room that it needs",
                                        Quantity.mm(gap.behindNeedsMm()),
                                        () ->
                                                needed(
                                                        carrier.vehicle()
                                                                .cab()
                                                                .orElseThrow()
                                                                .roofMm()))
                                .source("geometry; 25 mm is common practice"));
    }

    private void over(CabGap gap) {
        figures.add(
                "cab-roof-gap",
                "Clearance above the cab roof",
                Quantity.mm(gap.overMm()),
                () ->
                        Working.of("needed = (reach + W / 2) · tan(moves) + 25")
                                .worked(
                                        "reach",
                                        "box ahead of the cab's back wall",
                                        Quantity.mm(gap.aheadMm()),
                                        this::reach)
                                .plan("moves", "movement of the frame", moves())
                                .worked(
                                        "needed",
                                        "room that it needs",
                                        Quantity.mm(gap.overNeedsMm()),
                                        () ->
                                                needed(
                                                        gap.aheadMm()
                                                                + standing.plan().box().widthMm()
                                                                        / 2))
                                .source(
                                        "geometry, pitch and twist added; 25 mm is common practice"));
    }

    private Working needed(double arm) {
        return Working.of("needed = arm · tan(moves) + 25")
                .plan("arm", "how far from where it turns, from the plan", Quantity.mm(arm))
                .plan("moves", "movement of the frame", moves())
                .standard("25", "room that stays", Quantity.mm(CabGap.REST_MM))
                .source("geometry; 25 mm is common practice");
    }

    private Working reach() {
        return Working.of("reach = back wall of the cab − front of the box over it")
                .plan(
                        "gap",
                        "cab's back wall ahead of the deck",
                        Quantity.mm(carrier.vehicle().cab().orElseThrow().gapMm()))
                .plan("front", "front of the outline", Quantity.mm(standing.outline().foremostMm()))
                .source("geometry");
    }

    private void window() {
        if (carrier.vehicle().cab().orElseThrow().window().exists()) {
            figures.add(
                    "cab-window",
                    "Cab window overlap",
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
