package pteron.core.strength;

import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.figure.Cure;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;

/** What would make an overloaded part strong enough: a deeper section, a thicker core or face. */
final class StrengthCure {

    /** Depths of bars in the shop (mm); common practice: planed European and American sizes. */
    private static final List<Double> DEPTHS_MM =
            List.of(38.0, 45.0, 58.0, 63.0, 70.0, 89.0, 95.0, 120.0, 140.0, 170.0, 184.0, 235.0);

    /** Step from one thickness of foam board to the next (mm); common practice. */
    private static final double CORE_STEP_MM = 10;

    /** Step from one thickness of plywood to the next (mm); common practice. */
    private static final double FACE_STEP_MM = 3;

    private StrengthCure() {}

    static Cure of(Check check) {
        String kind = check.key().substring(0, check.key().indexOf('.'));
        return switch (kind) {
            case "stud" ->
                    deeper(check, plan -> plan.makeUp().walls().members(), StrengthCure::walls);
            case "bow" -> deeper(check, plan -> plan.makeUp().roof().members(), StrengthCure::roof);
            case "bearer" ->
                    deeper(check, plan -> plan.makeUp().floor().bearers(), StrengthCure::floor);
            default ->
                    check.key().endsWith("face-stress")
                            ? new Cure(
                                    "THICKER_FACE",
                                    Quantity.mm(FACE_STEP_MM),
                                    StrengthCure::thickerFace)
                            : new Cure(
                                    "THICKER_CORE",
                                    Quantity.mm(CORE_STEP_MM),
                                    StrengthCure::thickerCore);
        };
    }

    private interface Put {
        MakeUp put(MakeUp makeUp, Members members);
    }

    private interface Get {
        Members get(BoxPlan plan);
    }

    /** Bending stress falls with the square of the depth, deflection with the cube, shear with depth. */
    private static Cure deeper(Check check, Get get, Put put) {
        double power =
                check.key().endsWith("bending") ? 2 : check.key().endsWith("deflection") ? 3 : 1;
        double factor = Math.pow(check.utilisation(), 1 / power);
        UnaryOperator<BoxPlan> change =
                plan -> {
                    Members old = get.get(plan);
                    double depth = next(old.section().depthMm() * factor);
                    Members deeper = old.withSection(old.section().withDepth(depth));
                    return plan.withMakeUp(put.put(plan.makeUp(), deeper));
                };
        return new Cure("DEEPER_SECTION", Quantity.ratio(factor), change);
    }

    private static double next(double neededMm) {
        return DEPTHS_MM.stream()
                .filter(depth -> depth >= neededMm)
                .findFirst()
                .orElse(DEPTHS_MM.getLast());
    }

    private static MakeUp walls(MakeUp makeUp, Members members) {
        return makeUp.withWalls(makeUp.walls().withMembers(members));
    }

    private static MakeUp roof(MakeUp makeUp, Members members) {
        return makeUp.withRoof(makeUp.roof().withMembers(members));
    }

    private static MakeUp floor(MakeUp makeUp, Members bearers) {
        return makeUp.withFloor(makeUp.floor().withBearers(bearers));
    }

    /** Closer bearers would not do: the dent under a heel hardly depends on the span. */
    private static BoxPlan thickerCore(BoxPlan plan) {
        Layer old = plan.makeUp().floor().core();
        Layer thicker = old.withThickness(old.thicknessMm() + CORE_STEP_MM);
        return plan.withMakeUp(plan.makeUp().withFloor(plan.makeUp().floor().withCore(thicker)));
    }

    private static BoxPlan thickerFace(BoxPlan plan) {
        Layer old = plan.makeUp().floor().topFace();
        Layer thicker = old.withThickness(old.thicknessMm() + FACE_STEP_MM);
        return plan.withMakeUp(plan.makeUp().withFloor(plan.makeUp().floor().withTopFace(thicker)));
    }
}
