package pteron.app.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Calculator;
import pteron.core.reckon.Input;
import pteron.core.reckon.Inputs;
import pteron.core.reckon.Reckoner;

/** Calculators ask in the units that their answers are given in. */
class InputTextTest {

    private static Calculator named(String name) {
        return Reckoner.all().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Input input(Calculator calculator, String key) {
        return calculator.inputs().stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** By hand: 11 000 N/mm² are 1 595 415 psi, 1000 N are 224.8 lbf, 2000 mm are 6′ 6 3/4″. */
    @Test
    void asked_inPsiAndPounds() {
        Calculator beam = named("beam");
        Input modulus = input(beam, "modulus");
        assertThat(InputText.words(modulus, UnitSystem.INCHES)).endsWith("(psi)");
        assertThat(InputText.words(modulus, UnitSystem.METRIC)).endsWith("(N/mm²)");
        assertThat(InputText.usual(input(beam, "middle"), UnitSystem.INCHES)).isEqualTo("224.8");
        assertThat(InputText.usual(input(beam, "span"), UnitSystem.INCHES)).isEqualTo("6′ 6 3⁄4″");
        assertThat(InputText.typed(modulus, "1600000", UnitSystem.INCHES)).isEqualTo("1600000 psi");
        assertThat(InputText.typed(modulus, "9 GPa", UnitSystem.INCHES)).isEqualTo("9 GPa");
    }

    /**
     * A 2×4 of 1.6e6 psi over 80 in under 200 lbf in the middle, by hand: M = P L / 4 = 4000 lbf·in, I = 5.359 in⁴, stress
     * 4000 · 1.75 / 5.359 = 1306 psi, deflection P L³ / (48 E I) = 0.2488 in.
     */
    @Test
    void beam_inInches_byHand() {
        Calculator beam = named("beam");
        Map<String, String> typed = new LinkedHashMap<>();
        Map.of(
                        "span", "80", "width", "1 1/2", "depth", "3 1/2", "modulus", "1600000",
                        "middle", "200")
                .forEach(
                        (key, text) ->
                                typed.put(
                                        key,
                                        InputText.typed(
                                                input(beam, key), text, UnitSystem.INCHES)));
        List<Figure> figures = beam.answer(new Inputs(typed, UnitSystem.INCHES));
        assertThat(shown(figures, "moment")).isCloseTo(4000, within(1.0));
        assertThat(shown(figures, "stress")).isCloseTo(1306, within(1.0));
        assertThat(shown(figures, "deflection")).isCloseTo(0.2488, within(0.0002));
        assertThat(shown(figures, "inertia")).isCloseTo(5.359, within(0.001));
    }

    private static double shown(List<Figure> figures, String key) {
        Figure figure =
                figures.stream().filter(one -> one.key().endsWith(key)).findFirst().orElseThrow();
        return figure.quantity().unit().shown(figure.quantity().value(), UnitSystem.INCHES);
    }

    /** Every calculator: what stands in its fields in inches, read again, is what it begins with, to a sixteenth. */
    @Test
    void usual_isReadAgain() {
        int read = 0;
        for (Calculator calculator : Reckoner.all()) {
            Map<String, String> typed = new LinkedHashMap<>();
            for (Input input : calculator.inputs()) {
                String usual = InputText.usual(input, UnitSystem.INCHES);
                typed.put(input.key(), InputText.typed(input, usual, UnitSystem.INCHES));
            }
            List<Figure> usual = calculator.answer(new Inputs(Map.of(), UnitSystem.INCHES));
            List<Figure> again = calculator.answer(new Inputs(typed, UnitSystem.INCHES));
            double before = usual.getFirst().quantity().value();
            double after = again.getFirst().quantity().value();
            assertThat(after)
                    .as(calculator.name())
                    .isCloseTo(before, within(0.1 * Math.abs(before) + 1));
            read++;
        }
        assertThat(read).isGreaterThan(15);
    }
}
