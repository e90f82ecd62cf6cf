package pteron.core.outline;

import java.util.List;
import java.util.Optional;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.surface.Crown;

/** Areas, volume and centroid of the box from its outline. */
final class AreaFigures {

    private static final String SIDE_AREA = OutlineStation.OUTLINE.figure("side-area");

    private final Outline outline;
    private final Box box;
    private final FigureList figures = new FigureList(OutlineStation.OUTLINE);

    private AreaFigures(Outline outline, Box box) {
        this.outline = outline;
        this.box = box;
    }

    static List<Figure> of(Outline outline, Box box) {
        AreaFigures all = new AreaFigures(outline, box);
        all.side();
        all.across();
        all.centroid();
        return all.figures.list();
    }

    private void side() {
        Quantity area = new Quantity(outline.areaMm2() / 1e6, Unit.SQUARE_METRE);
        figures.add(
                "side-area",
                "Area of one side",
                area,
                () ->
                        Working.of("A = half the integral of x dz − z dx round the side")
                                .plan(
                                        "n",
                                        "corners of the outline",
                                        Quantity.count(box.outline().size()))
                                .source(
                                        "Green's theorem; the shoelace formula of Gauss for straight lines; wheel arches not taken off"));
        volume(area);
    }

    private void volume(Quantity area) {
        figures.add(
                "volume",
                "Outside volume",
                new Quantity(
                        outline.areaMm2() * box.widthMm() / 1e9 - archVolume() - underWings(),
                        Unit.CUBIC_METRE),
                () ->
                        Working.of("V = A · W − arches − room under the wings")
                                .worked("A", "area of one side", area, SIDE_AREA)
                                .plan("W", "outside width", Quantity.mm(box.widthMm()))
                                .worked(
                                        "arches",
                                        "room that wheel arches take on both sides",
                                        new Quantity(archVolume(), Unit.CUBIC_METRE),
                                        this::arches)
                                .worked(
                                        "wings",
                                        "room under the wings",
                                        new Quantity(underWings(), Unit.CUBIC_METRE),
                                        this::wings)
                                .source("geometry"));
    }

    private Working wings() {
        return Working.of("V = area of the side below the wings · (W − w)")
                .plan("W", "outside width", Quantity.mm(box.widthMm()))
                .plan("w", "outside width below", Quantity.mm(box.lowerWidthMm()))
                .plan("from", "height of the wings", Quantity.mm(box.details().wings().fromMm()))
                .source("geometry");
    }

    /** {@return room beside the box under its wings (m³)} */
    private double underWings() {
        return belowWingsMm2() * (box.widthMm() - box.lowerWidthMm()) / 1e9;
    }

    private double belowWingsMm2() {
        double from = box.details().wings().fromMm();
        if (from <= 0) {
            return 0;
        }
        Bounds2 all = outline.shape().bounds();
        Bounds2 below = new Bounds2(all.fromU(), all.toU(), all.fromV(), from);
        return outline.shape().polygon().sharedArea(Polygon2.rectangle(below));
    }

    private void across() {
        double narrower = box.widthMm() - box.lowerWidthMm();
        double front =
                box.widthMm() * (outline.heightMm() + outline.dropMm())
                        - narrower * box.details().wings().fromMm()
                        + crown().map(Crown::areaMm2).orElse(0.0);
        figures.add(
                "frontal-area",
                "Frontal area of the box",
                new Quantity(front / 1e6, Unit.SQUARE_METRE),
                this::frontalWorking);
        double strip =
                outline.elements().stream()
                        .mapToDouble(one -> one.lengthMm() * one.acrossMm(box))
                        .sum();
        figures.add(
                "strip-area",
                "Area of the wrap",
                new Quantity(strip / 1e6, Unit.SQUARE_METRE),
                this::stripWorking);
        crown().ifPresent(
                        crown ->
                                figures.add(
                                        "crown-width",
                                        "Width of the roof skin over its crown",
                                        Quantity.mm(crown.arcMm()),
                                        () -> crownWorking(crown)));
    }

