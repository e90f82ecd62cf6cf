package pteron.app.side;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.figure.Origin;
import pteron.core.figure.Term;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.StartingPlans;

/** Formulas as written by hand; numbers followed to where they came from. */
class MathTextTest {

    @Test
    void powersRaised_indicesLowered() {
        assertThat(MathText.of("12 mm4")).isEqualTo("12 mm⁴");
        assertThat(MathText.of("x^2 + y^3")).isEqualTo("x² + y³");
        assertThat(MathText.of("m1 · x1 / m12")).isEqualTo("m₁ · x₁ / m₁₂");
        assertThat(MathText.of("C24 timber, 4 300 mm")).contains("4 300 mm");
    }

    /** The load on the coupler leads to the mass of all, and that to its parts. */
    @Test
    void workedOut_isFollowedToItsFigure() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        Figure load = model.figure("balance.coupler-load").orElseThrow();
        List<Term> terms =
                load.working().terms().stream()
                        .filter(term -> term.origin() == Origin.WORKED_OUT)
                        .toList();
        assertThat(terms).isNotEmpty();
        Optional<Figure> mass = WorkingLinks.figure(terms.getFirst(), load, model.figures());
        assertThat(mass).map(Figure::key).contains("balance.total-mass");
        Figure share = model.figure("balance.centre-x").orElseThrow();
        assertThat(share.working().terms().size()).isGreaterThan(8);
    }

    @Test
    void planned_isFollowedToItsInput() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        Figure wind = model.figure("strength.wind-pressure").orElseThrow();
        Term gust = wind.working().terms().getFirst();
        assertThat(WorkingLinks.field(gust, model)).isPresent();
        assertThat(WorkingLinks.field(gust, model).orElseThrow().key()).isEqualTo("wind.speed");
    }
}
