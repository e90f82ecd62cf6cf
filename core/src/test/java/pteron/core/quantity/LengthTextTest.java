package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    private static final double EXACT = 1e-9;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4350|4350",
                "4 350|4350",
                "4\u2009350 mm|4350",
                "435 cm|4350",
                "4.35 m|4350",
                "4,35m|4350",
                "-12.5|-12.5",
                "14' 3 1/4\"|4349.75",
                "14′ 3 1⁄4″|4349.75",
                "6' 2 1/2|1892.3",
                "14 1/4 in|361.95",
                "171-1/4\"|4349.75",
                "2 ft 3 in|685.8",
                "7'|2133.6",
                "1/2\"|12.7",
                "14.25\"|361.95"
            })
    void parse_metricPlan(String text, double mm) {
        assertThat(LengthText.parse(text, UnitSystem.METRIC)).isCloseTo(mm, within(EXACT));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "14 1/4|361.95",
                "14.5|368.3",
                "3/4|19.05",
                "4350 mm|4350",
                "4.35 m|4350",
                "72|1828.8"
            })
    void parse_inchPlan_bareNumberIsInches(String text, double mm) {
        assertThat(LengthText.parse(text, UnitSystem.INCHES)).isCloseTo(mm, within(EXACT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "long", "4..5", "1/0\"", "14' '", "12 parsecs", "5000 m", "--3"})
    void parse_illegalArguments(String text) {
        assertThatThrownBy(() -> LengthText.parse(text, UnitSystem.METRIC))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("“");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "361.95|14 1⁄4″",
                "1892.3|6′ 2 1⁄2″",
                "4349.75|14′ 3 1⁄4″",
                "12.7|1⁄2″",
                "2133.6|7′",
                "0|0″",
                "609.6|2′",
                "-25.4|−1″"
            })
    void format_inchesAsOnATape(double mm, String text) {
        assertThat(LengthText.format(mm, UnitSystem.INCHES)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"4350,4\u2009350", "12.34,12.3", "999.96,1\u2009000", "-40,−40", "0,0"})
    void format_metricWithThinSpace(double mm, String text) {
        assertThat(LengthText.format(mm, UnitSystem.METRIC)).isEqualTo(text);
    }

    @Property(seed = "20261126")
    void metric_whatIsWrittenIsReadAgain(
            @ForAll @DoubleRange(min = -9000, max = 900000) double mm) {
        String text = LengthText.format(mm, UnitSystem.METRIC);
        assertThat(LengthText.parse(text, UnitSystem.METRIC)).isCloseTo(mm, within(0.0501));
    }

    @Property(seed = "20261126")
    void inches_whatIsWrittenIsReadAgain(
            @ForAll @IntRange(min = -30000, max = 30000) int sixteenths) {
        double mm = sixteenths * 25.4 / 16;
        String text = LengthText.format(mm, UnitSystem.INCHES);
        assertThat(LengthText.parse(text, UnitSystem.INCHES)).isCloseTo(mm, within(EXACT));
        assertThat(LengthText.parse(text, UnitSystem.METRIC)).isCloseTo(mm, within(EXACT));
    }

    @Property(seed = "20261126")
    void inches_withinHalfASixteenth(@ForAll @DoubleRange(min = 0, max = 20000) double mm) {
        String text = LengthText.format(mm, UnitSystem.INCHES);
        assertThat(LengthText.parse(text, UnitSystem.INCHES))
                .isCloseTo(mm, within(25.4 / 32 + EXACT));
    }
}