    private Optional<Crown> crown() {
        return outline.elements().stream().flatMap(one -> one.crown(box).stream()).findFirst();
    }

    private static Working crownWorking(Crown crown) {
        return Working.of("b = 2 R asin(c / 2R), R = c² / 8r + r / 2")
                .plan("c", "outside width", Quantity.mm(crown.chordMm()))
                .plan("r", "roof crown", Quantity.mm(crown.riseMm()))
                .source("geometry of the circle; overhangs left out");
    }

    private Working stripWorking() {
        double length = outline.elements().stream().mapToDouble(Element::lengthMm).sum();
        double roof =
                outline.elements().stream()
                        .filter(one -> one.crown(box).isPresent())
                        .mapToDouble(Element::lengthMm)
                        .sum();
        Working.Builder working =
                Working.of(roof > 0 ? "S = l · W + roof · (b − W)" : "S = l · W")
                        .worked(
                                "l",
                                "whole wrap",
                                Quantity.mm(length),
                                OutlineStation.OUTLINE.figure("strip-total"))
                        .plan("W", "outside width", Quantity.mm(box.widthMm()));
        crown().ifPresent(
                        crown ->
                                working.plan("roof", "its straight pieces", Quantity.mm(roof))
                                        .worked(
                                                "b",
                                                "width over the rise",
                                                Quantity.mm(crown.arcMm()),
                                                OutlineStation.OUTLINE.figure("crown-width")));
        return working.source("geometry; overhangs left out");
    }

    private Working frontalWorking() {
        return Working.of("F = W · (H + drop) − (W − w) · wings + A")
                .plan("w", "outside width below", Quantity.mm(box.lowerWidthMm()))
                .plan("wings", "height of the wings", Quantity.mm(box.details().wings().fromMm()))
                .plan("W", "outside width", Quantity.mm(box.widthMm()))
                .worked(
                        "H",
                        "greatest height",
                        Quantity.mm(outline.heightMm()),
                        OutlineStation.OUTLINE.figure("height"))
                .plan("drop", "dropped floor", Quantity.mm(outline.dropMm()))
                .plan(
                        "A",
                        "between the roof crown and its edges",
                        new Quantity(
                                crown().map(Crown::areaMm2).orElse(0.0) / 1e6, Unit.SQUARE_METRE))
                .source("geometry; the shadow of the box from ahead, carrier left out");
    }

    private void centroid() {
        centroid("x", "behind the front face", outline.shape().centroid().u());
        centroid("z", "above the underside", outline.shape().centroid().v());
    }

    private void centroid(String axis, String words, double mm) {
        figures.add(
                "centroid-" + axis,
                "Middle of the side's area " + words,
                Quantity.mm(mm),
                () ->
                        Working.of(axis + " = integral of " + axis + " dA / A")
                                .worked(
                                        "A",
                                        "area of one side",
                                        new Quantity(outline.areaMm2() / 1e6, Unit.SQUARE_METRE),
                                        SIDE_AREA)
                                .source("Green's theorem"));
    }

    private Working arches() {
        Working.Builder working = Working.of("V = 2 · sum of area · depth, both sides");
        for (WheelArch arch : box.details().wheelArches()) {
            working.plan(
                    "A",
                    "area of an arch",
                    new Quantity(WheelArchShape.areaMm2(arch) / 1e6, Unit.SQUARE_METRE));
            working.plan("d", "its depth", Quantity.mm(arch.depthMm()));
        }
        return working.plan("n", "wheel arches", Quantity.count(box.details().wheelArches().size()))
                .source("geometry");
    }

    /** {@return room of the wheel arches on both sides (m³)} */
    private double archVolume() {
        return 2
                * box.details().wheelArches().stream()
                        .mapToDouble(arch -> WheelArchShape.areaMm2(arch) * arch.depthMm())
                        .sum()
                / 1e9;
    }
}
