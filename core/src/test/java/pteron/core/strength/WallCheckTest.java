package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.panel.Panels;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.tube.Tubes;
import pteron.core.wind.BoxInWind;

/** What uprights of a wall carry: half way to what stands beside them, not to what stands over or under them. */
class WallCheckTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static Opening window(String id, double along, double sill, double wide) {
        Opening like = StartingPlans.square().opening("window-b");
        return new Opening(
                id,
                id,
                like.kind(),
                like.wall(),
                new Opening.Place(along, sill),
                new Opening.Size(wide, 250),
                like.playMm(),
                like.massKg(),
                like.source());
    }

    private static List<MemberCheck> studs(BoxModel model) {
        StrengthInput input =
                StrengthInput.of(
                        model.plan(),
                        LIBRARY,
                        model.get(Carrier.class),
                        model.get(Outline.class),
                        model.get(Frame.class),
                        model.get(Tubes.class),
                        model.get(Panels.class));
        return WallCheck.of(input, BoxInWind.walls(model.plan().box(), input.carrier()));
    }

    /**
     * A vent over a long window: the trimmer of the upper one stands on the header of the lower, over a trimmer's line of the
     * lower wall. Each carries half the way to its neighbours left and right; before, one of two that share a line carried half of it.
     */
    @Test
    void uprightsOverEachOther_carryTheirWholeBay() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpenings(
                                List.of(
                                        window("low", 1000, 500, 900),
                                        window("mid", 1500, 900, 900),
                                        window("high", 1000, 1300, 900)));
        BoxModel model = BoxModel.of(plan, LIBRARY);
        Map<String, Member> left =
                model.get(Frame.class).members().stream()
                        .filter(one -> one.panel().kind().isSide())
                        .collect(Collectors.toMap(Member::name, one -> one));
        int stacked = 0;
        for (MemberCheck check : studs(model)) {
            Member own = left.get(check.part());
            if (own == null || own.role() != Role.TRIMMER) {
                continue;
            }
            double at = own.bounds().middle().u();
            List<Member> beside =
                    left.values().stream()
                            .filter(one -> one.isUpright() && one.panel().equals(own.panel()))
                            .filter(one -> one.role() != Role.SHORT_STUD)
                            .filter(one -> one.bounds().fromV() < own.bounds().toV() - 1)
                            .filter(one -> own.bounds().fromV() < one.bounds().toV() - 1)
                            .toList();
            double before = nearest(beside, at, -1);
            double after = nearest(beside, at, 1);
            assertThat(check.setting().carried().widthMm())
                    .as(check.part())
                    .isCloseTo((before + after) / 2, within(1e-6));
            stacked +=
                    left.values().stream()
                                            .filter(
                                                    one ->
                                                            one.isUpright()
                                                                    && one.panel()
                                                                            .equals(own.panel()))
                                            .filter(
                                                    one ->
                                                            Math.abs(one.bounds().middle().u() - at)
                                                                    < 1)
                                            .count()
                                    > 1
                            ? 1
                            : 0;
        }
        assertThat(stacked).as("trimmers that share a line").isGreaterThan(1);
    }

    /** {@return how far the nearest upright on a side is (mm)} */
    private static double nearest(List<Member> uprights, double at, int way) {
        return uprights.stream()
                .mapToDouble(one -> way * (one.bounds().middle().u() - at))
                .filter(far -> far > 1)
                .min()
                .orElseThrow();
    }
}
