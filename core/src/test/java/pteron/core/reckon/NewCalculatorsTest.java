package pteron.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.mechanics.KerfBend;
import pteron.core.quantity.UnitSystem;

/** Arc, fillet, batten, kerf and plywood bend, R and U, dew point, glue, steps: by hand and published. */
class NewCalculatorsTest {

    private static double answer(String calculator, String key, String... typed) {
        Map<String, String> inputs = new HashMap<>();
        for (int i = 0; i < typed.length; i += 2) {
            inputs.put(typed[i], typed[i + 1]);
        }
        return Reckoner.named(calculator).answer(new Inputs(inputs, UnitSystem.METRIC)).stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .orElseThrow()
                .value();
    }

    @Test
    void arc_byHand() {
        assertThat(answer("arc", "radius")).isCloseTo(2125, within(1e-6));
        assertThat(answer("arc", "radius", "chord", "2000", "along", "1000", "rise", "1000"))
                .isCloseTo(1000, within(1e-6));
        assertThat(answer("arc", "turn", "chord", "2000", "along", "1000", "rise", "1000"))
                .isCloseTo(180, within(1e-6));
        assertThatThrownBy(() -> answer("arc", "radius", "rise", "0"))
                .hasMessageContaining("lies on the chord");
    }

    @Test
    void fillet_byHand() {
        assertThat(answer("fillet", "tangent", "turn", "45", "radius", "300"))
                .isCloseTo(124.264, within(0.0005));
        assertThat(answer("fillet", "length", "turn", "90", "radius", "300"))
                .isCloseTo(Math.PI * 150, within(1e-6));
    }

    @Test
    void batten_stressGrowsWithItsThickness() {
        double thin = answer("batten", "stress", "thickness", "6");
        double thick = answer("batten", "stress", "thickness", "12");
        assertThat(thick).isCloseTo(2 * thin, within(1e-9));
        double most = answer("batten", "thickest");
        assertThat(answer("batten", "stress", "thickness", Double.toString(most)))
                .isCloseTo(30, within(1e-3));
        assertThatThrownBy(() -> answer("batten", "stress", "along", "0,500", "up", "0,1,2"))
                .hasMessageContaining("as many of both");
    }

    /** By hand, class comment: 4 cuts 58.610 apart; 21 cuts 11.164 apart with a thin blade. */
    @Test
    void kerf_workedExample() {
        KerfBend wide = new KerfBend(90, 150, 6, 1.5, 2.4);
        assertThat(wide.cuts()).isEqualTo(4);
        assertThat(wide.apartMm()).isCloseTo(58.610, within(0.0005));
        KerfBend thin = new KerfBend(90, 150, 6, 1.5, 0.4);
        assertThat(thin.cuts()).isEqualTo(21);
        assertThat(thin.apartMm()).isCloseTo(11.164, within(0.0005));
        assertThat(answer("kerf", "cuts")).isEqualTo(4);
        assertThatThrownBy(() -> answer("kerf", "cuts", "left", "8"))
                .hasMessageContaining("left under a kerf");
    }

    /**
     * Bends worked out beside this project with the neutral line in the middle of what is left: sheet, left,
     * kerf, inside radius, turn; number of cuts (up) and what the next whole number before it would turn.
     */
    @ParameterizedTest
    @CsvSource({
        "12, 2, 2.2, 150, 90, 8, 11.459",
        "18, 3, 3.2, 200, 90, 9, 11.112",
        "15, 2, 1.6, 100, 45, 7, 6.548"
    })
    void kerf_tabledBends(
            double sheet,
            double left,
            double kerf,
            double inside,
            double turn,
            int cuts,
            double closes) {
        KerfBend bend = new KerfBend(turn, inside + sheet, sheet, left, kerf);
        assertThat(bend.cuts()).isEqualTo(cuts);
        assertThat(bend.zoneMm())
                .isCloseTo(Math.toRadians(turn) * (inside + sheet - left / 2), within(0.001));
        assertThat((cuts - 1) * closes).isLessThan(turn);
        assertThat(cuts * closes).isGreaterThanOrEqualTo(turn);
    }

