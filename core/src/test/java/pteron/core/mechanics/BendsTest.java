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

    /**
     * By hand: 90°, r 150, t 6, s 1.5. Along what is left (150 − 0.75) · π/2 = 234.442; a cut of 2.4 closes by 2.4 / 5.25
     * rad, so 3.44, 4 cuts 58.610 apart; one of 0.4 makes 21 of 11.164.
     */
    @ParameterizedTest
    @CsvSource({"2.4, 4, 58.610", "0.4, 21, 11.164"})
    void kerfs_byHand(double kerf, int cuts, double apart) {
        KerfBend bend = new KerfBend(90, 150, 6, 1.5, kerf);
        assertThat(bend.zoneMm()).isCloseTo(234.442, within(0.001));
        assertThat(bend.cuts()).isEqualTo(cuts);
        assertThat(bend.apartMm()).isCloseTo(apart, within(0.001));
        // what it is made for: all cuts together turn at least as far as the bend
        assertThat(cuts * kerf / 5.25).isGreaterThanOrEqualTo(Math.PI / 2);
        assertThat((cuts - 1) * kerf / 5.25).isLessThan(Math.PI / 2);
    }

    @Test
    void kerfs_refuse() {
        assertThat(new KerfBend(0.2, 150, 6, 1.5, 2.4).cuts()).isEqualTo(1);
        assertThatThrownBy(() -> new KerfBend(181, 150, 6, 1.5, 2)).hasMessageContaining("turn");
        assertThatThrownBy(() -> new KerfBend(90, 5, 6, 1.5, 2)).hasMessageContaining("radius");
        assertThatThrownBy(() -> new KerfBend(90, 150, 0, 1.5, 2)).hasMessageContaining("sheet");
        assertThatThrownBy(() -> new KerfBend(90, 150, 6, 5.8, 2)).hasMessageContaining("left");
        assertThatThrownBy(() -> new KerfBend(90, 150, 6, 0, 2)).hasMessageContaining("left");
        assertThatThrownBy(() -> new KerfBend(90, 150, 6, 1.5, 0)).hasMessageContaining("kerf");
    }

    /** Eight times its thickness, common practice: 25.4 goes to 203.2. */
    @Test
    void rolled_byHand() {
        assertThat(new RolledBend(25.4, 203.2).leastMm()).isCloseTo(203.2, within(1e-9));
        assertThat(new RolledBend(25, 200).holds()).isTrue();
        assertThat(new RolledBend(25, 199.9).holds()).isFalse();
        assertThatThrownBy(() -> new RolledBend(0, 1)).hasMessageContaining("thickness");
        assertThatThrownBy(() -> new RolledBend(1, 0)).hasMessageContaining("radius");
    }

    /** Two pieces in the first layer, three over their joints in the second; one piece needs no joint covered. */
    @Test
    void sawn_inTwoLayers() {
        SawnBend two = new SawnBend(38, 140, 1200, 1885);
        assertThat(two.inTwoLayers()).isEqualTo(5);
        assertThat(two.riseMm()).isEqualTo(102);
        assertThat(two.pieceMm()).isCloseTo(968.289, within(0.01));
        SawnBend one = new SawnBend(38, 140, 1200, 500);
        assertThat(one.pieces()).isEqualTo(1);
        assertThat(one.inTwoLayers()).isEqualTo(2);
        assertThat(one.pieceMm()).isEqualTo(500);
        assertThat(new SawnBend(38, 240, 100, 300).riseMm()).isEqualTo(100);
        assertThatThrownBy(() -> new SawnBend(0, 1, 1, 1)).hasMessageContaining("width");
        assertThatThrownBy(() -> new SawnBend(38, 38, 1, 1)).hasMessageContaining("board");
        assertThatThrownBy(() -> new SawnBend(38, 90, 0, 1)).hasMessageContaining("radius");
        assertThatThrownBy(() -> new SawnBend(38, 90, 1, 0)).hasMessageContaining("length");
    }
}
