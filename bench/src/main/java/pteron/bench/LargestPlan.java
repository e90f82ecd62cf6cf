package pteron.bench;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.edit.BoxEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;

/** The largest plan that is allowed: 15 m long, a member every 100 mm, 200 openings. */
final class LargestPlan {

    private static final int OPENINGS = 200;

    private LargestPlan() {}

    static BoxPlan make() {
        BoxPlan plan = BoxEdits.withLength(StartingPlans.square(), 15_000);
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                        makeUp.withWalls(close(makeUp.walls())).withRoof(close(makeUp.roof())))
                .withOpenings(openings(plan.openings().getFirst()));
    }

    private static Framed close(Framed framed) {
        return framed.withMembers(framed.members().withSpacing(100));
    }

    /** Four rows of fifty, half of them in each side. */
    private static List<Opening> openings(Opening like) {
        List<Opening> all = new ArrayList<>();
        for (int i = 0; i < OPENINGS; i++) {
            int place = i / 2;
            all.add(
                    new Opening(
                            "o" + i,
                            "Window " + i,
                            Opening.Kind.WINDOW,
                            i % 2 == 0 ? Wall.LEFT : Wall.RIGHT,
                            new Opening.Place(300 + place % 50 * 290, 300 + place / 50 * 700),
                            new Opening.Size(110, 200),
                            like.playMm(),
                            like.massKg()));
        }
        return all;
    }
}
