package pteron.exchange.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.junit.jupiter.api.Test;
import pteron.core.field.PlanFields;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.demo.Demos;

/** What is refused says what, how much and what it must be, in the units in use. */
class RefusalWordsTest {

    private static String refusal(BoxPlan plan, String key, double value) {
        IllegalArgumentException refused =
                catchThrowableOfType(
                        IllegalArgumentException.class,
                        () ->
                                PlanFields.of(plan, MaterialLibrary.starting())
                                        .number(key)
                                        .orElseThrow()
                                        .with(plan, value));
        return RefusalWords.of(refused, plan.units()).replace('\u2009', ' ');
    }

    @Test
    void lengths_inBothUnits() {
        assertThat(refusal(Demos.wagtail(), "box.length", -500))
                .isEqualTo("length −500 mm: enter 500 to 15 000 mm");
        assertThat(refusal(Demos.wagtail().withUnits(UnitSystem.INCHES), "box.length", 0))
                .isEqualTo("length 0″: enter 19 11⁄16″ to 49′ 2 9⁄16″");
        assertThat(refusal(Demos.wagtail(), "box.height", 99_999)).contains("enter 300 to 4 500");
    }

    @Test
    void massesAndShares() {
        assertThat(refusal(Demos.wagtail(), "opening.door.mass", 900))
                .isEqualTo("mass of the unit 900 kg: enter 0 to 200 kg");
        assertThat(refusal(Demos.wagtail(), "inside.humidity", 300)).contains("enter 1 to 100 %");
    }

    /** Nothing, less than nothing and far too much are refused everywhere where they make no sense. */
    @Test
    void noFieldTakesFarTooMuch() {
        for (BoxPlan plan : Demos.all()) {
            PlanFields fields = PlanFields.of(plan, MaterialLibrary.starting());
            for (var field : fields.numbers()) {
                for (double value : new double[] {1e7, -1e7}) {
                    String words = refusal(plan, field.key(), value);
                    assertThat(words)
                            .as(field.key())
                            .matches(".*(: enter|cannot be rounded).*")
                            .doesNotContain("[");
                }
            }
        }
    }
}
