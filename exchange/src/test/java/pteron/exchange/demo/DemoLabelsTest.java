package pteron.exchange.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.LabelsApart;
import pteron.core.plan.BoxPlan;

/** Labels of the four demos lie apart in every view at every station. */
class DemoLabelsTest {

    @Test
    void labels_ofEveryDemo() {
        for (BoxPlan plan : Demos.all()) {
            LabelsApart labels = new LabelsApart();
            labels.holdAll(BoxModel.of(plan, MaterialLibrary.starting()));
            System.out.printf(
                    "%s: %d of %d names and weights told%n",
                    plan.name(), labels.named(), labels.wanted());
            assertThat(labels.named()).as(plan.name()).isGreaterThan(labels.wanted() / 4);
        }
    }
}
