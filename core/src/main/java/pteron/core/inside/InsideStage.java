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
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Stage;
import pteron.core.station.Station;

/** Takes the layers off the outline and measures the room that is left. */
public final class InsideStage {

    /** Height that most people stand under (mm): 6 ft 2 in; common practice. */
    static final double STANDING_MM = 1880;

    /** Length that most people lie in (mm): 6 ft; common practice. */
    static final double LYING_MM = 1830;

    /** Places along the room at which the standing height is told. */
    static final int PLACES = 9;

    private InsideStage() {}

    /**
     * What the room inside reads.
     *
     * @param box the box
     * @param makeUp its layers
     * @param outline its outline
     */
    public record Input(Box box, MakeUp makeUp, Outline outline) {

        /** {@return what it reads of a plan} */
        public static Input of(BoxPlan plan, Outline outline) {
            return new Input(plan.box().withOffset(0).withRaised(0), plan.makeUp(), outline);
        }
    }

    /** The stage. */
    public static final Stage<Input, Inside> STAGE =
            Stage.of(
                    Inside.class,
                    given -> Input.of(given.plan(), given.get(Outline.class)),
                    InsideStage::of);

    /** {@return the room inside} */
    public static Inside of(Input plan) {
        Outline outline = plan.outline();
        if (!outline.usable()) {
            return Inside.NONE;
        }
        double width = plan.box().widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double floor = plan.makeUp().floor().heightMm();
        Inside bare = new Inside(room(plan, outline, floor), width, floor, List.of(), List.of());
        if (bare.room().isEmpty() || width <= 0) {
            return new Inside(Optional.empty(), width, floor, List.of(), List.of());
        }
        return new Inside(
                bare.room(), width, floor, InsideFigures.of(plan, outline, bare), findings(bare));
    }

    private static Optional<Polygon2> room(Input plan, Outline outline, double floorMm) {
        List<Polygon2> bands = new ArrayList<>(Bands.of(outline, plan.makeUp()));
        bands.addAll(floors(plan, outline, floorMm));
        return outline.shape().polygon().without(bands).stream()
                .max(Comparator.comparingDouble(Polygon2::area));
    }

    /** The floor stands on the underside; behind the step it stands on the dropped one. */
    private static List<Polygon2> floors(Input plan, Outline outline, double floorMm) {
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

    private static List<Finding> findings(Inside inside) {
        List<Finding> findings = new ArrayList<>();
        Bounds2 bounds = inside.room().orElseThrow().bounds();
        double tallest = 0;
        for (int i = 0; i < PLACES; i++) {
            tallest = Math.max(tallest, inside.standingAt(place(bounds, i)).orElse(0));
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

    /** {@return the middle of one of the equal parts of the room} */
    static double place(Bounds2 room, int index) {
        return room.fromU() + room.width() * (index + 0.5) / PLACES;
    }

    private static Finding note(String code, double has, double wants, String cure) {
        return new Finding(
                code,
                Severity.NOTE,
                Place.of(Station.OUTLINE, "inside"),
                Quantity.mm(has),
                Limit.atLeast(Quantity.mm(wants)),
                Cure.advice(cure, Quantity.mm(wants - has)));
    }
}
