package pteron.core.inside;

import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStation;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** What the room inside measures, and the uprights round it. */
final class InsideFigures {

    private final InsideInput plan;
    private final Outline outline;
    private final Inside inside;
    private final Bounds2 bounds;
    private final FigureList figures = new FigureList(OutlineStation.OUTLINE);

    private InsideFigures(InsideInput plan, Outline outline, Inside inside) {
        this.plan = plan;
        this.outline = outline;
        this.inside = inside;
        this.bounds = inside.room().orElseThrow().bounds();
    }

    static List<Figure> of(InsideInput plan, Outline outline, Inside inside) {
        InsideFigures all = new InsideFigures(plan, outline, inside);
        all.room();
        all.standing();
        Bed.longest(inside).ifPresent(all::lengthwise);
        all.across();
        all.sills();
        all.uprights();
        return all.figures.list();
    }

    private void room() {
        difference(
                "inside-length",
                "Length inside",
                bounds.toU(),
                bounds.fromU(),
                "a − b, last less first",
                this::innerEnds);
        width("inside-width", "Width inside");
        inside.below().ifPresent(this::below);
    }

    private void below(Inside.Below below) {
        figures.add(
                "inside-width-below",
                "Width inside below the wings",
                Quantity.mm(below.widthMm()),
                () ->
                        Working.of("w − 2 · wall")
                                .plan(
                                        "w",
                                        "outside width below the wings",
                                        Quantity.mm(plan.box().lowerWidthMm()))
                                .plan("wall", "thickness of the walls", wall())
                                .source("geometry"));
    }

    private void width(String key, String name) {
        difference(
                key,
                name,
                plan.box().widthMm(),
                2 * plan.makeUp().walls().thicknessMm(),
                "a − b, outside width less both walls",
                this::walls);
    }

    private Working innerEnds() {
        return Working.of("ends of the outline, each moved in by its wall")
                .plan("first", "least measure of the outline", Quantity.mm(outline.foremostMm()))
                .plan("last", "greatest measure of the outline", Quantity.mm(outline.rearmostMm()))
                .plan("wall", "thickness of the walls", wall())
                .source("geometry; a raked or bent end is taken where it is nearest");
    }

    private Quantity wall() {
        return Quantity.mm(plan.makeUp().walls().thicknessMm());
    }

    private Working walls() {
        return Working.of("a outside width, b = 2 · wall")
                .plan("W", "outside width", Quantity.mm(plan.box().widthMm()))
                .plan("wall", "thickness of the walls", wall())
                .source("geometry");
    }

    private Working roomEdge() {
        return Working.of("outline moved in by the thickness of walls, roof and floor")
                .plan("wall", "thickness of the walls", wall())
                .plan("roof", "thickness", Quantity.mm(plan.makeUp().roof().thicknessMm()))
                .plan("floor", "thickness", Quantity.mm(inside.floorMm()))
                .source("geometry");
    }

    private void standing() {
        for (int i = 0; i < StandingPlaces.COUNT; i++) {
            double x = StandingPlaces.at(bounds, i);
            int number = i + 1;
            inside.standingAt(x).ifPresent(height -> standing(number, x, height));
        }
    }

    private void standing(int number, double x, double height) {
        figures.add(
                "standing." + number,
                "Headroom, place " + number,
                Quantity.mm(height),
                () ->
                        Working.of("ceiling − floor")
                                .worked("x", "place", Quantity.mm(x), () -> place(number))
                                .source("geometry"));
    }

    private Working place(int number) {
        return Working.of(
                        "x = first + (2 n − 1) / (2 · %d) · (last − first)"
                                .formatted(StandingPlaces.COUNT))
                .plan("n", "number of the place", Quantity.count(number))
                .worked(
                        "first",
                        "foremost place inside",
                        Quantity.mm(bounds.fromU()),
                        this::roomEdge)
                .worked("last", "rearmost place inside", Quantity.mm(bounds.toU()), this::roomEdge)
                .source("places spread evenly");
    }

    private void lengthwise(Bed bed) {
        figures.add(
                "bed-lengthwise",
                "Longest bed lengthwise",
                Quantity.mm(bed.lengthMm()),
                () ->
                        Working.of("longest level stretch with 500 above it")
                                .worked("from", "begins", Quantity.mm(bed.fromMm()), this::roomEdge)
                                .worked(
                                        "height",
                                        "above the underside",
                                        Quantity.mm(bed.heightMm()),
                                        this::roomEdge)
                                .source("geometry; 500 mm to turn over in is common practice"));
    }

