package pteron.core.inside;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.Upright;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Takes the layers off the outline and measures the room that is left. */
public final class InsideStage {

    /** Height that most people stand under (mm): 6 ft 2 in; common practice. */
    static final double STANDING_MM = 1880;

    /** Length that most people lie in (mm): 6 ft; common practice. */
    static final double LYING_MM = 1830;

    /** Places along the room at which the standing height is told. */
    private static final int PLACES = 9;

    private InsideStage() {}

    /**
     * {@return the room inside}
     *
     * @param plan the plan
     * @param outline its outline
     */
    public static Inside of(BoxPlan plan, Outline outline) {
        if (!outline.usable()) {
            return Inside.NONE;
        }
        double width = plan.box().widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double floor = plan.makeUp().floor().heightMm();
        Inside bare = new Inside(room(plan, outline, floor), width, floor, List.of(), List.of());
        if (bare.room().isEmpty() || width <= 0) {
            return new Inside(Optional.empty(), width, floor, List.of(), List.of());
        }
        return new Inside(bare.room(), width, floor, figures(plan, outline, bare), findings(bare));
    }

    private static Optional<Polygon2> room(BoxPlan plan, Outline outline, double floorMm) {
        List<Polygon2> bands = new ArrayList<>(Bands.of(outline, plan.makeUp()));
        bands.addAll(floors(plan, outline, floorMm));
        return outline.shape().polygon().without(bands).stream()
                .max(Comparator.comparingDouble(Polygon2::area));
    }

    /** The floor stands on the underside; behind the step it stands on the dropped one. */
    private static List<Polygon2> floors(BoxPlan plan, Outline outline, double floorMm) {
        Bounds2 all = outline.shape().bounds();
        double front = plan.box().outline().getFirst().xMm();
        DropFloor drop = plan.box().details().dropFloor();
        if (!drop.exists()) {
            return List.of(new Bounds2(front, all.toU(), all.fromV(), floorMm).polygon());
        }
        double step = drop.fromMm() + floorMm;
        return List.of(
                new Bounds2(front, step, all.fromV(), floorMm).polygon(),
                new Bounds2(drop.fromMm(), all.toU(), all.fromV(), floorMm - drop.depthMm())
                        .polygon());
    }

    private static List<Figure> figures(BoxPlan plan, Outline outline, Inside inside) {
        List<Figure> figures = new ArrayList<>();
        Bounds2 bounds = inside.room().orElseThrow().bounds();
        figures.add(
                difference(
                        "inside-length",
                        "Length inside",
                        bounds.toU(),
                        bounds.fromU(),
                        "a − b, last less first"));
        figures.add(
                difference(
                        "inside-width",
                        "Width inside",
                        plan.box().widthMm(),
                        2 * plan.makeUp().walls().thicknessMm(),
                        "a − b, outside width less both walls"));
        for (int i = 0; i < PLACES; i++) {
            double x = bounds.fromU() + bounds.width() * (i + 0.5) / PLACES;
            int number = i + 1;
            inside.standingAt(x)
                    .ifPresent(
                            height ->
                                    figures.add(
                                            Figure.of(
                                                    "outline.standing." + number,
                                                    "Standing height, place " + number,
                                                    Quantity.mm(height),
                                                    () ->
                                                            Working.of("ceiling − floor")
                                                                    .worked(
                                                                            "x",
                                                                            "place",
                                                                            Quantity.mm(x))
                                                                    .source("geometry"))));
        }
        Bed.longest(inside)
                .ifPresent(
                        bed ->
                                figures.add(
                                        Figure.of(
                                                "outline.bed-lengthwise",
                                                "Longest bed lengthwise",
                                                Quantity.mm(bed.lengthMm()),
                                                () ->
                                                        Working.of(
                                                                        "longest level stretch with 500 above it")
                                                                .worked(
                                                                        "from",
                                                                        "begins",
                                                                        Quantity.mm(bed.fromMm()))
                                                                .worked(
                                                                        "height",
                                                                        "above the underside",
                                                                        Quantity.mm(bed.heightMm()))
                                                                .source(
                                                                        "geometry; 500 mm to turn over in is common practice"))));
        figures.add(
                difference(
                        "bed-across",
                        "Longest bed across",
                        plan.box().widthMm(),
                        2 * plan.makeUp().walls().thicknessMm(),
                        "a − b, outside width less both walls"));
        figures.add(
                Figure.of(
                        "outline.inside-volume",
                        "Room inside",
                        new Quantity(inside.volumeM3(), Unit.CUBIC_METRE),
                        () ->
                                Working.of("V = area · width")
                                        .worked(
                                                "width",
                                                "between the linings",
                                                Quantity.mm(inside.widthMm()))
                                        .source("geometry; wheel arches not taken off")));
        sills(outline, inside, figures);
        uprights(plan, outline, figures);
        return figures;
    }

