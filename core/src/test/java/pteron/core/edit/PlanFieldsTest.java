package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.StartingPlans;

class PlanFieldsTest {

    private static final BoxPlan PLAN = StartingPlans.rakedNose();
    private static final PlanFields FIELDS = PlanFields.of(PLAN, MaterialLibrary.starting());

    @Test
    void everyNumber_isReadBackAfterItIsSet() {
        assertThat(FIELDS.numbers())
                .hasSizeGreaterThan(60)
                .extracting(NumberField::key)
                .doesNotHaveDuplicates();
        for (NumberField field : FIELDS.numbers()) {
            double old = field.value(PLAN).value();
            double other = old + (old > 1 ? 0.5 : 1);
            BoxPlan changed = field.with(PLAN, other);
            assertThat(field.value(changed).value()).as(field.key()).isCloseTo(other, within(1e-9));
            assertThat(field.with(PLAN, old)).as(field.key()).isEqualTo(PLAN);
        }
    }

    @Test
    void everyChoice_isReadBack_andOffersWhatThereIs() {
        for (ChoiceField field : FIELDS.choices()) {
            assertThat(field.options()).as(field.key()).contains(field.get().apply(PLAN));
            for (String option : field.options()) {
                BoxPlan changed = field.set().apply(PLAN, option);
                assertThat(field.get().apply(changed)).isEqualTo(option);
            }
        }
        assertThat(FIELDS.choice("floor.core").orElseThrow().options())
                .contains("xps")
                .doesNotContain("c24", "wool-batt");
    }

    @Test
    void length_noseAndOpeningsStay() {
        BoxPlan longer = BoxEdits.withLength(PLAN, 4350);
        assertThat(longer.box().outline())
                .containsExactly(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 950),
                        new OutlinePoint(560, 2160),
                        new OutlinePoint(4350, 2160),
                        new OutlinePoint(4350, 0));
        assertThat(longer.openings()).isEqualTo(PLAN.openings());
    }

    @Test
    void height_kneeStays() {
        BoxPlan higher = BoxEdits.withHeight(PLAN, 2300);
        assertThat(higher.box().outline().get(1).zMm()).isEqualTo(950);
        assertThat(BoxEdits.height(higher)).isEqualTo(2300);
    }

    @Test
    void outOfRange_isRefusedWithASentence() {
        NumberField width = FIELDS.number("box.width").orElseThrow();
        assertThatThrownBy(() -> width.with(PLAN, 20))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("box width")
                .hasMessageContaining("600.0 to 3500.0 mm");
    }
}
