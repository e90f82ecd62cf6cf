package pteron.core.wind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.geometry.Bounds2;

/** Roofs of EN 1991-1-4 (tables 7.2 to 7.4, figures 7.6 to 7.8 and 7.11), from memory; ASCE 7 as a second source. */
class RoofWindTest {

    private static final RoofForm FLAT = new RoofForm.Flat();

    private static Bounds2 all(RoofFace face) {
        return new Bounds2(0, face.lengthMm(), 0, face.widthMm());
    }

    /** Suction of one direction over a whole piece (m²), by its zones. */
    private static double sum(List<RoofZones.Area> direction, RoofFace face, double area) {
        return direction.stream()
                        .mapToDouble(
                                zone -> {
                                    Bounds2 place = zone.place();
                                    double along =
                                            Math.min(place.toU(), face.lengthMm())
                                                    - Math.max(place.fromU(), 0);
                                    double across =
                                            Math.min(place.toV(), face.widthMm())
                                                    - Math.max(place.fromV(), 0);
                                    return Math.max(0, along)
                                            * Math.max(0, across)
                                            * zone.coefficient().suction(area);
                                })
                        .sum()
                / 1e6;
    }

    /**
     * Duo-pitch box, 4.0 m along the eaves, 2.1 across, ridge 2.2813 high, 15°; wind on the gable: areas of F, G, H, I 0.2205,
     * 0.2205, 1.7640, 6.1950 m² and the sum of −cpe,10 A 4.7292 m² (derived, by zones and by strips).
     */
    @Test
    void duoPitch_windOnTheGable_published() {
        RoofFace face = new RoofFace(new RoofForm.OneOfTwo(15, true), 1050, 4000);
        RoofZones zones = new RoofZones(face, 4000, 2100);
        List<RoofZones.Area> gable = zones.directions().get(2);
        assertThat(2 * sum(gable, face, 10)).isCloseTo(4.7292, within(5e-5));
        assertThat(2 * sum(zones.directions().get(3), face, 10)).isCloseTo(4.7292, within(5e-5));
    }

    /** The same box, wind on the eave: e 4.0, F 1.0 along it and 0.4 deep, J 0.4 behind the ridge; worked by hand. */
    @Test
    void duoPitch_windOnTheEave_byHand() {
        RoofFace face = new RoofFace(new RoofForm.OneOfTwo(15, true), 1050, 4000);
        List<List<RoofZones.Area>> directions = new RoofZones(face, 4000, 2100).directions();
        double before = 2 * 1.0 * 0.4 * 0.9 + 2.0 * 0.4 * 0.8 + 0.65 * 4.0 * 0.3;
        double behind = 0.4 * 4.0 * 1.0 + 0.65 * 4.0 * 0.4;
        assertThat(sum(directions.get(0), face, 10)).isCloseTo(before, within(1e-9));
        assertThat(sum(directions.get(1), face, 10)).isCloseTo(behind, within(1e-9));
        // turned round, the eave lies at the far end
        RoofFace rear = new RoofFace(new RoofForm.OneOfTwo(15, false), 1050, 4000);
        WallWind box = new WallWind(2100, 4000, 2281);
        RoofWind wind = new RoofWind(box);
        Bounds2 eave = new Bounds2(0, 200, 0, 4000);
        Bounds2 far = new Bounds2(850, 1050, 0, 4000);
        assertThat(wind.suction(face, eave, 0.8).net())
                .isCloseTo(wind.suction(rear, far, 0.8).net(), within(1e-9));
    }

    /** Between rows a straight line: two slopes, wind on the eave, suction of F, G, H at 10° and 20° (derived). */
    @ParameterizedTest
    @CsvSource({
        "10, 1.30, 2.25, 1.00, 1.75, 0.45, 0.75",
        "20, 0.767, 1.833, 0.700, 1.500, 0.267, 0.267"
    })
    void betweenSlopes_published(
            double slope, double f10, double f1, double g10, double g1, double h10, double h1) {
        Coefficient[] at = RoofRows.TWO_EAVE.at(slope);
        double[] expected = {f10, f1, g10, g1, h10, h1};
        for (int i = 0; i < 3; i++) {
            assertThat(at[i].suctionTen()).isCloseTo(expected[2 * i], within(5e-4));
            assertThat(at[i].suctionOne()).isCloseTo(expected[2 * i + 1], within(5e-4));
        }
    }