    private static void sills(Outline outline, Inside inside, List<Figure> figures) {
        for (int i = 0; i < outline.corners().size(); i++) {
            double z = outline.corners().get(i).at().v();
            if (z > inside.floorMm()) {
                figures.add(
                        difference(
                                "sill." + (i + 1),
                                "Corner " + (i + 1) + " over the floor",
                                z,
                                inside.floorMm(),
                                "a − b, height of the corner less top of the floor"));
            }
        }
    }

    /** The list that took an evening of sums: both faces, bevel and place of every upright. */
    private static void uprights(BoxPlan plan, Outline outline, List<Figure> figures) {
        double spacing = plan.makeUp().walls().members().spacingMm();
        double thickness = plan.makeUp().walls().members().section().thicknessMm();
        int number = 1;
        for (Upright upright : outline.uprights(spacing, thickness)) {
            figures.add(
                    Figure.of(
                            "outline.upright." + number,
                            "Upright " + number + ", long side",
                            Quantity.mm(upright.longSideMm()),
                            () ->
                                    Working.of("length = higher of front and rear − foot")
                                            .worked(
                                                    "x",
                                                    "front face behind the box's front",
                                                    Quantity.mm(upright.placeMm()))
                                            .worked(
                                                    "foot",
                                                    "what it stands on",
                                                    Quantity.mm(upright.footMm()))
                                            .worked(
                                                    "front",
                                                    "height at the front face",
                                                    Quantity.mm(upright.frontFaceMm()))
                                            .worked(
                                                    "rear",
                                                    "height at the rear face",
                                                    Quantity.mm(upright.rearFaceMm()))
                                            .worked(
                                                    "bevel",
                                                    "of its top",
                                                    Quantity.degrees(upright.bevelDegrees()))
                                            .source(
                                                    "the outline; outside, from the underside: take plates and roof off")));
            number++;
        }
    }

    /** A difference of two lengths. */
    private static Figure difference(
            String key, String name, double of, double less, String formula) {
        return Figure.of(
                "outline." + key,
                name,
                Quantity.mm(of - less),
                () ->
                        Working.of(formula)
                                .worked("a", "the larger", Quantity.mm(of))
                                .worked("b", "taken off", Quantity.mm(less))
                                .source("geometry, layers taken off"));
    }

    private static List<Finding> findings(Inside inside) {
        List<Finding> findings = new ArrayList<>();
        Bounds2 bounds = inside.room().orElseThrow().bounds();
        double tallest = 0;
        for (int i = 0; i < PLACES; i++) {
            double x = bounds.fromU() + bounds.width() * (i + 0.5) / PLACES;
            tallest = Math.max(tallest, inside.standingAt(x).orElse(0));
        }
        if (tallest < STANDING_MM) {
            findings.add(note("NO_STANDING_HEIGHT", tallest, STANDING_MM, "RAISE_ROOF"));
        }
        double bed = Math.max(inside.widthMm(), Bed.longest(inside).map(Bed::lengthMm).orElse(0.0));
        if (bed < LYING_MM) {
            findings.add(note("NO_BED_LENGTH", bed, LYING_MM, "LONGER_OR_WIDER"));
        }
        return findings;
    }

    private static Finding note(String code, double has, double wants, String cure) {
        return new Finding(
                code,
                Severity.NOTE,
                Place.of("outline", "inside"),
                Quantity.mm(has),
                Limit.atLeast(Quantity.mm(wants)),
                Cure.advice(cure, Quantity.mm(wants - has)));
    }
}
