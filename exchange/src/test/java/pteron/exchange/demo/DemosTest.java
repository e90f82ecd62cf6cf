package pteron.exchange.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.curve.Batten;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.EdgeKind;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Pickup;

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

    @Test
    void dipper_isAPickup_inInches_overTheCab() {
        BoxPlan dipper = Demos.dipper();
        BoxModel model = BoxModel.of(dipper, MaterialLibrary.starting());
        assertThat(dipper.units()).isEqualTo(UnitSystem.INCHES);
        assertThat(dipper.vehicle()).isInstanceOf(Pickup.class);
        assertThat(model.outline().elements()).anyMatch(e -> e.kind() == EdgeKind.UNDER);
        assertThat(model.findings()).noneMatch(f -> f.severity() == Severity.STOPS);
        assertThat(model.balance().massKg()).isLessThan(dipper.vehicle().gear().grossKg());
        assertThat(model.figure("carrier.clearance.2").orElseThrow().value())
                .isCloseTo(1.25 * 25.4, within(1e-6));
    }

    @Test
    void siskin_isArched_andBonded() {
        BoxPlan siskin = Demos.siskin();
        BoxModel model = BoxModel.of(siskin, MaterialLibrary.starting());
        assertThat(model.outline().elements()).anyMatch(e -> e.curve() instanceof Batten);
        assertThat(siskin.makeUp().walls().scheme()).isEqualTo(Framed.Scheme.FRAMELESS);
        assertThat(model.findings()).noneMatch(f -> f.severity() == Severity.STOPS);
        assertThat(model.balance().load().frontPercent()).isBetween(10.0, 15.0);
    }

    @Test
    void all_areFour_setOut_andWeighWhatTheyAre() {
        assertThat(Demos.all())
                .extracting(BoxPlan::name)
                .containsExactly("Wagtail", "Dipper", "Siskin", "Plover");
        for (BoxPlan demo : Demos.all()) {
            BoxModel model = BoxModel.of(demo, MaterialLibrary.starting());
            assertThat(model.balance().boxKg()).as(demo.name()).isBetween(150.0, 900.0);
            assertThat(model.made()).isPresent();
            assertThat(model.isWeighedByAreas()).as(demo.name()).isFalse();
            assertThat(model.findings())
                    .as(demo.name())
                    .noneMatch(finding -> finding.severity() == Severity.STOPS);
        }
    }
}
