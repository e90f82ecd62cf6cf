package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bent members against sums by hand. */
class BendsTest {

    /** C24 to EN 338: f 24, E 11 000; D30: f 30, E 11 000; C16: f 16, E 8 000. Thickest = 2 f r / E by hand. */
    @ParameterizedTest
    @CsvSource({
        "38, 1200, 24, 11000, 5.236364, 8, 4.75",
        "38, 3000, 24, 11000, 13.090909, 3, 12.666667",
        "38, 9000, 24, 11000, 39.272727, 1, 38",
        "45, 600, 30, 11000, 3.272727, 14, 3.214286",
        "38, 2000, 16, 8000, 8, 5, 7.6",
    })
    void strips_byHand(
            double thickness,
            double radius,
            double strength,
            double modulus,
            double thickest,
            int strips,
            double strip) {
        LaminatedBend bend = new LaminatedBend(thickness, radius, strength, modulus);
        assertThat(bend.thickestMm()).isCloseTo(thickest, within(1e-5));
        assertThat(bend.strips()).isEqualTo(strips);
        assertThat(bend.stripMm()).isCloseTo(strip, within(1e-5));
        // what it is made for: the stress of a strip stays under the strength
        assertThat(modulus * bend.stripMm() / (2 * radius)).isLessThanOrEqualTo(strength + 1e-9);
    }

    /** Eight strips of 4.75 with cuts of 3: five to a bar of 38 (5 · 4.75 + 4 · 3 = 35.75), so two bars. */
    @Test
    void strips_areRippedFromBars() {
        assertThat(new LaminatedBend(38, 1200, 24, 11000).bars(3)).isEqualTo(2);
        assertThat(new LaminatedBend(38, 9000, 24, 11000).bars(3)).isEqualTo(1);
        assertThatThrownBy(() -> new LaminatedBend(38, 0, 24, 11000))
                .hasMessageContaining("radius");
    }

    /** A piece rises over its chord c by r − sqrt(r² − c²/4): that much the board is wider. */
    @ParameterizedTest
    @CsvSource({
        "38, 140, 1200, 1885, 968.289, 2",
        "38, 140, 3000, 3000, 1551.252, 2",
        "63, 140, 2000, 3141.6, 1099.220, 3",
        "38, 90, 600, 900, 488.655, 2",
    })
    void pieces_byHand(
            double width, double board, double radius, double length, double chord, int pieces) {
        SawnBend bend = new SawnBend(width, board, radius, length);
        assertThat(bend.chordMm()).isCloseTo(chord, within(0.01));
        double half = bend.chordMm() / 2;
        assertThat(radius - Math.sqrt(radius * radius - half * half))
                .isCloseTo(board - width, within(1e-6));
        assertThat(bend.pieces()).isEqualTo(pieces);
    }
}
