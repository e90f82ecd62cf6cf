package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Zones and coefficients of EN 1991-1-4 (tables 7.1 and 7.2, figures 7.2, 7.5, 7.6), from memory (high). */
class WindZonesTest {

    /** The tabled box: 4.0 long, 2.1 wide, 2.0 high. */
    private static final WindZones BOX = new WindZones(4000, 2100, 2000);

    /** cpe between 1 and 10 m²: the pair −1.2/−1.4 is −1.340 at 2 m² and −1.260 at 5 m² (derived). */
    @ParameterizedTest
    @CsvSource({"0.2, 1.4", "1, 1.4", "2, 1.340", "5, 1.260", "10, 1.2", "40, 1.2"})
    void between_published(double area, double coefficient) {
        assertThat(WindZones.between(1.4, 1.2, area)).isCloseTo(coefficient, within(0.0005));
    }

    /**
     * Wind along the tabled box: e 2.1 m, A 0.42 m, B to 2.1 m, C the rest of the long wall. Wind across it: e
     * 4.0 m, A 0.80 m of the short wall, B the rest, no C.
     */
    @ParameterizedTest
    @CsvSource({
        "true, 0, A, 1.6", "true, 419, A, 1.6", "true, 430, B, 1.3",
        "false, 799, A, 1.6", "false, 810, B, 1.3", "false, 1050, B, 1.3"
    })
    void wall_zonesOfASquareMetre(boolean side, double fromEdge, String zone, double net) {
        WindZones.Zone found = BOX.wall(side, fromEdge, 1);
        assertThat(found.net()).isCloseTo(net, within(1e-9));
        assertThat(found.name()).isIn(zone, "D");
    }

    /** Of 10 m²: A −1.2 − 0.2; the middle of the long wall feels the pressure D, +0.794 + 0.3 of the table. */
    @Test
    void wall_zonesOfTenSquareMetres() {
        assertThat(BOX.wall(true, 0, 10)).isEqualTo(new WindZones.Zone("A", 1.4));
        WindZones.Zone front = BOX.wall(false, 1050, 10);
        assertThat(front.name()).isEqualTo("D");
        // wind onto a wall 2.1 m wide: d = 4.0 m along the wind, h/d = 0.5, D +0.733
        double along = BOX.wall(false, 1050, 10).net();
        assertThat(along).isBetween(1.0, 1.1);
    }

    /** Suction of vb 24 m/s, z 4 m, terrain II at a corner stud: qp 648 Pa, −1.4 − 0.2 gives −1037 Pa (derived). */
    @Test
    void cornerStud_published() {
        assertThat(648 * BOX.wall(true, 100, 0.6).net()).isCloseTo(1037, within(0.5));
    }

    /** The roof's corner: F −2.5 of a square metre, with +0.2 inside and 648 Pa −1750 Pa (derived). */
    @Test
    void roofCorner_published() {
        // so narrow that the corner strip of the wind on its side reaches right across
        WindZones narrow = new WindZones(8000, 600, 3000);
        assertThat(648 * narrow.roof(10, 0.5).net()).isCloseTo(1750, within(0.5));
    }

    @Test
    void roof_endsFeelMoreThanTheMiddle() {
        double end = BOX.roof(50, 1).net();
        double next = BOX.roof(600, 1).net();
        double middle = BOX.roof(2000, 1).net();
        assertThat(end).isGreaterThan(next);
        assertThat(next).isGreaterThanOrEqualTo(middle);
        assertThat(middle).isBetween(0.4, 1.6);
    }

    /** Never less than the pressure on a wall that faces the wind, never more than the worst corner. */
    @Property(tries = 300, seed = "7320")
    void wall_isBracketed(
            @ForAll @DoubleRange(min = 1500, max = 15000) double length,
            @ForAll @DoubleRange(min = 1000, max = 2600) double width,
            @ForAll @DoubleRange(min = 1200, max = 4500) double height,
            @ForAll @DoubleRange(min = 0, max = 0.5) double share,
            @ForAll @DoubleRange(min = 0.05, max = 20) double area) {
        WindZones zones = new WindZones(length, width, height);
        for (boolean side : new boolean[] {true, false}) {
            double at = share * (side ? length : width);
            double net = zones.wall(side, at, area).net();
            assertThat(net).isBetween(1.0, 1.6);
            assertThat(zones.wall(side, 0, area).net()).isGreaterThanOrEqualTo(net - 1e-9);
        }
        double roof = zones.roof(share * length, area).net();
        assertThat(roof).isBetween(0.4, 2.7);
    }

    @Test
    void illegalArguments() {
        assertThatThrownBy(() -> new WindZones(0, 1, 1)).hasMessageContaining("length of the box");
        assertThatThrownBy(() -> WindZones.between(1, 1, -1)).hasMessageContaining("loaded area");
    }
}
