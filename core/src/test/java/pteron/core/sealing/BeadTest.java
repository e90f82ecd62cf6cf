package pteron.core.sealing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class BeadTest {

    /** 10.1 fl oz (299 mL), ¼ × ¼ in: 24 ft, as printed on cartridges. */
    @Test
    void lengthPerCartridge_workedExample_printedOnCartridges() {
        double length = new Bead(6.35, 6.35).lengthPerCartridgeMm(299);
        assertThat(length).isCloseTo(7415.2, within(0.05));
        assertThat(length / 304.8).isCloseTo(24, within(0.5));
    }

    @Test
    void cartridges_wasteAddedAndRoundedUp() {
        Bead bead = new Bead(6, 6);
        // 290 mL give 8055.6 mm; a tenth is wasted
        assertThat(bead.cartridges(7323, 290)).isEqualTo(1);
        assertThat(bead.cartridges(7324, 290)).isEqualTo(2);
        assertThat(bead.cartridges(0, 290)).isZero();
    }

    @Test
    void bead_illegalArguments() {
        assertThatThrownBy(() -> new Bead(0, 6)).hasMessageContaining("bead width");
        assertThatThrownBy(() -> new Bead(6, 6).cartridges(-1, 290))
                .hasMessageContaining("0 or more");
    }
}