    private void across() {
        width("bed-across", "Longest bed across");
        figures.add(
                "inside-volume",
                "Inside volume",
                new Quantity(inside.volumeM3(), Unit.CUBIC_METRE),
                () ->
                        Working.of("V = area · width")
                                .worked(
                                        "width",
                                        "between the linings",
                                        Quantity.mm(inside.widthMm()),
                                        OutlineStation.OUTLINE.figure("inside-width"))
                                .source("geometry; wheel arches not taken off"));
    }

    private void sills() {
        for (int i = 0; i < outline.corners().size(); i++) {
            double z = outline.corners().get(i).at().v();
            if (z > inside.floorMm()) {
                difference(
                        "sill." + (i + 1),
                        "Corner " + (i + 1) + " over the floor",
                        z,
                        inside.floorMm(),
                        "a − b, height of the corner less top of the floor",
                        () -> floorAndCorner(z));
            }
        }
    }

    private Working floorAndCorner(double z) {
        return Working.of("a corner of the outline, b top of the floor")
                .plan("z", "height of the corner", Quantity.mm(z))
                .plan("floor", "bearers, sandwich and finish", Quantity.mm(inside.floorMm()))
                .source("the plan");
    }

    /** The list that took an evening of sums: both faces, bevel and place of every upright. */
    private void uprights() {
        List<Upright> uprights = UprightSetting.of(plan.makeUp()).under(outline);
        for (int i = 0; i < uprights.size(); i++) {
            Upright upright = uprights.get(i);
            int number = i;
            figures.add(
                    "upright." + (i + 1),
                    "Upright " + (i + 1) + ", long side",
                    Quantity.mm(upright.longSideMm()),
                    () -> working(upright, number));
        }
    }

    private Working working(Upright upright, int number) {
        UprightSetting setting = UprightSetting.of(plan.makeUp());
        return heights("length = higher of front and rear − foot", upright, setting)
                .worked(
                        "x",
                        "front face behind the box's front",
                        Quantity.mm(upright.placeMm()),
                        () -> spaced(setting, number))
                .plan("foot", "what it stands on", Quantity.mm(upright.footMm()))
                .worked(
                        "bevel",
                        "of its top",
                        Quantity.degrees(upright.bevelDegrees()),
                        () -> bevel(upright, setting))
                .source("the outline; outside, from the underside: take plates and roof off");
    }

    private Working spaced(UprightSetting setting, int number) {
        return Working.of("x = first + n · spacing, the last at the rear end")
                .plan("first", "front of the outline", Quantity.mm(outline.foremostMm()))
                .plan("n", "uprights before it", Quantity.count(number))
                .plan("spacing", "of the uprights", Quantity.mm(setting.spacingMm()))
                .plan("t", "thickness of the uprights", Quantity.mm(setting.thicknessMm()))
                .source("the plan");
    }

    private Working under(double x) {
        return Working.of("height of the outline over a place")
                .plan("x", "behind the box's front", Quantity.mm(x))
                .plan("H", "greatest height of the outline", Quantity.mm(outline.heightMm()))
                .source("the outline: lines, arcs and battens of the plan");
    }

    private Working bevel(Upright upright, UprightSetting setting) {
        return heights("tan bevel = (rear − front) / t", upright, setting)
                .plan("t", "thickness of the uprights", Quantity.mm(setting.thicknessMm()))
                .source("geometry");
    }

    private Working.Builder heights(String formula, Upright upright, UprightSetting setting) {
        return Working.of(formula)
                .worked(
                        "front",
                        "height at the front face",
                        Quantity.mm(upright.frontFaceMm()),
                        () -> under(upright.placeMm()))
                .worked(
                        "rear",
                        "height at the rear face",
                        Quantity.mm(upright.rearFaceMm()),
                        () -> under(upright.placeMm() + setting.thicknessMm()));
    }

    /** Adds a difference of two lengths. */
    private void difference(
            String key,
            String name,
            double of,
            double less,
            String formula,
            Supplier<Working> measures) {
        figures.add(
                key,
                name,
                Quantity.mm(of - less),
                () ->
                        Working.of(formula)
                                .worked("a", "the larger", Quantity.mm(of), measures)
                                .worked("b", "taken off", Quantity.mm(less), measures)
                                .source("geometry, layers taken off"));
    }
}
