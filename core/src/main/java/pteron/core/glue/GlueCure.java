package pteron.core.glue;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

/** Puts a joint back to the first glue of the table that suits. */
final class GlueCure {

    private GlueCure() {}

    static BoxPlan automatic(BoxPlan plan, String part, int joint) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                switch (part) {
                    case "floor" -> makeUp.withFloor(floor(makeUp.floor(), joint));
                    case "walls" -> makeUp.withWalls(framed(makeUp.walls(), joint));
                    default -> makeUp.withRoof(framed(makeUp.roof(), joint));
                });
    }

    private static Floor floor(Floor floor, int joint) {
        return switch (joint) {
            case 1 -> floor.withBottomFace(floor.bottomFace().withFixing(""));
            case 2 -> floor.withCore(floor.core().withFixing(""));
            case 3 -> floor.withTopFace(floor.topFace().withFixing(""));
            default -> floor.withFinish(cleared(floor.finish(), joint - 4));
        };
    }

    private static Framed framed(Framed framed, int joint) {
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
