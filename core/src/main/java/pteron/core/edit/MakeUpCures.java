package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Layer.Grain;
import pteron.core.buildup.Members;
import pteron.core.figure.Cure.Press;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;

/** Cures of floor, walls and roof; their press names the part. */
final class MakeUpCures {

    /** Depths of bars in the shop (mm); common practice: planed European and American sizes. */
    private static final List<Double> DEPTHS_MM =
            List.of(38.0, 45.0, 58.0, 63.0, 70.0, 89.0, 95.0, 120.0, 140.0, 170.0, 184.0, 235.0);

    static final Map<String, CureWay> WAYS =
            Map.of(
                    "DEEPER_SECTION", (plan, factor, press) -> members(plan, press, factor),
                    "THICKER_PANEL_FACE", (plan, mm, press) -> face(plan, press, mm),
                    "THICKER_PANEL_CORE", (plan, mm, press) -> core(plan, press, mm),
                    "BOLT_TUBES", (plan, use, press) -> joined(plan, Joining.Tubes.BRACKETED),
                    "SLEEVE_TUBES", (plan, use, press) -> joined(plan, Joining.Tubes.SLEEVED),
                    "TURN_SHEETS", (plan, ratio, press) -> turned(plan, press),
                    "PACK_OUT_FRAME", (plan, mm, press) -> packed(plan, press),
                    "TAKE_FIRST_GLUE", (plan, mm, press) -> firstGlue(plan, press));

    private MakeUpCures() {}

    private static BoxPlan change(
            BoxPlan plan, Press press, UnaryOperator<Floor> floor, UnaryOperator<Framed> framed) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                switch (press.part()) {
                    case "floor" -> makeUp.withFloor(floor.apply(makeUp.floor()));
                    case "walls" -> makeUp.withWalls(framed.apply(makeUp.walls()));
                    default -> makeUp.withRoof(framed.apply(makeUp.roof()));
                });
    }

    private static BoxPlan members(BoxPlan plan, Press press, double factor) {
        return change(
                plan,
                press,
                floor -> floor.withBearers(deeper(floor.bearers(), factor)),
                framed -> framed.withMembers(deeper(framed.members(), factor)));
    }

    private static Members deeper(Members members, double factor) {
        double needed = members.section().depthMm() * factor;
        double depth =
                DEPTHS_MM.stream()
                        .filter(one -> one >= needed)
                        .findFirst()
                        .orElse(DEPTHS_MM.getLast());
        return members.withSection(members.section().withDepth(depth));
    }

    private static Layer more(Layer layer, double mm) {
        return layer.withThickness(layer.thicknessMm() + mm);
    }

    private static BoxPlan face(BoxPlan plan, Press press, double mm) {
        return change(
                plan,
                press,
                floor -> floor.withTopFace(more(floor.topFace(), mm)),
                framed -> framed.withOuterSkin(more(framed.outerSkin(), mm)));
    }

    private static BoxPlan core(BoxPlan plan, Press press, double mm) {
        return change(
                plan,
                press,
                floor -> floor.withCore(more(floor.core(), mm)),
                framed -> framed.withInsulation(more(framed.insulation(), mm)));
    }

    private static BoxPlan joined(BoxPlan plan, Joining.Tubes way) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(makeUp.withJoining(makeUp.joining().withTubes(way)));
    }

    private static BoxPlan turned(BoxPlan plan, Press press) {
        return change(
                plan,
                press,
                floor ->
                        floor.withTopFace(floor.topFace().withGrain(floor.spanGrain()))
                                .withBottomFace(floor.bottomFace().withGrain(floor.spanGrain())),
                framed ->
                        framed.withOuterSkin(framed.outerSkin().withGrain(Grain.ALONG))
                                .withInnerSkin(framed.innerSkin().withGrain(Grain.ALONG)));
    }

    private static BoxPlan packed(BoxPlan plan, Press press) {
        return change(
                plan,
                press,
                floor -> floor,
                framed -> framed.withFit(framed.fit().withOver(Fit.Over.PACKED)));
    }

    private static BoxPlan firstGlue(BoxPlan plan, Press press) {
        int joint = press.numbers().getFirst().intValue();
        return change(plan, press, floor -> glued(floor, joint), framed -> glued(framed, joint));
    }

    private static Floor glued(Floor floor, int joint) {
        return switch (joint) {
            case 1 -> floor.withBottomFace(floor.bottomFace().withFixing(""));
            case 2 -> floor.withCore(floor.core().withFixing(""));
            case 3 -> floor.withTopFace(floor.topFace().withFixing(""));
            default -> floor.withFinish(cleared(floor.finish(), joint - 4));
        };
    }

    private static Framed glued(Framed framed, int joint) {
        int outside = framed.outside().size();
        if (joint == 1) {
            return framed.withOuterSkin(framed.outerSkin().withFixing(""));
        }
        if (joint <= outside + 1) {
            return framed.withOutside(cleared(framed.outside(), joint - 2));
        }
        return joint == outside + 2
                ? framed.withInsulation(framed.insulation().withFixing(""))
                : framed.withInside(cleared(framed.inside(), joint - outside - 3));
    }

    private static List<Layer> cleared(List<Layer> layers, int index) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.set(index, changed.get(index).withFixing(""));
        return changed;
    }
}
