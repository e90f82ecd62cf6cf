package pteron.core.cure;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import pteron.core.buildup.Alternative;
import pteron.core.edit.MakeUpEdits;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Wall;
import pteron.core.quantity.UnitSystem;
import pteron.core.school.Schools;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** Plans as builders begin them: a starting outline on a starting carrier, sizes within usual ranges, any build method. */
final class UsualPlans {

    private UsualPlans() {}

    /** {@return the plan of a seed; empty where its random sizes do not go together} */
    static Optional<BoxPlan> of(long seed) {
        Random random = new Random(seed);
        try {
            CarrierStart carrier = pick(random, List.of(CarrierStart.values()));
            OutlineStart outline = pick(random, List.of(OutlineStart.values()));
            if (NewPlan.refusal(carrier, outline).isPresent()) {
                return Optional.empty();
            }
            BoxPlan plan =
                    NewPlan.of(
                            carrier,
                            pick(random, carrier.sizes(UnitSystem.METRIC)),
                            outline,
                            UnitSystem.METRIC);
            return Optional.of(opened(random, sized(random, built(random, plan))));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static <T> T pick(Random random, List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private static BoxPlan built(Random random, BoxPlan plan) {
        BoxPlan built = plan;
        for (Alternative.Part part : Alternative.Part.values()) {
            Alternative school = pick(random, Schools.of(part, UnitSystem.METRIC));
            built = MakeUpEdits.withBuildUp(built, part, school.buildUp());
        }
        return built;
    }

    private static BoxPlan sized(Random random, BoxPlan plan) {
        double wide = plan.box().widthMm() + random.nextInt(-200, 400);
        double wind = random.nextInt(24, 48);
        return plan.withBox(plan.box().withWidth(wide).withOffset(random.nextInt(-200, 600)))
                .withLoads(plan.loads().withWindSpeed(wind));
    }

    private static BoxPlan opened(Random random, BoxPlan plan) {
        BoxPlan open = plan;
        List<Wall> walls = List.of(Wall.LEFT, Wall.RIGHT, Wall.REAR);
        for (int i = 0; i < 4; i++) {
            ShelfUnit unit = pick(random, UnitShelf.UNITS);
            try {
                open = OpeningEdits.added(open, unit, pick(random, walls));
            } catch (IllegalArgumentException e) {
                // the unit does not go into that wall
            }
        }
        return open;
    }
}
