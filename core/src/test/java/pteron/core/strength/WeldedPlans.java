package pteron.core.strength;

import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Wall;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** Plans of welded tubes. */
public final class WeldedPlans {

    private WeldedPlans() {}

    /** Raked nose on a flatbed, 6060 tubes 30 × 60 × 2, window 800 × 620 in the left wall, gusts of 37 m/s. */
    public static BoxPlan rakedNose() {
        BoxPlan plan =
                NewPlan.of(
                        CarrierStart.FLATBED,
                        CarrierStart.FLATBED.sizes(UnitSystem.METRIC).getFirst(),
                        OutlineStart.RAKED_NOSE,
                        UnitSystem.METRIC);
        MakeUp makeUp = plan.makeUp();
        Opening window =
                new Opening(
                        "window-1",
                        "Window",
                        Opening.Kind.WINDOW,
                        Wall.LEFT,
                        new Opening.Place(1700, 700),
                        new Opening.Size(800, 620),
                        5,
                        8);
        return plan.withMakeUp(
                        makeUp.withWalls(ofTube(makeUp.walls())).withRoof(ofTube(makeUp.roof())))
                .withOpenings(List.of(window))
                .withLoads(plan.loads().withWindSpeed(37));
    }

    private static Framed ofTube(Framed framed) {
        return framed.withScheme(Framed.Scheme.TUBE)
                .withMembers(new Members(new Section(30, 60, 2), 450, "alu-6060"))
                .withInsulation(framed.insulation().withThickness(58));
    }
}
