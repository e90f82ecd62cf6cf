package pteron.core.inside;

import java.util.List;
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
                "a − b, last less first");
        width("inside-width", "Width inside");
    }

    private void width(String key, String name) {
        difference(
                key,
                name,
                plan.box().widthMm(),
                2 * plan.makeUp().walls().thicknessMm(),
                "a − b, outside width less both walls");
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
                "Standing height, place " + number,
                Quantity.mm(height),
                () ->
                        Working.of("ceiling − floor")
                                .worked("x", "place", Quantity.mm(x))
                                .source("geometry"));
    }

    private void lengthwise(Bed bed) {
        figures.add(
                "bed-lengthwise",
                "Longest bed lengthwise",
                Quantity.mm(bed.lengthMm()),
                () ->
                        Working.of("longest level stretch with 500 above it")
                                .worked("from", "begins", Quantity.mm(bed.fromMm()))
                                .worked(
                                        "height",
                                        "above the underside",
                                        Quantity.mm(bed.heightMm()))
                                .source("geometry; 500 mm to turn over in is common practice"));
    }

    private void across() {
        width("bed-across", "Longest bed across");
        figures.add(
                "inside-volume",
                "Room inside",
                new Quantity(inside.volumeM3(), Unit.CUBIC_METRE),
                () ->
                        Working.of("V = area · width")
                                .worked(
                                        "width",
                                        "between the linings",
                                        Quantity.mm(inside.widthMm()))
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
                        "a − b, height of the corner less top of the floor");
            }
        }
    }

    /** The list that took an evening of sums: both faces, bevel and place of every upright. */
    private void uprights() {
        List<Upright> uprights = UprightSetting.of(plan.makeUp()).under(outline);
        for (int i = 0; i < uprights.size(); i++) {
            Upright upright = uprights.get(i);
            figures.add(
                    "upright." + (i + 1),
                    "Upright " + (i + 1) + ", long side",
                    Quantity.mm(upright.longSideMm()),
                    () -> working(upright));
        }
    }

    private static Working working(Upright upright) {
        return Working.of("length = higher of front and rear − foot")
                .worked("x", "front face behind the box's front", Quantity.mm(upright.placeMm()))
                .worked("foot", "what it stands on", Quantity.mm(upright.footMm()))
                .worked("front", "height at the front face", Quantity.mm(upright.frontFaceMm()))
                .worked("rear", "height at the rear face", Quantity.mm(upright.rearFaceMm()))
                .worked("bevel", "of its top", Quantity.degrees(upright.bevelDegrees()))
                .source("the outline; outside, from the underside: take plates and roof off");
    }

    /** Adds a difference of two lengths. */
    private void difference(String key, String name, double of, double less, String formula) {
        figures.add(
                key,
                name,
                Quantity.mm(of - less),
                () ->
                        Working.of(formula)
                                .worked("a", "the larger", Quantity.mm(of))
                                .worked("b", "taken off", Quantity.mm(less))
                                .source("geometry, layers taken off"));
    }
}
