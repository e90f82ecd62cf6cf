package pteron.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Section values against the tables of standards, against sums over little squares, and by hand. */
class ProfileTest {

    private static final double IN = 25.4;

    /** Square tubes of EN 10219-2: size, wall; kg/m, cm², cm⁴, cm⁴; to the digits printed. */
    @ParameterizedTest
    @CsvSource({
        "20, 2, 1.05, 1.34, 0.692, 1.21",
        "25, 2, 1.36, 1.74, 1.48, 2.53",
        "30, 2, 1.68, 2.14, 2.72, 4.54",
        "40, 2, 2.31, 2.94, 6.94, 11.3",
        "40, 3, 3.30, 4.21, 9.32, 15.8",
        "50, 3, 4.25, 5.41, 19.5, 32.1",
        "60, 3, 5.19, 6.61, 35.1, 57.1",
        "80, 4, 9.22, 11.75, 111, 180",
        "100, 4, 11.73, 14.95, 226, 362"
    })
    void coldFormedTubes_asInTheStandard(
            double size, double wall, double mass, double area, double inertia, double torsion) {
        Tube tube = Tube.coldFormed(size, size, wall);
        assertThat(tube.kgPerMetre(7850)).isCloseTo(mass, within(0.006));
        assertThat(tube.areaMm2() / 100).isCloseTo(area, within(0.006));
        assertThat(tube.inertiaMm4() / 1e4).isCloseTo(inertia, Percentage.withPercentage(0.5));
        assertThat(tube.sideInertiaMm4()).isCloseTo(tube.inertiaMm4(), within(1e-6));
        assertThat(tube.torsionMm4() / 1e4).isCloseTo(torsion, Percentage.withPercentage(0.5));
    }

    /** Square tubes of A500, AISC Manual table 1-12: size, design wall; in², in⁴; outer radius twice the wall. */
    @ParameterizedTest
    @CsvSource({
        "2, 0.116, 0.840, 0.486",
        "2, 0.174, 1.19, 0.640",
        "2, 0.233, 1.51, 0.745",
        "2.5, 0.116, 1.07, 0.998",
        "3, 0.116, 1.30, 1.78",
        "3, 0.174, 1.89, 2.46",
        "4, 0.116, 1.77, 4.40",
        "4, 0.233, 3.37, 7.80"
    })
    void americanTubes_asInTheManual(double size, double wall, double area, double inertia) {
        Tube tube = Tube.coldFormed(size * IN, size * IN, wall * IN);
        assertThat(tube.areaMm2() / (IN * IN)).isCloseTo(area, Percentage.withPercentage(0.5));
        assertThat(tube.inertiaMm4() / Math.pow(IN, 4))
                .isCloseTo(inertia, Percentage.withPercentage(0.5));
    }

    /** Aluminium with sharp corners, as the tables of the Aluminum Design Manual: size, wall (mm); kg/m, mm², mm⁴. */
    @ParameterizedTest
    @CsvSource({
        "30, 2, 0.605, 224, 29419",
        "40, 2, 0.821, 304, 73365",
        "40, 3, 1.199, 444, 101972",
        "50, 3, 1.523, 564, 208492",
        "60, 3, 1.847, 684, 371412"
    })
    void sharpTubes(double size, double wall, double mass, double area, double inertia) {
        Tube tube = Tube.sharp(size, size, wall);
        assertThat(tube.kgPerMetre(2700)).isCloseTo(mass, within(0.0006));
        assertThat(tube.areaMm2()).isCloseTo(area, within(1e-9));
        assertThat(tube.inertiaMm4()).isCloseTo(inertia, within(0.6));
    }

    /** J of 2 × 1/8 and 2 × 1/4 in sharp tube by finite differences of the torsion problem: 0.851 and 1.442 in⁴. */
    @Test
    void twistOfSharpTubes_nearFiniteDifferences() {
        double thin = Tube.sharp(2 * IN, 2 * IN, IN / 8).torsionMm4() / Math.pow(IN, 4);
        double thick = Tube.sharp(2 * IN, 2 * IN, IN / 4).torsionMm4() / Math.pow(IN, 4);
        assertThat(thin).isCloseTo(0.851, Percentage.withPercentage(3));
        assertThat(thick).isCloseTo(1.442, Percentage.withPercentage(5));
    }

    /** Timoshenko and Goodier, table of J / (h b³). */
    @ParameterizedTest
    @CsvSource({
        "1, 0.1406",
        "1.5, 0.1958",
        "2, 0.2287",
        "3, 0.2633",
        "4, 0.2808",
        "6, 0.2983",
        "10, 0.3123"
    })
    void twistOfRectangles(double ratio, double each) {
        Bar bar = new Bar(10, 10 * ratio);
        assertThat(bar.torsionMm4() / (10 * ratio * 1000)).isCloseTo(each, within(6e-5));
        assertThat(new Bar(10 * ratio, 10).torsionMm4()).isEqualTo(bar.torsionMm4());
    }

