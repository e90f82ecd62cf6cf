package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Alternative.Part;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

/** Changes of the make-up as a builder means them. */
public final class MakeUpEdits {

    /** Lists of further layers. */
    public enum Slot {
        /** On the floor's top face. */
        FLOOR_FINISH,
        /** Between the outer skin of the walls and their frame. */
        WALLS_OUTSIDE,
        /** Between the frame of the walls and their lining. */
        WALLS_INSIDE,
        /** Between the outer skin of the roof and its frame. */
        ROOF_OUTSIDE,
        /** Between the frame of the roof and its lining. */
        ROOF_INSIDE
    }

    private MakeUpEdits() {}

    /** {@return the further layers of a slot} */
    public static List<Layer> layers(BoxPlan plan, Slot slot) {
        MakeUp makeUp = plan.makeUp();
        return switch (slot) {
            case FLOOR_FINISH -> makeUp.floor().finish();
            case WALLS_OUTSIDE -> makeUp.walls().outside();
            case WALLS_INSIDE -> makeUp.walls().inside();
            case ROOF_OUTSIDE -> makeUp.roof().outside();
            case ROOF_INSIDE -> makeUp.roof().inside();
        };
    }

    /** {@return the plan with other further layers in a slot} */
    public static BoxPlan withLayers(BoxPlan plan, Slot slot, List<Layer> layers) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                switch (slot) {
                    case FLOOR_FINISH -> makeUp.withFloor(makeUp.floor().withFinish(layers));
                    case WALLS_OUTSIDE -> makeUp.withWalls(makeUp.walls().withOutside(layers));
                    case WALLS_INSIDE -> makeUp.withWalls(makeUp.walls().withInside(layers));
                    case ROOF_OUTSIDE -> makeUp.withRoof(makeUp.roof().withOutside(layers));
                    case ROOF_INSIDE -> makeUp.withRoof(makeUp.roof().withInside(layers));
                });
    }

    /**
     * {@return the plan with one more layer, the innermost of its slot}
     *
     * @throws IllegalArgumentException if there are too many already
     */
    public static BoxPlan withLayer(BoxPlan plan, Slot slot, Layer layer) {
        List<Layer> layers = new ArrayList<>(layers(plan, slot));
        layers.add(layer);
        return withLayers(plan, slot, layers);
    }

    /** {@return the plan without the last layer of a slot; the same if there is none} */
    public static BoxPlan withoutLastLayer(BoxPlan plan, Slot slot) {
        List<Layer> layers = new ArrayList<>(layers(plan, slot));
        if (layers.isEmpty()) {
            return plan;
        }
        layers.removeLast();
        return withLayers(plan, slot, layers);
    }

    /** {@return the plan with another build-up for a part} */
    public static BoxPlan withBuildUp(BoxPlan plan, Part part, BuildUp buildUp) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                switch (part) {
                    case FLOOR -> makeUp.withFloor((Floor) buildUp);
                    case WALLS -> makeUp.withWalls((Framed) buildUp);
                    case ROOF -> makeUp.withRoof((Framed) buildUp);
                });
    }

    private static BuildUp buildUp(MakeUp makeUp, Part part) {
        return switch (part) {
            case FLOOR -> makeUp.floor();
            case WALLS -> makeUp.walls();
            case ROOF -> makeUp.roof();
        };
    }

    /**
     * {@return the plan with another build-up kept beside the planned one}
     *
     * @throws IllegalArgumentException if there are too many of that part
     */
    public static BoxPlan withAlternative(BoxPlan plan, Alternative alternative) {
        List<Alternative> all = new ArrayList<>(plan.makeUp().alternatives());
        all.add(alternative);
        return plan.withMakeUp(plan.makeUp().withAlternatives(all));
    }

    /** {@return the plan with the planned build-up of a part kept under a name} */
    public static BoxPlan keepPlanned(BoxPlan plan, Part part, String name) {
        return withAlternative(plan, new Alternative(name, part, buildUp(plan.makeUp(), part)));
    }

    /** {@return the plan with an alternative and the planned build-up of its part changing places} */
    public static BoxPlan swapped(BoxPlan plan, int index) {
        List<Alternative> all = new ArrayList<>(plan.makeUp().alternatives());
        Alternative chosen = all.get(index);
        all.set(
                index,
                new Alternative(
                        "was planned", chosen.part(), buildUp(plan.makeUp(), chosen.part())));
        BoxPlan changed = plan.withMakeUp(plan.makeUp().withAlternatives(all));
        return withBuildUp(changed, chosen.part(), chosen.buildUp());
    }

    /** {@return the plan without an alternative} */
    public static BoxPlan withoutAlternative(BoxPlan plan, int index) {
        List<Alternative> all = new ArrayList<>(plan.makeUp().alternatives());
        all.remove(index);
        return plan.withMakeUp(plan.makeUp().withAlternatives(all));
    }
}
