package pteron.core.inside;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Stage;

/** Takes the layers off the outline and measures the room that is left. */
public final class InsideStage {

    /** Height that most people stand under (mm): 6 ft 2 in; common practice. */
    static final double STANDING_MM = 1880;

    /** Length that most people lie in (mm): 6 ft; common practice. */
    static final double LYING_MM = 1830;

    private InsideStage() {}

    /** The stage. */
    public static final Stage<InsideInput, Inside> STAGE =
            Stage.of(
                    Inside.class,
                    given -> InsideInput.of(given.plan(), given.get(Outline.class)),
                    InsideStage::of);

    /** {@return the room inside} */
    public static Inside of(InsideInput plan) {
        Outline outline = plan.outline();
        if (!outline.usable()) {
            return Inside.NONE;
        }
        double width = plan.box().widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double floor = plan.makeUp().floor().heightMm();
        Optional<Inside.Below> below = below(plan);
        Inside bare =
                new Inside(room(plan, outline, floor), width, floor, below, List.of(), List.of());
        if (bare.room().isEmpty() || width <= 0) {
            return new Inside(Optional.empty(), width, floor, below, List.of(), List.of());
        }
        return new Inside(
                bare.room(),
                width,
                floor,
                below,
                InsideFigures.of(plan, outline, bare),
                findings(bare));
    }

    private static Optional<Inside.Below> below(InsideInput plan) {
        Wings wings = plan.box().details().wings();
        double wall = plan.makeUp().walls().thicknessMm();
        double width = Math.max(0, plan.box().lowerWidthMm() - 2 * wall);
        return wings.exists()
                ? Optional.of(new Inside.Below(width, wings.fromMm() + wall))
                : Optional.empty();
    }

    private static Optional<Polygon2> room(InsideInput plan, Outline outline, double floorMm) {
        List<Polygon2> bands = new ArrayList<>(Bands.of(outline, plan.makeUp()));
        bands.addAll(floors(plan, outline, floorMm));
        return outline.shape().polygon().without(bands).stream()
                .max(Comparator.comparingDouble(Polygon2::area));
    }

    /** The floor stands on the underside; behind the step it stands on the dropped one. */
    private static List<Polygon2> floors(InsideInput plan, Outline outline, double floorMm) {
        Bounds2 all = outline.shape().bounds();
        double front = plan.box().outline().getFirst().xMm();
        DropFloor drop = plan.box().details().dropFloor();
        if (!drop.exists()) {
            return List.of(Polygon2.rectangle(new Bounds2(front, all.toU(), all.fromV(), floorMm)));
        }
        double step = drop.fromMm() + plan.makeUp().walls().thicknessMm();
        return List.of(
                Polygon2.rectangle(new Bounds2(front, step, all.fromV(), floorMm)),
                Polygon2.rectangle(
                        new Bounds2(
                                drop.fromMm(), all.toU(), all.fromV(), floorMm - drop.depthMm())));
    }

    private static List<Finding> findings(Inside inside) {
        List<Finding> findings = new ArrayList<>();
        Bounds2 bounds = inside.room().orElseThrow().bounds();
        double tallest = 0;
        for (int i = 0; i < StandingPlaces.COUNT; i++) {
            tallest = Math.max(tallest, inside.standingAt(StandingPlaces.at(bounds, i)).orElse(0));
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
                Place.of(OutlineStation.OUTLINE, "inside"),
                Quantity.mm(has),
                Limit.atLeast(Quantity.mm(wants)),
                Cure.advice(cure, Quantity.mm(Math.ceil(wants - has))));
    }
}