    /** A dressed 2×4 of 1.5 by 3.5 in: A 5.25, I 5.359, 0.984, J 2.8753. */
    @Test
    void dressedTwoByFour() {
        Bar bar = new Bar(1.5 * IN, 3.5 * IN);
        assertThat(bar.areaMm2() / (IN * IN)).isCloseTo(5.25, within(1e-9));
        assertThat(bar.inertiaMm4() / Math.pow(IN, 4)).isCloseTo(5.359, within(1e-3));
        assertThat(bar.sideInertiaMm4() / Math.pow(IN, 4)).isCloseTo(0.984, within(1e-3));
        assertThat(bar.torsionMm4() / Math.pow(IN, 4)).isCloseTo(2.8753, within(1e-4));
    }

    /** Worked examples of angle and channel. */
    @Test
    void openProfiles_byHand() {
        // two legs of 50 × 5 and 45 × 5: A 475, centre at (250 · 25 + 225 · 2.5) / 475 = 14.342
        Angle angle = new Angle(50, 50, 5);
        assertThat(angle.areaMm2()).isEqualTo(475);
        assertThat(angle.inertiaMm4())
                .isCloseTo(
                        5 * 125000 / 12.0
                                + 250 * Math.pow(25 - 14.3421, 2)
                                + 45 * 125 / 12.0
                                + 225 * Math.pow(2.5 - 14.3421, 2),
                        within(0.1));
        assertThat(angle.torsionMm4()).isCloseTo(3958.3, within(0.1));
        Channel channel = new Channel(50, 100, 4);
        assertThat(channel.areaMm2()).isEqualTo(4 * 100 + 2 * 46 * 4);
        assertThat(channel.inertiaMm4())
                .isCloseTo((50e6 - 46 * Math.pow(92, 3)) / 12, within(1e-6));
        assertThat(channel.torsionMm4()).isCloseTo(64 * 192 / 3.0, within(1e-6));
    }

    /** Second method: the sum over squares of a fiftieth of the wall. */
    @Property(tries = 20, seed = "20261127")
    void openProfiles_againstLittleSquares(
            @ForAll @DoubleRange(min = 20, max = 60) double wide,
            @ForAll @DoubleRange(min = 30, max = 90) double high,
            @ForAll @DoubleRange(min = 2, max = 6) double wall) {
        Angle angle = new Angle(wide, high, wall);
        List<double[]> legs =
                List.of(new double[] {0, wall, 0, high}, new double[] {wall, wide, 0, wall});
        compare(angle, legs);
        Channel channel = new Channel(wide, high, wall);
        List<double[]> pieces =
                List.of(
                        new double[] {0, wall, 0, high},
                        new double[] {wall, wide, 0, wall},
                        new double[] {wall, wide, high - wall, high});
        compare(channel, pieces);
    }

    private static void compare(Profile profile, List<double[]> pieces) {
        double area = 0;
        double atX = 0;
        double atY = 0;
        double xx = 0;
        double yy = 0;
        int steps = 300;
        for (double[] piece : pieces) {
            double dx = (piece[1] - piece[0]) / steps;
            double dy = (piece[3] - piece[2]) / steps;
            for (int i = 0; i < steps; i++) {
                for (int j = 0; j < steps; j++) {
                    double x = piece[0] + (i + 0.5) * dx;
                    double y = piece[2] + (j + 0.5) * dy;
                    area += dx * dy;
                    atX += x * dx * dy;
                    atY += y * dx * dy;
                    xx += y * y * dx * dy;
                    yy += x * x * dx * dy;
                }
            }
        }
        assertThat(profile.areaMm2()).isCloseTo(area, Percentage.withPercentage(0.01));
        assertThat(profile.inertiaMm4())
                .isCloseTo(xx - atY * atY / area, Percentage.withPercentage(0.05));
        assertThat(profile.sideInertiaMm4())
                .isCloseTo(yy - atX * atX / area, Percentage.withPercentage(0.05));
    }

    @Test
    void wallsThatFillIt_areRefused() {
        assertThatThrownBy(() -> Tube.sharp(20, 30, 10)).hasMessageContaining("fills");
        assertThatThrownBy(() -> new Angle(5, 30, 5)).hasMessageContaining("longer than the wall");
        assertThatThrownBy(() -> new Channel(30, 8, 4)).hasMessageContaining("fills");
    }
}
