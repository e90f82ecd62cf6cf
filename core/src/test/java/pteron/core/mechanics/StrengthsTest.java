package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Section;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.Joining.Weld;
import pteron.core.plan.ServiceClass;

/** Strengths of timber, metal, welds and screws by hand. */
class StrengthsTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** EN 1995-1-1 eq. 3.1: (150 / h)^0.2, between 1 and 1.3. */
    @ParameterizedTest
    @CsvSource({"64, 1.18572", "150, 1", "200, 1", "100, 1.08447", "30, 1.3", "40.5, 1.29936"})
    void sizeFactor_byHand(double depth, double factor) {
        assertThat(TimberStrength.sizeFactor(depth)).isCloseTo(factor, within(1e-5));
    }

    /** C24, bending, short, class 2: 0.9 · 24 / 1.3; kdef 0.8. EN 1995-1-1 tables 2.3, 3.1, 3.2. */
    @Test
    void timber_en1995() {
        TimberStrength timber =
                new TimberStrength(LIBRARY.get("c24"), Duration.SHORT, ServiceClass.COVERED);
        assertThat(timber.gamma()).isEqualTo(1.3);
        assertThat(timber.kmod()).isEqualTo(0.9);
        assertThat(timber.kdef()).isEqualTo(0.8);
        assertThat(timber.design(Property.BENDING)).isCloseTo(16.615, within(0.0005));
        assertThat(timber.design(13)).isCloseTo(9, within(1e-12));
        assertThat(timber.kind()).isEqualTo(WoodKind.of(LIBRARY.get("c24")).orElseThrow());
        assertThatThrownBy(() -> TimberStrength.sizeFactor(0)).hasMessageContaining("depth");
    }

    @Test
    void whatIsNoWood_isTakenForTheWeakestBoard() {
        TimberStrength foam =
                new TimberStrength(LIBRARY.get("xps"), Duration.SHORT, ServiceClass.DRY);
        assertThat(foam.kind()).isEqualTo(WoodKind.PARTICLEBOARD);
    }

    /** 6061-T6: 241 / 1.10; tubes of aluminium with sharp corners: 40 × 3 has (40⁴ − 34⁴) / 12 / 20 = 5099 mm³. */
    @Test
    void aluminium_byHand() {
        MetalStrength metal = new MetalStrength(LIBRARY.get("alu-6061"));
        assertThat(metal.design(Property.BENDING)).isCloseTo(219.09, within(0.005));
        double modulus = (Math.pow(40, 4) - Math.pow(34, 4)) / 12 / 20;
        assertThat(metal.modulusMm3(new Section(40, 40, 3))).isCloseTo(modulus, within(1e-6));
        assertThat(metal.shearAreaMm2(new Section(50, 50, 3))).isCloseTo(282, within(1e-9));
        assertThat(metal.shearAreaMm2(new Section(30, 60, 2)))
                .isCloseTo((30 * 60 - 26 * 56) * 60 / 90.0, within(1e-9));
        assertThat(metal.shearAreaMm2(new Section(20, 60))).isCloseTo(800, within(1e-9));
        assertThat(metal.modulusMm3(new Section(20, 60))).isCloseTo(12_000, within(1e-9));
    }

    /** Steel is told by its weight, and its tubes have round corners: less area than sharp ones. */
    @Test
    void steel_hasRoundCorners() {
        assertThat(MetalStrength.isSteel(LIBRARY.get("steel-235"))).isTrue();
        assertThat(MetalStrength.isSteel(LIBRARY.get("alu-6060"))).isFalse();
        Section tube = new Section(40, 40, 3);
        double sharp = 40 * 40 - 34 * 34;
        double round = MetalStrength.profile(tube, LIBRARY.get("steel-235")).areaMm2();
        assertThat(round).isBetween(0.9 * sharp, 0.99 * sharp);
        assertThat(MetalStrength.profile(tube, LIBRARY.get("alu-6060")).areaMm2())
                .isCloseTo(sharp, within(1e-9));
        Section bar = new Section(20, 60);
        assertThat(MetalStrength.profile(bar, LIBRARY.get("steel-235")).areaMm2())
                .isCloseTo(1200, within(1e-9));
    }

    /** 6060-T66, 65 and 110 N/mm²: EN 1999-1-1 by hand. A stretch of just the least width counts as short. */
    @Test
    void weld_byHand() {
        WeldSoftening mig = WeldSoftening.of(LIBRARY.get("alu-6060"), 2, Weld.MIG).orElseThrow();
        assertThat(mig.extentMm(30)).isEqualTo(70);
        assertThat(mig.design(30, 30)).isCloseTo(59.09, within(0.005));
        assertThat(mig.design(30, 80)).isCloseTo(88.0, within(1e-9));
        assertThat(mig.isLong(30, 70)).isFalse();
        assertThat(mig.isLong(30, 69.9)).isTrue();
        assertThat(mig.shear()).isCloseTo(34.12, within(0.005));
        WeldSoftening tig = WeldSoftening.of(LIBRARY.get("alu-6060"), 2, Weld.TIG).orElseThrow();
        assertThat(tig).isEqualTo(new WeldSoftening(52, 88, 30));
    }

    @ParameterizedTest
    @CsvSource({"2, 20, 30", "6, 20, 30", "7, 30, 45", "12, 30, 45", "20, 35, 52.5", "30, 40, 60"})
    void weld_reach(double wall, double mig, double tig) {
        assertThat(WeldSoftening.reach(wall, Weld.MIG)).isEqualTo(mig);
        assertThat(WeldSoftening.reach(wall, Weld.TIG)).isEqualTo(tig);
    }

    @Test
    void weld_concernsAluminiumWithValues() {
        assertThat(WeldSoftening.concerns(LIBRARY.get("alu-6060"))).isTrue();
        assertThat(WeldSoftening.concerns(LIBRARY.get("steel-235"))).isFalse();
        assertThat(WeldSoftening.concerns(LIBRARY.get("c24"))).isFalse();
        assertThat(WeldSoftening.of(LIBRARY.get("steel-235"), 2, Weld.MIG)).isEmpty();
        assertThatThrownBy(() -> new WeldSoftening(0, 1, 1)).hasMessageContaining("yield");
        assertThatThrownBy(() -> new WeldSoftening(1, 0, 1)).hasMessageContaining("tension");
        assertThatThrownBy(() -> new WeldSoftening(1, 1, 0)).hasMessageContaining("reach");
        assertThatThrownBy(() -> WeldSoftening.reach(0, Weld.MIG)).hasMessageContaining("wall");
        WeldSoftening soft = new WeldSoftening(1, 1, 1);
        assertThatThrownBy(() -> soft.isLong(-1, 1)).hasMessageContaining("joint");
        assertThatThrownBy(() -> soft.isLong(1, 0)).hasMessageContaining("least width");
    }

    /** NDS table 12.2B: a No. 8 wood screw in G 0.42 holds 82 lb for an inch; in 0.50 117 lb. */
    @ParameterizedTest
    @CsvSource({"0.42, 82", "0.50, 117", "0.36, 61"})
    void screw_nds(double gravity, double pounds) {
        double newton = ScrewPull.fromWood(gravity, ScrewPull.NUMBER_8_MM, 25.4);
        assertThat(newton / 4.4482216).isCloseTo(pounds, within(0.6));
    }

    /** By hand: 0.85 · 1.5 · 4.166 · 110 / 3; a density of 424 has a gravity of 0.4. */
    @Test
    void screw_byHand() {
        assertThat(ScrewPull.fromSheet(1.5, 4.166, 110)).isCloseTo(194.76, within(0.005));
        assertThat(ScrewPull.gravity(424)).isCloseTo(0.4, within(1e-12));
        assertThat(ScrewPull.fromWood(0.42, 4.166, 0)).isZero();
        assertThatThrownBy(() -> ScrewPull.fromWood(0, 4, 1)).hasMessageContaining("gravity");
        assertThatThrownBy(() -> ScrewPull.fromWood(1, 0, 1)).hasMessageContaining("diameter");
        assertThatThrownBy(() -> ScrewPull.fromWood(1, 4, -1)).hasMessageContaining("penetration");
        assertThatThrownBy(() -> ScrewPull.gravity(0)).hasMessageContaining("density");
        assertThatThrownBy(() -> ScrewPull.fromSheet(0, 4, 1)).hasMessageContaining("thickness");
        assertThatThrownBy(() -> ScrewPull.fromSheet(1, 0, 1)).hasMessageContaining("diameter");
        assertThatThrownBy(() -> ScrewPull.fromSheet(1, 4, 0)).hasMessageContaining("strength");
    }
}
