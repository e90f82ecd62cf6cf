package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Section;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.MetalStrength;
import pteron.core.mechanics.RolledBend;
import pteron.core.plan.ServiceClass;

/** Tubes against published tables and against sums by hand. */
class MetalChecksTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** EN 10219-2, from memory: kg/m, A (cm²), I (cm⁴), Wel (cm³) of cold-formed square tubes. */
    @ParameterizedTest
    @CsvSource({
        "20, 2, 1.05, 1.34, 0.692, 0.692",
        "25, 2, 1.36, 1.74, 1.48, 1.19",
        "30, 2, 1.68, 2.14, 2.72, 1.81",
        "40, 2, 2.31, 2.94, 6.94, 3.47",
        "40, 3, 3.30, 4.21, 9.32, 4.66",
        "50, 3, 4.25, 5.41, 19.5, 7.79",
        "60, 3, 5.19, 6.61, 35.1, 11.7"
    })
    void steelTubes_asTheirTable(
            double side, double wall, double kg, double area, double inertia, double modulus) {
        MetalStrength steel = new MetalStrength(LIBRARY.get("steel-235"));
        Section tube = new Section(side, side, wall);
        assertThat(steel.profile(tube).kgPerMetre(7850)).isCloseTo(kg, within(0.006));
        assertThat(steel.profile(tube).areaMm2() / 100).isCloseTo(area, within(0.006));
        assertThat(steel.profile(tube).inertiaMm4() / 1e4).isCloseTo(inertia, within(0.06));
        assertThat(steel.modulusMm3(tube) / 1e3).isCloseTo(modulus, within(0.06));
    }

    /** The Aluminum Design Manual's square tubes with sharp corners, inches: A, I, S. From memory. */
    @ParameterizedTest
    @CsvSource({
        "1, 0.125, 0.4375, 0.05697, 0.1139",
        "1.5, 0.125, 0.6875, 0.2184, 0.2912",
        "2, 0.125, 0.9375, 0.5518, 0.5518",
        "2, 0.25, 1.7500, 0.9115, 0.9115",
        "3, 0.125, 1.4375, 1.984, 1.323"
    })
    void aluminiumTubes_asTheirTable(
            double side, double wall, double area, double inertia, double modulus) {
        double inch = 25.4;
        MetalStrength aluminium = new MetalStrength(LIBRARY.get("alu-6061"));
        Section tube = new Section(side * inch, side * inch, wall * inch);
        assertThat(aluminium.profile(tube).areaMm2() / inch / inch).isCloseTo(area, within(5e-5));
        assertThat(aluminium.profile(tube).inertiaMm4() / Math.pow(inch, 4))
                .isCloseTo(inertia, within(5e-4));
        assertThat(aluminium.modulusMm3(tube) / Math.pow(inch, 3)).isCloseTo(modulus, within(5e-4));
    }

    private static Map<String, Check> checks() {
        MemberCheck bow =
                new MemberCheck(
                        "bow",
                        "roof bow 1",
                        new Section(40, 40, 3),
                        LIBRARY.get("alu-6061"),
                        2000,
                        new LoadCase(0.05, 0, 1000),
                        new MemberCheck.Setting(
                                Duration.SHORT,
                                ServiceClass.COVERED,
                                null,
                                new Carried("between its supports", 500, 10, 0),
                                Welded.NONE));
        return new MetalChecks(bow)
                .checks().stream()
                        .collect(Collectors.toMap(c -> c.key().replaceAll(".*\\.", ""), c -> c));
    }

    /**
     * By hand: 40 × 40 × 3 of 6061-T6, W 5099 mm³ (tables), span 2 m, 50 N/m and one person. M = 1.35 · 0.05 · 2000² / 8 +
     * 1.5 · 1000 · 2000 / 4 = 783 750 Nmm; 153.7 N/mm² of 241 / 1.1 = 219.1.
     */
    @Test
    void bending_byHand() {
        Check bending = checks().get("bending");
        assertThat(bending.demand().value()).isCloseTo(153.7, within(0.05));
        assertThat(bending.capacity().value()).isCloseTo(219.1, within(0.05));
    }

    /** V = 1.35 · 0.05 · 1000 + 1.5 · 1000 = 1567.5 N on 444 / 2 = 222 mm²: 7.06 N/mm² of 139 / 1.1. */
    @Test
    void shear_byHand() {
        Check shear = checks().get("shear");
        assertThat(shear.demand().value()).isCloseTo(7.06, within(0.01));
        assertThat(shear.capacity().value()).isCloseTo(126.4, within(0.05));
    }

    /** I 101 972 mm⁴: 5 · 0.05 · 2000⁴ / (384 E I) + 1000 · 2000³ / (48 E I), E 70 000: 1.459 + 23.35 mm of 10; no creep. */
    @Test
    void deflection_byHand() {
        Check deflection = checks().get("deflection");
        assertThat(deflection.demand().value()).isCloseTo(24.81, within(0.02));
        assertThat(deflection.capacity().value()).isCloseTo(10, within(1e-9));
    }

    /** EN 1993-1-1 6.2.6 (3) f: A h / (b + h); half of a square tube's area. */
    @Test
    void shearArea_ofASquareTube_isHalf() {
        MetalStrength steel = new MetalStrength(LIBRARY.get("steel-235"));
        assertThat(steel.shearAreaMm2(new Section(50, 50, 3))).isCloseTo(541 / 2.0, within(0.3));
        assertThat(steel.design(Property.BENDING)).isCloseTo(213.6, within(0.05));
    }

    /** Common practice of roll benders: eight times the tube. */
    @Test
    void rolling_hasALeastRadius() {
        assertThat(new RolledBend(25.4, 200).leastMm()).isCloseTo(203.2, within(1e-9));
        assertThat(new RolledBend(25.4, 200).holds()).isFalse();
        assertThat(new RolledBend(25.4, 204).holds()).isTrue();
    }
}
