package pteron.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Lists in inches: a tape's fractions, thin things by the thousandth, no millimetre that nobody asked for. */
class InchCsvTest {

    private static final String METRIC =
            "name,length mm,mass kg,area m²,saw\nleft stud 1,1885,2.5,1.5,24.8°\n\"a, b\",0.8,,0,'=x\n";

    @Test
    void columns_areInInches() {
        assertThat(InchCsv.of(METRIC, false))
                .isEqualTo(
                        "name,length in,mass lb,area ft²,saw\n"
                                + "left stud 1,74 3/16,5.512,16.146,24.8°\n"
                                + "\"a, b\",0.031,,0,'=x\n");
    }

    @Test
    void columns_withMillimetresBeside() {
        assertThat(InchCsv.of(METRIC, true).lines().toList())
                .startsWith(
                        "name,length in,length mm,mass lb,mass kg,area ft²,area m²,saw",
                        "left stud 1,74 3/16,1885,5.512,2.5,16.146,1.5,24.8°");
    }

    /** What is no number under a unit stays as it is. */
    @Test
    void words_stayWords() {
        assertThat(InchCsv.of("a,length mm\nx,varies\n", false))
                .isEqualTo("a,length in\nx,varies\n");
    }

    /** By tape: 25.4 mm an inch. */
    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "25.4, 1",
        "12.7, 1/2",
        "1905, 75",
        "4.7625, 3/16",
        "-38.1, -1 1/2",
        "1.65, 0.065"
    })
    void inches_asOnATape(double mm, String text) {
        assertThat(InchCsv.inches(mm)).isEqualTo(text);
    }

    /** Read again as a builder types it, a length is the same to half a sixteenth. */
    @Property
    void inches_readAgain(@ForAll @DoubleRange(min = 6.4, max = 15000) double mm) {
        double again = LengthText.parse(InchCsv.inches(mm), UnitSystem.INCHES);
        assertThat(again).isCloseTo(mm, within(25.4 / 32 + 1e-9));
    }
}
