package pteron.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;

class ReckonerTest {

    private static double answer(String name, String key, Map<String, String> typed) {
        return Reckoner.named(name).answer(new Inputs(typed, UnitSystem.METRIC)).stream()
                .filter(f -> f.key().equals(key))
                .mapToDouble(Figure::value)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void all_answerWithTheirUsualInputs_andOpenTheirWorking() {
        for (Calculator calculator : Reckoner.all()) {
            assertThat(calculator.answer(new Inputs(Map.of(), UnitSystem.INCHES)))
                    .as(calculator.name())
                    .isNotEmpty()
                    .allMatch(
                            f ->
                                    !f.working().formula().isBlank()
                                            && !f.working().terms().isEmpty());
        }
    }

    @Test
    void mitre_upright() {
        assertThat(answer("mitre", "mitre", Map.of("turn", "45"))).isEqualTo(22.5);
        assertThat(answer("upright", "rear", Map.of())).isCloseTo(1221.939, within(0.0005));
    }

    /** PL³/48EI for a 2×4 on edge of E 1.4e6 psi over 96 in under 250 lb: 0.614 in, any beam table. */
    @Test
    void beam_inchesByHand() {
        double sag =
                answer(
                        "beam",
                        "deflection",
                        Map.of(
                                "span",
                                "96\"",
                                "width",
                                "1 1/2\"",
                                "depth",
                                "3 1/2\"",
                                "modulus",
                                "9652.66",
                                "middle",
                                "1112.055"));
        assertThat(sag / 25.4)
                .isCloseTo(250 * Math.pow(96, 3) / (48 * 1.4e6 * 5.359), within(0.0005));
    }

    @Test
    void coupler_cartridges_bars_sandwich() {
        assertThat(answer("coupler", "coupler", Map.of())).isCloseTo(216, within(1e-9));
        assertThat(
                        answer(
                                "cartridges",
                                "each",
                                Map.of("width", "1/4\"", "depth", "1/4\"", "content", "299")))
                .isCloseTo(7.415, within(0.0005));
        assertThat(
                        answer(
                                "bars",
                                "bought",
                                Map.of("parts", "1000x6", "stock", "3000", "kerf", "0")))
                .isEqualTo(6);
        assertThat(answer("sandwich", "deflection", Map.of())).isCloseTo(1.4398, within(0.00005));
    }

    @Test
    void badInputs_getASentence() {
        assertThatThrownBy(() -> answer("beem", "x", Map.of()))
                .hasMessageContaining("choose one of mitre, upright");
        assertThatThrownBy(() -> answer("beam", "x", Map.of("sspan", "1")))
                .hasMessageContaining("its inputs are span");
        assertThatThrownBy(() -> answer("beam", "x", Map.of("span", "far")))
                .hasMessageContaining("span: “far”");
        assertThatThrownBy(() -> answer("mitre", "x", Map.of("turn", "x")))
                .hasMessageContaining("enter a number");
        assertThatThrownBy(() -> answer("bars", "x", Map.of("parts", "2000x0")))
                .hasMessageContaining("2047x11");
        assertThatThrownBy(() -> answer("bars", "x", Map.of("parts", "9000")))
                .hasMessageContaining("longest bar");
        assertThatThrownBy(() -> answer("upright", "x", Map.of("slope", "90")))
                .hasMessageContaining("slope");
    }
}
