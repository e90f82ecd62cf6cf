package pteron.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.field.PlanFields;
import pteron.core.figure.Cure;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Quantity;

/** The input beside a cure is the one that the cure changes. */
class CureFieldTest {

    private static final BoxPlan PLAN = StartingPlans.square();

    private static double value(String key, BoxPlan plan) {
        return PlanFields.of(plan, MaterialLibrary.starting())
                .number(key)
                .orElseThrow(() -> new AssertionError(key + " is no input"))
                .value(plan)
                .value();
    }

    /** Press the cure: of all numbers it is that input which is another. */
    @Test
    void key_isTheInputThatChanges() {
        for (String part : List.of("floor", "walls", "roof")) {
            for (String kind :
                    List.of(
                            "MEMBER_DEPTH",
                            "MEMBER_SPACING",
                            "THICKER_PANEL_CORE",
                            "THICKER_PANEL_FACE",
                            "THICKER_LINING",
                            "THICKER_FAR_FACE")) {
                double amount =
                        kind.equals("MEMBER_DEPTH") ? 95 : kind.endsWith("SPACING") ? 300 : 3;
                Cure cure = Cure.press(kind, Quantity.mm(amount), part);
                String key = CureField.key(cure).orElseThrow();
                BoxPlan cured = Cures.apply(PLAN, cure);
                assertThat(value(key, cured)).as(kind + " " + part).isNotEqualTo(value(key, PLAN));
                double expected = kind.startsWith("THICKER") ? value(key, PLAN) + 3 : amount;
                assertThat(value(key, cured)).isEqualTo(expected);
            }
        }
    }

    @Test
    void key_ofTheWholeBox() {
        Cure cure = Cure.press("MOVE_BOX_BACK", Quantity.mm(40), "");
        String key = CureField.key(cure).orElseThrow();
        assertThat(value(key, Cures.apply(PLAN, cure))).isEqualTo(value(key, PLAN) + 40);
        assertThat(CureField.key(Cure.advice("WEIGH_AGAIN", Quantity.kg(1)))).isEmpty();
    }
}
