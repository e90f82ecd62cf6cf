package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumberTextTest {

    @ParameterizedTest
    @CsvSource({
        "0,2,0",
        "1234567.891,1,1\u2009234\u2009567.9",
        "999,0,999",
        "1000,0,1\u2009000",
        "-1234.5,1,−1\u2009234.5",
        "0.5,0,1",
        "2.50,2,2.5",
        "0.00012345,2,0.000123",
        "-0.004,1,0"
    })
    void format(double number, int decimals, String text) {
        assertThat(NumberText.format(number, decimals)).isEqualTo(text);
    }

    /** What is written is within half of its last place, and no group is longer than three digits. */
    @Property(seed = "20261126")
    void format_isNear(
            @ForAll @DoubleRange(min = -1e6, max = 1e6) double number,
            @ForAll @IntRange(min = 0, max = 4) int decimals) {
        String text = NumberText.format(number, decimals);
        double read = Double.parseDouble(text.replace("\u2009", "").replace('−', '-'));
        assertThat(read).isCloseTo(number, within(0.5 * Math.pow(10, -decimals) + 1e-9));
        assertThat(text.split("[.\u2009−]")[0].length()).isLessThanOrEqualTo(3);
    }

    @Test
    void tolerance_lengths() {
        assertThat(Tolerance.PENCIL.sameLength(100, 100.5)).isTrue();
        assertThat(Tolerance.PENCIL.sameLength(100, 100.6)).isFalse();
        assertThat(Tolerance.GEOMETRY.sameLength(100, 100.0001)).isFalse();
        assertThatThrownBy(() -> new Tolerance(0, 1)).hasMessageContaining("length tolerance");
        assertThatThrownBy(() -> new Tolerance(1, -1)).hasMessageContaining("angle tolerance");
    }
}