    /**
     * Drawn block by block: each block is turned about the neutral line under its cut until the mouths of
     * the cut meet. As many as the sum says turn far enough; one fewer do not, by more than a cut's worth
     * of the straight mouth.
     */
    @Property(tries = 200, seed = "7310")
    void kerf_drawnBlockByBlock(
            @ForAll @DoubleRange(min = 5, max = 180) double turn,
            @ForAll @DoubleRange(min = 6, max = 18) double sheet,
            @ForAll @DoubleRange(min = 0.5, max = 3) double blade) {
        double left = sheet / 5;
        KerfBend bend = new KerfBend(turn, 400, sheet, left, blade);
        double lever = sheet - left / 2;
        double each = 2 * Math.toDegrees(Math.atan(blade / 2 / lever));
        assertThat(bend.cuts() * each).isGreaterThan(turn * 0.98);
        assertThat((bend.cuts() - 1) * each).isLessThan(turn);
    }

    /** What no hand means is refused with the input, the value and the limit, and nothing overflows. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "glue|coats|1.5|whole number",
                "glue|coats|1d|enter a number",
                "glue|coats|999999999999|enter 1 to 20",
                "beam|spread|-1|spread -1: enter 0 to",
                "beam|modulus|0x1p3|enter a number",
                "beam|span|1e5|is not a length",
                "sandwich|core-shear|1e-9|enter 0.1 to 100000",
                "arc|rise|-250|rise -250 mm: enter 0",
                "u-value|lambda|,|missing beside a comma",
                "u-value|lambda|0.1,NaN,3|enter a number",
                "bars|parts|,|missing beside a comma",
                "bars|parts|500x3x4|enter 1 to 5000 parts",
                "bars|kerf|2m|enter 0 to 50",
                "cartridges|content|1e-300|enter 20 to 5000",
                "kerf|kerf|0.0000001|enter 0.1",
                "steps|most|0.000001|enter 20"
            })
    void slipsOfTheHand_areRefused(String name, String key, String text, String sentence) {
        assertThatThrownBy(() -> answer(name, "any", key, text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(key)
                .hasMessageContaining(sentence);
    }

    /** Least radius across and along the face grain (ft): APA, The Engineered Wood Association. */
    @ParameterizedTest
    @CsvSource({
        "0.25, 2, 5",
        "0.3125, 2, 6",
        "0.375, 3, 8",
        "0.5, 6, 12",
        "0.625, 8, 16",
        "0.75, 12, 20"
    })
    void plywood_apa(double inches, double across, double along) {
        assertThat(PlywoodBend.acrossMm(inches * 25.4) / 304.8).isCloseTo(across, within(1e-9));
        assertThat(PlywoodBend.alongMm(inches * 25.4) / 304.8).isCloseTo(along, within(1e-9));
    }

    @Property(seed = "20261126")
    void plywood_thickerNeverBendsTighter(
            @ForAll @DoubleRange(min = 2, max = 24) double thickness,
            @ForAll @DoubleRange(min = 0, max = 8) double more) {
        assertThat(PlywoodBend.acrossMm(thickness + more))
                .isGreaterThanOrEqualTo(PlywoodBend.acrossMm(thickness) - 1e-9);
        assertThat(PlywoodBend.alongMm(thickness)).isGreaterThan(PlywoodBend.acrossMm(thickness));
    }

    /** The stud wall that {@code IsoTest} works by hand: R 3.1894, U 0.3135. */
    @Test
    void uValue_byHand() {
        String[] wall = {
            "layers", "12.5,140,9", "lambda", "0.25,0.035,0.13", "share", "15", "member", "0.13"
        };
        assertThat(answer("u-value", "r", wall)).isCloseTo(3.1894, within(5e-4));
        assertThat(answer("u-value", "u", wall)).isCloseTo(0.3135, within(5e-5));
        assertThatThrownBy(() -> answer("u-value", "u", "lambda", "0.1"))
                .hasMessageContaining("as many of both");
        assertThatThrownBy(() -> answer("u-value", "u", "lambda", "0.1,x,3"))
                .hasMessageContaining("lambda x: enter a number");
    }

    /** 20 °C at 60 %: 12.0 °C: ISO 13788 (derived). */
    @Test
    void dewPoint_published() {
        assertThat(answer("dew-point", "dew-point")).isCloseTo(12.0, within(0.05));
        assertThat(answer("dew-point", "pressure", "celsius", "20", "humidity", "100"))
                .isCloseTo(2337, within(1.0));
    }

    @Test
    void glue_steps_byHand() {
        assertThat(answer("glue", "litres")).isCloseTo(3.373, within(0.0005));
        assertThat(answer("steps", "count")).isEqualTo(4);
        assertThat(answer("steps", "height", "height", "760")).isCloseTo(190, within(1e-9));
    }
}
