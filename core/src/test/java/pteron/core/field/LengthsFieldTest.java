package pteron.core.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Supplies;
import pteron.core.quantity.UnitSystem;

/** Lengths that are typed together: the bars in the shop. */
class LengthsFieldTest {

    private static final BoxPlan METRIC = StartingPlans.square();
    private static final BoxPlan INCHES =
            METRIC.withUnits(UnitSystem.INCHES).withSupplies(Supplies.usual(UnitSystem.INCHES));

    private static LengthsField bars(BoxPlan plan) {
        return PlanFields.of(plan, MaterialLibrary.starting()).lengths("bars.timber").orElseThrow();
    }

    private static List<Double> typed(BoxPlan plan, String text) {
        return bars(plan).typed(plan, text).supplies().stockLengthsMm();
    }

    @Test
    void text_isWhatABuilderWrites_andIsReadAgain() {
        assertThat(bars(METRIC).text(METRIC))
                .isEqualTo("3\u2009000, 3\u2009600, 4\u2009200, 4\u2009800 mm");
        assertThat(bars(INCHES).text(INCHES)).isEqualTo("8′, 10′, 12′, 16′");
        for (BoxPlan plan : List.of(METRIC, INCHES)) {
            assertThat(bars(plan).typed(plan, bars(plan).text(plan))).isEqualTo(plan);
        }
    }

    @Test
    void typed_inAnyUnitAndOrder() {
        assertThat(typed(METRIC, "5.4 m, 2400,3000, 2400")).containsExactly(2400.0, 3000.0, 5400.0);
        assertThat(typed(METRIC, "2400,5; 3000")).containsExactly(2400.5, 3000.0);
        assertThat(typed(INCHES, "92 5/8\", 12'")).containsExactly(2352.675, 3657.6);
        assertThat(typed(INCHES, "96, 120,")).containsExactly(2438.4, 3048.0);
    }

    @Test
    void typed_nonsense_isRefused_inWords() {
        assertThatThrownBy(() -> typed(METRIC, "3000, long")).hasMessageContaining("“long”");
        assertThatThrownBy(() -> typed(METRIC, " , , "))
                .hasMessageContaining("at least one length");
        for (String wrong : List.of("0", "-3000", "3000, 30000", "12")) {
            assertThatThrownBy(() -> typed(METRIC, wrong))
                    .as(wrong)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("stock length");
        }
    }

    @Test
    void difference_tellsThem() {
        BoxPlan other = bars(METRIC).typed(METRIC, "3000");
        assertThat(PlanDifference.text(METRIC, other))
                .isEqualTo(
                        "Stock lengths, timber and bars 3\u2009000, 3\u2009600, 4\u2009200, 4\u2009800 mm → 3\u2009000 mm");
    }
}
