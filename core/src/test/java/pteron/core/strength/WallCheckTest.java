package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.panel.Panels;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.core.tube.Tubes;
import pteron.core.wind.BoxInWind;

/** What uprights of a wall carry: half way to what stands beside them, not to what stands over or under them. */
class WallCheckTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** How far a sloping end moves the middle of an upright's area from the middle of its width (mm). */
    private static final double LEAN_MM = 6;

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
                    .isGreaterThan((before + after) / 2 - 1e-6);
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

    /** Nothing of the wind is lost: at every height an upright carries at least half way to those that stand beside it there. */
    @Property(tries = 60, seed = "20261202")
    void atEveryHeight_uprightsCarryHalfWay(@ForAll("plans") BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, LIBRARY);
        if (model.find(Frame.class).isEmpty() || plan.found().isPresent()) {
            return;
        }
        Map<String, Double> carried =
                studs(model).stream()
                        .collect(
                                Collectors.toMap(
                                        MemberCheck::part,
                                        one -> one.setting().carried().widthMm()));
        for (PanelFrame panel : model.get(Frame.class).panels()) {
            List<Member> stand =
                    panel.members().stream()
                            .filter(one -> carried.containsKey(one.name()))
                            .filter(one -> Math.abs(one.axis().u()) < 1e-9)
                            .toList();
            if (stand.size() > 1) {
                checked(panel, stand, carried);
            }
        }
        Statistics.label("checked").collect(carried.size() > 8);
        Statistics.label("checked")
                .coverage(found -> found.check(true).percentage(share -> share > 40));
    }

    private static void checked(PanelFrame panel, List<Member> stand, Map<String, Double> carried) {
        List<Member> uprights =
                panel.members().stream()
                        .filter(
                                one ->
                                        carried.containsKey(one.name())
                                                || one.role() == Role.CORNER_POST
                                                || one.role() == Role.CORNER_BACKING)
                        .toList();
        double low = stand.stream().mapToDouble(one -> one.bounds().fromV()).min().orElseThrow();
        double high = stand.stream().mapToDouble(one -> one.bounds().toV()).max().orElseThrow();
        for (int i = 1; i < 8; i++) {
            double v = low + (high - low) * i / 8;
            List<Double> here =
                    uprights.stream()
                            .filter(one -> one.bounds().fromV() < v && v < one.bounds().toV())
                            .map(one -> one.bounds().middle().u())
                            .sorted()
                            .toList();
            for (Member own : stand) {
                int at = here.indexOf(own.bounds().middle().u());
                boolean stands = own.bounds().fromV() < v && v < own.bounds().toV();
                if (stands && at > 0 && at < here.size() - 1) {
                    assertThat(carried.get(own.name()))
                            .as("%s at %.0f", own.name(), v)
                            .isGreaterThan((here.get(at + 1) - here.get(at - 1)) / 2 - LEAN_MM);
                }
            }
        }
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
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
