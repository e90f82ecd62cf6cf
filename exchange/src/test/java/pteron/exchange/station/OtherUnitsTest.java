package pteron.exchange.station;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierSize;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;
import pteron.exchange.demo.Demos;

/** A list says when what it tells is sold in the other units. */
class OtherUnitsTest {

    private static String sentence(BoxPlan plan) {
        return OtherUnits.sentence(BoxModel.of(plan, MaterialLibrary.starting())).orElse("");
    }

    @Test
    void aPlanThatKeepsItsUnits_saysNothing() {
        assertThat(sentence(StartingPlans.square())).isEmpty();
        assertThat(sentence(Demos.wagtail())).isEmpty();
    }

    /** A plan begun in inches is sold in feet, until it is switched. */
    @Test
    void begunInInches_thenSwitched() {
        CarrierStart trailer = CarrierStart.TRAILER;
        CarrierSize size = trailer.sizes(UnitSystem.INCHES).getFirst();
        BoxPlan plan = NewPlan.of(trailer, size, OutlineStart.SQUARE, UnitSystem.INCHES);
        assertThat(sentence(plan)).isEmpty();
        assertThat(sentence(plan.withUnits(UnitSystem.METRIC)))
                .startsWith("Inch sizes, converted: ")
                .contains("4 × 8 ft", "bars");
    }

    @Test
    void switchedToInches_namesWhatIsMetric() {
        BoxPlan plan = StartingPlans.square().withUnits(UnitSystem.INCHES);
        assertThat(sentence(plan))
                .startsWith("Metric sizes, converted: ")
                .contains("Aluminium", "bars");
    }
}
