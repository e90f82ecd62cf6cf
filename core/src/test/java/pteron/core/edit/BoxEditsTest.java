package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SamplePlans;

class BoxEditsTest {

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 100, seed = "20261126")
    void length_isWhatWasTyped_andGoesBack(
            @ForAll("plans") BoxPlan plan,
            @ForAll @DoubleRange(min = 2500, max = 7000) double length) {
        BoxPlan other = BoxEdits.withLength(plan, length);
        assertThat(BoxEdits.length(other)).isCloseTo(length, within(1e-6));
        assertThat(BoxEdits.height(other)).isCloseTo(BoxEdits.height(plan), within(1e-9));
        BoxPlan back = BoxEdits.withLength(other, BoxEdits.length(plan));
        for (int i = 0; i < plan.box().outline().size(); i++) {
            double was = plan.box().outline().get(i).xMm();
            assertThat(back.box().outline().get(i).xMm()).isCloseTo(was, within(1e-6));
        }
    }

    @Property(tries = 100, seed = "20261126")
    void height_feetStayOnTheDeck(
            @ForAll("plans") BoxPlan plan,
            @ForAll @DoubleRange(min = 1900, max = 2900) double height) {
        BoxPlan other = BoxEdits.withHeight(plan, height);
        assertThat(BoxEdits.height(other)).isCloseTo(height, within(1e-6));
        assertThat(other.box().outline().getFirst().zMm()).isZero();
        assertThat(other.box().outline().getLast().zMm()).isZero();
    }

    @Test
    void slopedTail_movesWhole() {
        BoxPlan longer = BoxEdits.withLength(SamplePlans.slopedTail(), 4400);
        assertThat(longer.box().outline().get(3)).isEqualTo(new OutlinePoint(3600, 2160));
        assertThat(longer.box().outline().get(4)).isEqualTo(new OutlinePoint(4400, 1300));
        assertThat(OutlineStage.of(longer.box()).usable()).isTrue();
    }

    @Test
    void corner_onlyThatOneMoves() {
        BoxPlan plan = SamplePlans.rakedNose();
        BoxPlan other = BoxEdits.withCorner(plan, 2, 700, 2100);
        assertThat(other.box().outline().get(2)).isEqualTo(new OutlinePoint(700, 2100));
        assertThat(other.box().outline().get(1)).isEqualTo(plan.box().outline().get(1));
        assertThat(other.box().widthMm()).isEqualTo(plan.box().widthMm());
    }
}
