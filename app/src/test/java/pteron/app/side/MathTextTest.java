package pteron.app.side;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.StartingPlans;

/** Formulas as written by hand; numbers followed to where they were decided. */
class MathTextTest {

    @Test
    void powersRaised_indicesLowered() {
        assertThat(MathText.of("12 mm4")).isEqualTo("12 mm⁴");
        assertThat(MathText.of("x^2 + y^3")).isEqualTo("x² + y³");
        assertThat(MathText.of("m1 · x1 / m12")).isEqualTo("m₁ · x₁ / m₁₂");
        assertThat(MathText.of("m1 + m2 + m3")).isEqualTo("m₁ + m₂ + m₃");
        assertThat(MathText.of("C24 timber, 4 300 mm")).contains("4 300 mm");
    }

    @Test
    void planned_isFollowedToItsInput() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        Figure wind = model.figure("strength.wind-pressure").orElseThrow();
        Working.Term gust = wind.working().terms().getFirst();
        assertThat(WorkingLinks.field(gust, model)).isPresent();
        assertThat(WorkingLinks.field(gust, model).orElseThrow().key()).isEqualTo("wind.speed");
    }
}
