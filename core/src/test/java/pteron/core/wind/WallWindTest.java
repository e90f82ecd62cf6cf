package pteron.core.wind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Zones and coefficients of EN 1991-1-4 (table 7.1, figures 7.2 and 7.5), from memory (high). */
class WallWindTest {

    /** The tabled box: 4.0 long, 2.1 wide, 2.0 high. */
    private static final WallWind BOX = new WallWind(4000, 2100, 2000);

    private static Zone at(WallWind box, boolean side, double place, double area) {
        double of = side ? box.lengthMm() : box.widthMm();
        return box.worst(side, new WallWind.Stretch(place, place + 1e-6, of), area);
    }

    /** cpe between 1 and 10 m²: the pair −1.2/−1.4 is −1.340 at 2 m² and −1.260 at 5 m² (derived). */
    @ParameterizedTest
    @CsvSource({"0.2, 1.4", "1, 1.4", "2, 1.340", "5, 1.260", "10, 1.2", "40, 1.2"})
    void between_published(double area, double coefficient) {
        assertThat(new Coefficient(1.2, 1.4).suction(area)).isCloseTo(coefficient, within(0.0005));
    }

    /**
     * Wind along the tabled box: e 2.1 m, A 0.42 m, B to 2.1 m, C the rest of the long wall; both ends meet the wind. Wind
     * across it: e 4.0 m, A 0.80 m of the short wall, B the rest, no C.
     */
    @ParameterizedTest
    @CsvSource({
        "true, 0, A, 1.6", "true, 419, A, 1.6", "true, 421, B, 1.3", "true, 3579, B, 1.3",
        "true, 3581, A, 1.6", "false, 799, A, 1.6", "false, 801, B, 1.3", "false, 1299, B, 1.3",
        "false, 1301, A, 1.6"
    })
    void wall_zonesOfASquareMetre(boolean side, double place, String zone, double net) {
        Zone found = at(BOX, side, place, 1);
        assertThat(found.net()).isCloseTo(net, within(1e-9));
        assertThat(found.name()).isIn(zone, "D");
    }

    /**
     * In the middle of 10 m² pressure governs, +0.3 with the suction inside. Wind onto the long wall has h/d 2.0 / 2.1 and D
     * +0.794; onto the short one 2.0 / 4.0 and +0.733 (derived); of a box as high as a quarter of its length +0.7, of one
     * higher than long +0.8 (table).
     */
    @Test
    void pressure_byHeightOverDepth() {
        assertThat(at(BOX, true, 1700, 10))
                .isEqualTo(
                        new Zone(
                                "D",
                                BOX.worst(true, new WallWind.Stretch(1700, 1701, 4000), 10).net()));
        assertThat(at(BOX, true, 1700, 10).net()).isCloseTo(1.094, within(5e-4));
        assertThat(at(BOX, false, 1050, 10).net()).isCloseTo(1.033, within(5e-4));
        assertThat(at(new WallWind(8000, 2100, 2000), false, 1050, 10).net())
                .isCloseTo(1.0, within(1e-9));
        assertThat(at(new WallWind(8000, 2100, 2500), true, 4000, 10).net())
                .isCloseTo(1.1, within(1e-9));
        assertThat(at(BOX, true, 1700, 1).net()).isCloseTo(1.3, within(1e-9));
    }

    /** Of 10 m² the edge feels −1.2 − 0.2. */
    @Test
    void edge_ofTenSquareMetres() {
        assertThat(at(BOX, true, 0, 10)).isEqualTo(new Zone("A", 1.4));
    }

    /** vb 24 m/s, z 4 m, terrain II: 648 Pa; a stud of a metre square at a corner feels −1.4 and −0.2: −1037 Pa (derived). */
    @Test
    void cornerStud_published() {
        Zone corner = BOX.worst(true, new WallWind.Stretch(0, 400, 4000), 0.72);
        assertThat(corner.name()).isEqualTo("A");
        assertThat(corner.net()).isCloseTo(1037.0 / 648, within(0.001));
    }

    /** Coefficient of a place by figure 7.5, wind onto u = 0: written down anew, for walls shorter or longer than e. */
    private static double pointwise(double place, double e, double along, double area) {
        double share = Math.log10(Math.clamp(area, 1, 10));
        double a = 1.4 - 0.2 * share;
        double b = 1.1 - 0.3 * share;
        if (e >= 5 * along || place < e / 5) {
            return a;
        }
        return e >= along || place < e ? b : 0.5;
    }

    /** The mean over what a stud carries, by sampling every place of it, as a second method. */
    @Property(tries = 300, seed = "7321")
    void mean_bySampling(
            @ForAll @DoubleRange(min = 1500, max = 12000) double length,
            @ForAll @DoubleRange(min = 300, max = 2600) double width,
            @ForAll @DoubleRange(min = 1200, max = 4500) double height,
            @ForAll @DoubleRange(min = 0, max = 1) double share,
            @ForAll @DoubleRange(min = 40, max = 900) double carried,
            @ForAll @DoubleRange(min = 0.05, max = 20) double area,
            @ForAll boolean side) {
        double along = side ? length : width;
        double across = side ? width : length;
        double e = Math.min(across, 2 * height);
        double from = share * Math.max(0, along - carried);
        double to = Math.min(along, from + carried);
        double front = 0;
        double rear = 0;
        int places = 4000;
        for (int i = 0; i < places; i++) {
            double place = from + (to - from) * (i + 0.5) / places;
            front += pointwise(place, e, along, area) / places;
            rear += pointwise(along - place, e, along, area) / places;
        }
        double ten = 0.7 + 0.1 * Math.clamp((height / across - 0.25) / 0.75, 0, 1);
        double pressure = 1 + (ten - 1) * Math.log10(Math.clamp(area, 1, 10)) + 0.3;
        double worst = Math.max(pressure, Math.max(front, rear) + 0.2);
        WallWind walls = new WallWind(length, width, height);
        assertThat(walls.worst(side, new WallWind.Stretch(from, to, along), area).net())
                .isCloseTo(worst, within(0.0006));
    }

    /**
     * A stud in the middle of a bay that begins just past e/5 carries half a bay of zone A: with the zone at its middle it
     * came out a tenth low.
     */
    @Test
    void studJustPastTheEdgeZone_carriesSomeOfIt() {
        double middle = 425;
        Zone stud = BOX.worst(true, new WallWind.Stretch(middle - 250, middle + 250, 4000), 0.9);
        assertThat(stud.name()).isEqualTo("A and B");
        assertThat(stud.net() / at(BOX, true, middle, 0.9).net()).isBetween(1.08, 1.13);
    }

    @Test
    void illegalArguments() {
        assertThatThrownBy(() -> new WallWind(0, 1, 1)).hasMessageContaining("length of the box");
        assertThatThrownBy(() -> new WallWind(1, 0, 1)).hasMessageContaining("width of the box");
        assertThatThrownBy(() -> new WallWind(1, 1, 0)).hasMessageContaining("height of the box");
        assertThatThrownBy(() -> new Coefficient(1, 1).suction(-1))
                .hasMessageContaining("loaded area");
    }
}
