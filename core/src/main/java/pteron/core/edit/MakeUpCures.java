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
import pteron.core.quantity.UnitSystem;

/** Cures of floor, walls and roof; their press names the part. */
final class MakeUpCures {

    static final Map<String, CureWay> WAYS =
            Map.ofEntries(
                    way("DEEPER_SECTION", (plan, factor, press) -> members(plan, press, factor)),
                    way("MEMBER_DEPTH", (plan, mm, press) -> depth(plan, press, mm)),
                    way("MEMBER_SPACING", (plan, mm, press) -> spacing(plan, press, mm)),
                    way("THICKER_PANEL_FACE", (plan, mm, press) -> face(plan, press, mm)),
                    way("THICKER_FAR_FACE", (plan, mm, press) -> farFace(plan, press, mm)),
                    way("THICKER_LINING", (plan, mm, press) -> farFace(plan, press, mm)),
                    way("THICKER_PANEL_CORE", (plan, mm, press) -> core(plan, press, mm)),
                    way("BOLT_TUBES", (plan, use, press) -> joined(plan, Joining.Tubes.BRACKETED)),
                    way("SLEEVE_TUBES", (plan, use, press) -> joined(plan, Joining.Tubes.SLEEVED)),
                    way("TURN_SHEETS", (plan, ratio, press) -> turned(plan, press)),
                    way("PACK_OUT_FRAME", (plan, mm, press) -> packed(plan, press)),
                    way("TAKE_FIRST_GLUE", (plan, mm, press) -> firstGlue(plan, press)));

    private MakeUpCures() {}

    private static Map.Entry<String, CureWay> way(String kind, CureWay way) {
        return Map.entry(kind, way);
    }

    private static BoxPlan depth(BoxPlan plan, Press press, double mm) {
        return withMembers(
                plan, press, members -> members.withSection(members.section().withDepth(mm)));
    }

    private static BoxPlan spacing(BoxPlan plan, Press press, double mm) {
        return withMembers(plan, press, members -> members.withSpacing(mm));
    }

    private static BoxPlan withMembers(BoxPlan plan, Press press, UnaryOperator<Members> change) {
        return change(
                plan,
                press,
                floor -> floor.withBearers(change.apply(floor.bearers())),
                framed -> framed.withMembers(change.apply(framed.members())));
    }

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
        return withMembers(plan, press, members -> deeper(members, factor, plan.units()));
    }

    private static Members deeper(Members members, double factor, UnitSystem units) {
        List<Double> depths = ShopSizes.depths(members.section(), units);
        double needed = members.section().depthMm() * factor;
        double depth =
                depths.stream().filter(one -> one >= needed).findFirst().orElse(depths.getLast());
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

    private static BoxPlan farFace(BoxPlan plan, Press press, double mm) {
        return change(
                plan,
                press,
                floor -> floor.withBottomFace(more(floor.bottomFace(), mm)),
                framed -> framed.withInnerSkin(more(framed.innerSkin(), mm)));
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