    /** Mono-pitch, wind on the high eave (θ 180°), and along the eaves (θ 90°): tables 7.3a and 7.3b. */
    @ParameterizedTest
    @CsvSource({
        "5, 2.3, 2.5, 1.3, 2.0, 0.8, 1.2",
        "15, 2.5, 2.8, 1.3, 2.0, 0.9, 1.2",
        "30, 1.1, 2.3, 0.8, 1.5, 0.8, 0.8"
    })
    void monoPitch_highEave_published(
            double slope, double f10, double f1, double g10, double g1, double h10, double h1) {
        RoofFace face = new RoofFace(new RoofForm.OneSlope(slope, true), 4000, 2100);
        RoofWind wind = new RoofWind(new WallWind(4000, 2100, 2000));
        // e = 2.1 m: a spot in each zone at the high eave, which lies at the far end
        double[][] spots = {{3900, 100}, {3900, 1000}, {3500, 1000}};
        double[] ten = {f10, g10, h10};
        double[] one = {f1, g1, h1};
        for (int i = 0; i < 3; i++) {
            Bounds2 spot = spot(spots[i][0], spots[i][1]);
            assertThat(wind.suction(face, spot, 10).net())
                    .isGreaterThanOrEqualTo(ten[i] + 0.2 - 1e-9);
            assertThat(direction(face, 1, spot, 10)).isCloseTo(ten[i], within(1e-9));
            assertThat(direction(face, 1, spot, 1)).isCloseTo(one[i], within(1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "5, 2.1, 2.6, 2.1, 2.4, 1.8, 2.0, 0.6, 1.2, 0.5, 0.5",
        "15, 2.4, 2.9, 1.6, 2.4, 1.9, 2.5, 0.8, 1.2, 0.7, 1.2",
        "30, 2.1, 2.9, 1.3, 2.0, 1.5, 2.0, 1.0, 1.3, 0.8, 1.2",
        "45, 1.5, 2.4, 1.3, 2.0, 1.4, 2.0, 1.0, 1.3, 0.9, 1.2"
    })
    void monoPitch_alongItsEaves_published(
            double slope,
            double up10,
            double up1,
            double low10,
            double low1,
            double g10,
            double g1,
            double h10,
            double h1,
            double i10,
            double i1) {
        RoofFace face = new RoofFace(new RoofForm.OneSlope(slope, true), 4000, 2100);
        // wind onto the left side: e = 4.0 m, corners 1.0 m long and 0.4 deep, H to 2.0 m; low eave
        // at the front
        double[][] spots = {{3500, 100}, {500, 100}, {2000, 100}, {2000, 1000}, {2000, 2050}};
        double[] ten = {up10, low10, g10, h10, i10};
        double[] one = {up1, low1, g1, h1, i1};
        for (int i = 0; i < 5; i++) {
            Bounds2 spot = spot(spots[i][0], spots[i][1]);
            assertThat(direction(face, 2, spot, 10)).isCloseTo(ten[i], within(1e-9));
            assertThat(direction(face, 2, spot, 1)).isCloseTo(one[i], within(1e-9));
        }
    }

    private static Bounds2 spot(double u, double v) {
        return new Bounds2(u - 1, u + 1, v - 1, v + 1);
    }

    private static double direction(RoofFace face, int direction, Bounds2 spot, double area) {
        return new RoofZones(face, 2100, 4000)
                .directions().get(direction).stream()
                        .filter(zone -> zone.place().overlaps(spot))
                        .findFirst()
                        .orElseThrow()
                        .coefficient()
                        .suction(area);
    }

    /** Figure 7.6 written down anew for one place, wind onto u = 0. */
    private static double flat(double u, double v, double width, double e, double area) {
        double share = Math.log10(Math.clamp(area, 1, 10));
        if (u < e / 10) {
            boolean corner = v < e / 4 || v > width - e / 4;
            return corner ? 2.5 - 0.7 * share : 2.0 - 0.8 * share;
        }
        return u < e / 2 ? 1.2 - 0.5 * share : 0.2;
    }

    /** The mean over a strip of a flat roof, by sampling it, all four directions: a second method. */
    @Property(tries = 100, seed = "8421")
    void flatRoof_bySampling(
            @ForAll @DoubleRange(min = 2000, max = 12000) double length,
            @ForAll @DoubleRange(min = 1400, max = 2600) double width,
            @ForAll @DoubleRange(min = 1500, max = 4500) double height,
            @ForAll @DoubleRange(min = 0, max = 1) double share,
            @ForAll @DoubleRange(min = 80, max = 1200) double carried,
            @ForAll @DoubleRange(min = 0.1, max = 12) double area) {
        double from = share * (length - carried);
        double eLong = Math.min(width, 2 * height);
        double eCross = Math.min(length, 2 * height);
        double[] sum = new double[4];
        int places = 150;
        for (int i = 0; i < places; i++) {
            for (int j = 0; j < places; j++) {
                double u = from + carried * (i + 0.5) / places;
                double v = width * (j + 0.5) / places;
                double each = 1.0 / places / places;
                sum[0] += each * flat(u, v, width, eLong, area);
                sum[1] += each * flat(length - u, v, width, eLong, area);
                sum[2] += each * flat(v, u, length, eCross, area);
                sum[3] += each * flat(width - v, u, length, eCross, area);
            }
        }
        double worst = Math.max(Math.max(sum[0], sum[1]), Math.max(sum[2], sum[3])) + 0.2;
        RoofWind wind = new RoofWind(new WallWind(length, width, height));
        RoofFace face = new RoofFace(FLAT, length, width);
        assertThat(wind.suction(face, new Bounds2(from, from + carried, 0, width), area).net())
                .isCloseTo(worst, within(0.012 * worst));
    }

    /** The roof's corner: F −2.5 of a square metre, with +0.2 inside and 648 Pa −1750 Pa (derived). */
    @Test
    void roofCorner_published() {
        RoofWind wind = new RoofWind(new WallWind(4000, 2100, 2000));
        RoofFace face = new RoofFace(FLAT, 4000, 2100);
        assertThat(648 * wind.suction(face, new Bounds2(0, 200, 0, 500), 0.1).net())
                .isCloseTo(1750, within(0.5));
    }

    /** The first metre of an arched roof 3.21 m long laid out flat, 1.7 wide and 2.5 high, by hand from figure 7.6. */
    @Test
    void firstMetreOfAVault_byHand() {
        RoofFace face = new RoofFace(new RoofForm.Vault(0.163, 0.68, true), 3212, 1700);
        RoofWind wind = new RoofWind(new WallWind(3000, 1700, 2528));
        double e = 3212;
        double share = Math.log10(1.6);
        double f = 2.5 - 0.7 * share;
        double g = 2.0 - 0.8 * share;
        double h = 1.2 - 0.5 * share;
        double edge = e / 10 / 1700 * (e / 4 / 1000 * f + (1 - e / 4 / 1000) * g);
        double hand = edge + (e / 2 - e / 10) / 1700 * h + (1700 - e / 2) / 1700 * 0.2 + 0.2;
        Zone zone = wind.suction(face, new Bounds2(0, 1000, 0, 1700), 1.6);
        assertThat(zone.net()).isCloseTo(hand, within(1e-9)).isCloseTo(1.467, within(0.004));
        assertThat(zone.name()).contains("assumed");
    }

    /**
     * Vaults: EN 1991-1-4 figure 7.11 (low), and ASCE 7, figure 27.3-3 (high), for the middle half −0.7 − r: both say −0.8 to
     * −1.2, and never far from each other; on walls the first quarter is sucked up to a rise of 0.2 by both.
     */
    @ParameterizedTest
    @CsvSource({"0.1, -0.80", "0.2, -0.90", "0.25, -0.95", "0.3, -1.00", "0.5, -1.20"})
    void vault_middleHalf_twoSources(double rise, double asce) {
        RoofFace face = new RoofFace(new RoofForm.Vault(rise, 0.7, true), 4000, 2100);
        double ours = direction(face, 0, spot(2000, 1000), 10);
        assertThat(ours).isCloseTo(-asce, within(0.08));
    }

    @Test
    void vault_firstQuarter_onWallsAndOnTheGround() {
        assertThat(first(0.05, 0.6)).isCloseTo(1.2, within(1e-9));
        assertThat(first(0.1, 0.6)).isBetween(0.9, 1.2);
        // the second value of the figure: ASCE 7 6 r − 2.1
        assertThat(first(0.2, 0.6)).isCloseTo(0.9, within(1e-9));
        assertThat(first(0.3, 0.6)).isCloseTo(0.3, within(1e-9));
        assertThat(first(0.5, 0.6)).isZero();
        assertThat(first(0.05, 0)).isZero();
        assertThat(first(0.05, 0.25)).isCloseTo((1.2 - 0.1) / 2, within(1e-9));
        RoofWind wind = new RoofWind(new WallWind(4000, 2100, 4000));
        RoofFace high = new RoofFace(new RoofForm.Vault(0.5, 0.6, true), 4000, 2100);
        assertThat(wind.pressure(high, new Bounds2(0, 900, 0, 2100)).net())
                .isCloseTo(0.7 + 0.3, within(1e-9));
    }

    private static double first(double rise, double height) {
        RoofFace face = new RoofFace(new RoofForm.Vault(rise, height, true), 4000, 2100);
        return direction(face, 0, spot(500, 1000), 10);
    }

    /** A rise across the width turns the zones: its axis lies along the box. */
    @Test
    void crown_bendsAcross() {
        RoofFace face = new RoofFace(new RoofForm.Vault(0.1, 1.0, false), 4000, 2100);
        List<List<RoofZones.Area>> directions = new RoofZones(face, 2100, 4000).directions();
        assertThat(directions).hasSize(4);
        assertThat(directions.get(0).getFirst().place()).isEqualTo(new Bounds2(0, 4000, 0, 525));
        assertThat(directions.get(1).getFirst().place())
                .isEqualTo(new Bounds2(0, 4000, 1575, 2100));
    }

    /** 30° onto the low eave is pressed by 0.7 and 0.4, with 0.3 inside. */
    @Test
    void pressure_onASlope() {
        RoofWind wind = new RoofWind(new WallWind(4000, 2100, 2000));
        RoofFace face = new RoofFace(new RoofForm.OneSlope(30, true), 4000, 2100);
        assertThat(wind.pressure(face, spot(100, 1000)).net()).isCloseTo(1.0, within(1e-9));
        assertThat(wind.pressure(face, spot(2000, 1000)).net()).isCloseTo(0.7, within(1e-9));
        assertThat(wind.pressure(new RoofFace(FLAT, 4000, 2100), spot(2000, 1000)).net())
                .isCloseTo(0.5, within(1e-9));
    }

    /** No roof is without a zone anywhere, in no direction, and none is covered twice. */
    @Property(tries = 200, seed = "5511")
    void zones_coverTheRoofOnce(
            @ForAll @DoubleRange(min = 300, max = 12000) double length,
            @ForAll @DoubleRange(min = 1000, max = 2600) double width,
            @ForAll @DoubleRange(min = 1000, max = 12000) double box,
            @ForAll @DoubleRange(min = 1200, max = 4500) double height,
            @ForAll @DoubleRange(min = 5.1, max = 45) double slope,
            @ForAll boolean low) {
        double eLong = Math.min(width, 2 * height);
        double eCross = Math.min(Math.max(box, length), 2 * height);
        for (RoofForm form :
                List.of(
                        FLAT,
                        new RoofForm.OneSlope(slope, low),
                        new RoofForm.OneOfTwo(slope, low),
                        new RoofForm.Vault(0.2, 0.6, low))) {
            RoofFace face = new RoofFace(form, length, width);
            for (List<RoofZones.Area> direction : new RoofZones(face, eLong, eCross).directions()) {
                double covered = 0;
                for (RoofZones.Area zone : direction) {
                    Bounds2 place = zone.place();
                    covered +=
                            Math.max(0, Math.min(place.toU(), length) - Math.max(0, place.fromU()))
                                    * Math.max(
                                            0,
                                            Math.min(place.toV(), width)
                                                    - Math.max(0, place.fromV()));
                }
                assertThat(covered).isCloseTo(length * width, within(1e-6 * length * width));
            }
        }
    }

    @Test
    void illegalArguments() {
        assertThatThrownBy(() -> new RoofForm.OneSlope(4, true)).hasMessageContaining("slope");
        assertThatThrownBy(() -> new RoofForm.OneOfTwo(46, true)).hasMessageContaining("slope");
        assertThatThrownBy(() -> new RoofForm.Vault(0.04, 1, true)).hasMessageContaining("rise");
        assertThatThrownBy(() -> new RoofFace(FLAT, 0, 1)).hasMessageContaining("length");
    }
}
