package pteron.exchange.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;

class DemosTest {

    private static final BoxPlan WAGTAIL = Demos.wagtail();
    private static final BoxModel MODEL = BoxModel.of(WAGTAIL, MaterialLibrary.starting());

    @Test
    void wagtail_isWhatItIsSaidToBe() {
        assertThat(WAGTAIL.name()).isEqualTo("Wagtail");
        assertThat(WAGTAIL.vehicle().axlesMm()).hasSize(2);
        assertThat(WAGTAIL.openings()).hasSize(5);
        assertThat(MODEL.outline().lengthMm()).isEqualTo(4300);
    }

    @Test
    void wagtail_canBeBuilt_andTowed() {
        assertThat(MODEL.findings()).noneMatch(f -> f.severity() == Severity.STOPS);
        assertThat(MODEL.balance().load().frontPercent()).isBetween(10.0, 15.0);
        assertThat(MODEL.balance().massKg()).isLessThan(WAGTAIL.vehicle().gear().grossKg());
    }
}
