package pteron.core.strength;

import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.figure.Cure;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Floor;
import pteron.core.plan.MakeUp.Framed;
import pteron.core.plan.MakeUp.Members;
import pteron.core.plan.MakeUp.Section;
import pteron.core.quantity.Quantity;

/** What would make an overloaded part strong enough: a deeper section, or bearers closer together. */
final class StrengthCure {

    /** Depths of bars in the shop (mm); common practice: planed European and American sizes. */
    private static final List<Double> DEPTHS_MM =
            List.of(38.0, 45.0, 58.0, 63.0, 70.0, 89.0, 95.0, 120.0, 140.0, 170.0, 184.0, 235.0);

    private StrengthCure() {}

    static Cure of(Check check) {
        String kind = check.key().substring(0, check.key().indexOf('.'));
        return switch (kind) {
            case "stud" ->
                    deeper(check, plan -> plan.makeUp().walls().members(), StrengthCure::walls);
            case "bow" -> deeper(check, plan -> plan.makeUp().roof().members(), StrengthCure::roof);
            case "bearer" ->
                    deeper(check, plan -> plan.makeUp().floor().bearers(), StrengthCure::floor);
            default -> new Cure("CLOSER_BEARERS", Quantity.ratio(0.8), StrengthCure::closer);
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
                    Section section =
                            new Section(
                                    old.section().thicknessMm(),
                                    next(old.section().depthMm() * factor));
                    Members deeper = new Members(section, old.spacingMm(), old.timber());
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
        Framed old = makeUp.walls();
        return makeUp.withWalls(
                new Framed(old.outerSkin(), old.insulation(), old.innerSkin(), members));
    }

    private static MakeUp roof(MakeUp makeUp, Members members) {
        Framed old = makeUp.roof();
        return makeUp.withRoof(
                new Framed(old.outerSkin(), old.insulation(), old.innerSkin(), members));
    }

    private static MakeUp floor(MakeUp makeUp, Members bearers) {
        Floor old = makeUp.floor();
        return makeUp.withFloor(new Floor(old.topFace(), old.core(), old.bottomFace(), bearers));
    }

    private static BoxPlan closer(BoxPlan plan) {
        Members old = plan.makeUp().floor().bearers();
        Members closer = new Members(old.section(), old.spacingMm() * 0.8, old.timber());
        return plan.withMakeUp(floor(plan.makeUp(), closer));
    }
}
