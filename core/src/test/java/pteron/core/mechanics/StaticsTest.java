package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Section;
import pteron.core.quantity.Quantity;

/** Beams against their equation summed in small steps, sections and loads by hand. */
class StaticsTest {

    private static final int STEPS = 20_000;

    /** Sag in the middle by unit load: the moment times that of a unit load there, over E I, summed along the span. */
    private static double sag(double span, double stiffness, DoubleUnaryOperator moment) {
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            double x = (i + 0.5) * span / STEPS;
            sum += moment.applyAsDouble(x) * Math.min(x, span - x) / 2 * span / STEPS;
        }
        return sum / stiffness;
    }

    @ParameterizedTest
    @CsvSource({"2000, 1e10, 1, 1000", "1250, 4.2e9, 0.35, 700", "3600, 2.5e11, 2.4, 90"})
    void beam_byUnitLoads(double span, double stiffness, double spread, double middle) {
        Beam beam = new Beam(span, stiffness);
        DoubleUnaryOperator underSpread = x -> spread * x * (span - x) / 2;
        DoubleUnaryOperator underMiddle = x -> middle * Math.min(x, span - x) / 2;
        assertThat(beam.spreadMoment(spread))
                .isCloseTo(underSpread.applyAsDouble(span / 2), within(1e-6));
        assertThat(beam.middleMoment(middle))
                .isCloseTo(underMiddle.applyAsDouble(span / 2), within(1e-6));
        double sags = sag(span, stiffness, underSpread);
        assertThat(beam.spreadDeflection(spread)).isCloseTo(sags, within(1e-6 * sags));
        double bends = sag(span, stiffness, underMiddle);
        assertThat(beam.middleDeflection(middle)).isCloseTo(bends, within(1e-6 * bends));
    }

    /** Deflections along a beam against its equation E I y″ = −M solved by differences, the supports held. */
    @ParameterizedTest
    @CsvSource({"2000, 1e10, 1, 1000", "1250, 4.2e9, 0.35, 700", "3600, 2.5e11, 0, 90"})
    void alongTheBeam_byDifferences(double span, double stiffness, double spread, double middle) {
        Beam beam = new Beam(span, stiffness);
        int cells = 2000;
        double step = span / cells;
        double[] upper = new double[cells];
        double[] right = new double[cells];
        for (int i = 1; i < cells; i++) {
            double x = i * step;
            double moment = spread * x * (span - x) / 2 + middle * Math.min(x, span - x) / 2;
            double pivot = 2 - upper[i - 1];
            upper[i] = 1 / pivot;
            right[i] = (moment / stiffness * step * step + right[i - 1]) / pivot;
        }
        double y = 0;
        for (int i = cells - 1; i > 0; i--) {
            y = right[i] + upper[i] * y;
            double x = i * step;
            double told = beam.spreadDeflectionAt(spread, x) + beam.middleDeflectionAt(middle, x);
            assertThat(told).isCloseTo(y, within(1e-5 * (y + 0.01)));
        }
    }

    /** AISC Manual, table 3-23, cases 1 and 7, at a quarter of the span: L 2000, EI 1e10. */
    @Test
    void alongTheBeam_workedExamples() {
        Beam beam = new Beam(2000, 1e10);
        assertThat(beam.spreadMomentAt(1, 500)).isEqualTo(375_000);
        assertThat(beam.middleMomentAt(1000, 1500)).isEqualTo(250_000);
        assertThat(beam.spreadDeflectionAt(1, 500)).isCloseTo(14.844, within(0.0005));
        assertThat(beam.middleDeflectionAt(1000, 500)).isCloseTo(11.458, within(0.0005));
    }

    /** AISC Manual, table 3-23, cases 1 and 7: L 2000, EI 1e10. */
    @Test
    void beam_workedExamples() {
        Beam beam = new Beam(2000, 1e10);
        assertThat(beam.spreadMoment(1)).isEqualTo(500_000);
        assertThat(beam.middleMoment(1000)).isEqualTo(500_000);
        assertThat(beam.spreadDeflection(1)).isCloseTo(20.833, within(0.0005));
        assertThat(beam.middleDeflection(1000)).isCloseTo(16.667, within(0.0005));
        assertThatThrownBy(() -> new Beam(0, 1)).hasMessageContaining("span");
        assertThatThrownBy(() -> new Beam(1, 0)).hasMessageContaining("stiffness");
    }

    /**
     * By hand on 2000 mm, EI 1e10: 0.1 N/mm that stays, 0.2 that does not, 1000 N in the middle. Moment 1.35 · 50 000 + 1.5
     * · (100 000 + 500 000), shear 1.35 · 100 + 1.5 · (200 + 1000), sag 2.0833 · 1.8 + 4.1667 + 16.6667.
     */
    @Test
    void loadCase_byHand() {
        LoadCase load = new LoadCase(0.1, 0.2, 1000);
        Beam beam = new Beam(2000, 1e10);
        assertThat(load.designMoment(beam)).isCloseTo(967_500, within(1e-6));
        assertThat(load.designShear(2000)).isCloseTo(1935, within(1e-9));
        assertThat(load.finalDeflection(beam, 0.8)).isCloseTo(24.58333, within(1e-4));
        assertThat(new LoadCase(0.1, 0, 1000).finalDeflection(beam, 0.8))
                .isCloseTo(20.417, within(0.0005));
    }

    @Test
    void loadCase_takesNoNegativeLoads() {
        assertThatThrownBy(() -> new LoadCase(-1, 0, 0)).hasMessageContaining("permanent load");
        assertThatThrownBy(() -> new LoadCase(0, -1, 0)).hasMessageContaining("spread load");
        assertThatThrownBy(() -> new LoadCase(0, 0, -1)).hasMessageContaining("in the middle");
    }

    /** NDS supplement, table 1B: a 2×4 (1.5 × 3.5 in) has 5.250 in², 3.063 in³, 5.359 in⁴. */
    @Test
    void rectangle_nds() {
        RectangleSection bar = RectangleSection.of(new Section(38.1, 88.9));
        assertThat(bar.areaMm2() / 645.16).isCloseTo(5.250, within(0.0005));
        assertThat(bar.modulusMm3() / 16387.064).isCloseTo(3.063, within(0.0005));
        assertThat(bar.inertiaMm4() / 416231.426).isCloseTo(5.359, within(0.0005));
        assertThatThrownBy(() -> new RectangleSection(0, 1)).hasMessageContaining("width");
        assertThatThrownBy(() -> new RectangleSection(1, 0)).hasMessageContaining("depth");
    }

    @Test
    void check_isEqualByItsNumbers() {
        Check check = check("stud.bending", "Stud", "left stud 1", 3, 4);
        assertThat(check.utilisation()).isEqualTo(0.75);
        assertThat(check)
                .isEqualTo(check)
                .isEqualTo(check("stud.bending", "Stud", "left stud 1", 3, 4))
                .hasSameHashCodeAs(check("stud.bending", "Stud", "left stud 1", 3, 4))
                .isNotEqualTo(check("stud.shear", "Stud", "left stud 1", 3, 4))
                .isNotEqualTo(check("stud.bending", "Post", "left stud 1", 3, 4))
                .isNotEqualTo(check("stud.bending", "Stud", "left stud 2", 3, 4))
                .isNotEqualTo(check("stud.bending", "Stud", "left stud 1", 2, 4))
                .isNotEqualTo(check("stud.bending", "Stud", "left stud 1", 3, 5))
                .isNotEqualTo("stud.bending");
        assertThat(check.hashCode())
                .isNotEqualTo(check("bow.bending", "Stud", "left stud 1", 3, 4).hashCode());
    }

    private static Check check(
            String key, String name, String part, double demand, double capacity) {
        return new Check(key, name, part, Quantity.mm(demand), Quantity.mm(capacity), () -> null);
    }
}
