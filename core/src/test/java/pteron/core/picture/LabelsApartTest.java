package pteron.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.balance.BalanceStation;
import pteron.core.drawing.View;
import pteron.core.frame.FrameStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;

/** Labels lie apart in every view of every start, and in the sides, ends and roofs of 300 random boxes. */
class LabelsApartTest {

    private static final View[] FRAMED = {View.LEFT, View.RIGHT, View.FRONT, View.REAR, View.ROOF};

    private static int drawn;
    private static int told;

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void labels_ofEveryStart(OutlineStart start) {
        LabelsApart labels = new LabelsApart();
        labels.holdAll(BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting()));
        assertThat(labels.wanted()).isGreaterThan(100);
        assertThat(labels.named()).isGreaterThan(labels.wanted() / 3);
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 300, seed = "20261202")
    void labels_ofRandomBoxes(@ForAll("plans") BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        LabelsApart labels = new LabelsApart();
        for (View view : FRAMED) {
            labels.hold(model, view, FrameStation.FRAME);
            labels.hold(model, view, BalanceStation.BALANCE);
        }
        drawn += labels.wanted();
        told += labels.named();
    }

    /** Names that are left out are no way to keep apart: most are told. */
    @AfterContainer
    static void mostAreTold() {
        if (drawn > 0) {
            System.out.printf("%d of %d names and weights told%n", told, drawn);
            assertThat(told).isGreaterThan(drawn / 2);
        }
    }
}
