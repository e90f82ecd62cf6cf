package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Section;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.CarrierInput;
import pteron.core.carrier.CarrierStage;
import pteron.core.edit.Cures;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.RectangleSection;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.ServiceClass;
import pteron.core.plan.StartingPlans;

/** Checks of members against sums by hand and hand-calculated Eurocode examples. */
class MemberChecksTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final BoxPlan BARE = StartingPlans.square().withOpenings(List.of());

    private static final MemberCheck JOIST =
            new MemberCheck(
                    "bearer",
                    "joist",
                    new Section(45, 145),
                    LIBRARY.get("c24"),
                    3000,
                    new LoadCase(0.5, 1.0, 0),
                    new MemberCheck.Setting(
                            Duration.MEDIUM,
                            ServiceClass.COVERED,
                            null,
                            new Carried("between its supports", 400, 10, 0),
                            Welded.NONE));

    private static Map<String, Check> checks(MemberCheck check) {
        return check.checks().stream()
                .collect(Collectors.toMap(c -> c.key().replaceAll(".*\\.", ""), c -> c));
    }

    private static Strength strength(BoxPlan plan) {
        return BoxModel.of(plan, LIBRARY).built().orElseThrow().get(Strength.class);
    }

    /**
     * EN 1995-1-1 by hand: 45 × 145 of C24, span 3 m, 0.5 kN/m permanent and 1 kN/m for a medium time. M =
     * (1.35 · 0.5 + 1.5 · 1) · 9 / 8 = 2.447 kNm; W = 157 688 mm³; 15.52 N/mm². kh = 1.0068; fmd = 0.8 · 24 ·
     * 1.0068 / 1.3 = 14.87. 1.044.
     */
    @Test
    void bending_eurocodeByHand() {
        Check bending = checks(JOIST).get("bending");
        assertThat(bending.demand().value()).isCloseTo(15.52, within(0.01));
        assertThat(bending.capacity().value()).isCloseTo(14.87, within(0.01));
        assertThat(bending.utilisation()).isCloseTo(1.044, within(0.002));
    }

    /** The same joist in shear: V = 3.2625 kN, 1.5 V / (0.67 · 6525) = 1.119; fvd = 0.8 · 4 / 1.3 = 2.462. */
    @Test
    void shear_eurocodeByHand() {
        Check shear = checks(JOIST).get("shear");
        assertThat(shear.demand().value()).isCloseTo(1.119, within(0.001));
        assertThat(shear.capacity().value()).isCloseTo(2.462, within(0.001));
    }

    /** And its deflection: I = 11.43e6 mm⁴; 5 (0.5 · 1.8 + 1) 3000⁴ / (384 · 11 000 · I) = 15.94 mm of 15. */
    @Test
    void deflection_eurocodeByHand() {
        Check sag = checks(JOIST).get("deflection");
        assertThat(sag.demand().value()).isCloseTo(15.94, within(0.02));
        assertThat(sag.capacity().value()).isEqualTo(15);
        assertThat(sag.working().get().formula()).contains("384");
    }

    /** Of a dressed 2×4: S 3.063 in³ on edge, 1.313 in³ flat: NDS Supplement, table 1B, from memory. */
    @Test
    void sectionModulus_published() {
        double inch3 = Math.pow(25.4, 3);
        assertThat(new RectangleSection(38.1, 88.9).modulusMm3() / inch3)
                .isCloseTo(3.063, within(0.001));
        assertThat(new RectangleSection(88.9, 38.1).modulusMm3() / inch3)
                .isCloseTo(1.313, within(0.001));
    }

    /** Cross-members 590 to 640 apart; free ends of 58.5 mm count as spans of 234. */
    @Test
    void bearers_longestSpan() {
        Carrier carrier = CarrierStage.of(CarrierInput.of(BARE, OutlineStage.of(BARE.box())));
        assertThat(FloorCheck.longestSpan(carrier, 1.5, 4298.5)).isCloseTo(640, within(1e-9));
        assertThat(FloorCheck.longestSpan(carrier, -400, 4298.5)).isCloseTo(4 * 460, within(1e-9));
        assertThat(FloorCheck.longestSpan(carrier, 100, 600)).isCloseTo(500, within(1e-9));
    }

    /** A person of 110 kg in the middle of 640 mm against 2 kN/m² on a bay: the person governs. */
    @Test
    void bearer_byHand() {
        double person = 110 * 9.80665;
        double bay = 1250 / 3.0 - 0;
        double own = (9 + 6.5) * 0.68 + 30 * 0.033;
        double widest = 417;
        double moment =
                1.5 * person * 640 / 4 + 1.35 * own * 9.80665 / 1e6 * widest * 640 * 640 / 8;
        double stress = moment / (38 * 63 * 63 / 6.0);
        double strengthOf = Math.pow(150 / 63.0, 0.2) * 0.8 * 24 / 1.3;
        double use =
                strength(BARE).checks().stream()
                        .filter(c -> c.key().equals("bearer.bending"))
                        .findFirst()
                        .orElseThrow()
                        .utilisation();
        assertThat(bay).isLessThan(widest);
        assertThat(use).isCloseTo(stress / strengthOf, within(0.003));
    }

    /** A bow of 38 × 89 over 2047 − 63 with 1 kN in the middle and 8.84 kg/m² on its bay. */
    @Test
    void bow_byHand() {
        double span = 2047 - 63;
        double weight = (8.84 * 0.41667 + 0.038 * 0.089 * 420) * 9.80665 / 1000;
        double moment = 1.35 * weight * span * span / 8 + 1.5 * 1000 * span / 4;
        double strengthOf = Math.pow(150 / 89.0, 0.2) * 0.9 * 24 / 1.3;
        double use = strength(BARE).byMember().get("roof bow 3");
        assertThat(use).isCloseTo(moment / (38 * 89 * 89 / 6.0) / strengthOf, within(0.003));
    }

    /** A trimmer carries half of the opening: more than a stud beside it. */
    @Test
    void trimmer_carriesMore() {
        Map<String, Double> uses = strength(StartingPlans.square()).byMember();
        assertThat(uses.get("left trimmer 1")).isGreaterThan(uses.get("left stud 3"));
    }

    @Test
    void findings_aboveOneStop_closeOnesWatch() {
        Strength calm = strength(BARE.withLoads(BARE.loads().withWindSpeed(20)));
        assertThat(calm.findings()).isEmpty();
        Strength gale = strength(BARE.withLoads(BARE.loads().withWindSpeed(33.5)));
        assertThat(gale.findings()).extracting("code").contains("WORKS_HARD_STUD_DEFLECTION");
        Strength storm = strength(BARE.withLoads(BARE.loads().withWindSpeed(45)));
        assertThat(storm.findings()).extracting("code").contains("OVERLOADED_STUD_DEFLECTION");
        assertThat(storm.checks().stream().max(Comparator.comparingDouble(Check::utilisation)))
                .hasValueSatisfying(check -> assertThat(check.key()).isEqualTo("stud.deflection"));
    }

    @Test
    void sandwich_thickerCoreOrCloserBearers_sagLess() {
        var floor = BARE.makeUp().floor();
        BoxPlan thick =
                BARE.withMakeUp(
                        BARE.makeUp().withFloor(floor.withCore(floor.core().withThickness(50))));
        BoxPlan close =
                BARE.withMakeUp(
                        BARE.makeUp()
                                .withFloor(floor.withBearers(floor.bearers().withSpacing(320))));
        double before = floor(BARE, "floor.deflection").demand().value();
        assertThat(floor(thick, "floor.deflection").demand().value()).isLessThan(before);
        assertThat(floor(close, "floor.deflection").demand().value()).isLessThan(before);
    }

    /** A thin floor under a heavy person is cured step by step. */
    @Test
    void sandwich_cures() {
        var floor = BARE.makeUp().floor();
        BoxPlan plan =
                BARE.withLoads(BARE.loads().withFloorPerson(200))
                        .withMakeUp(
                                BARE.makeUp()
                                        .withFloor(
                                                floor.withTopFace(
                                                        floor.topFace().withThickness(4))));
        assertThat(floorFindings(plan)).isNotEmpty();
        for (int i = 0; i < 12; i++) {
            Optional<Finding> failing = floorFindings(plan).stream().findFirst();
            plan = failing.isPresent() ? Cures.apply(plan, failing.get().cure()) : plan;
        }
        assertThat(floorFindings(plan)).isEmpty();
    }

    private static List<Finding> floorFindings(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).findings().stream()
                .filter(f -> f.code().startsWith("PANEL_FAILS"))
                .filter(f -> f.place().part().startsWith("Floor"))
                .toList();
    }

    /** One person on one heel is worked out once: frame and make-up tell the same, over the widest bay. */
    @Test
    void heel_isTheSameAtFrameAndMakeUp() {
        BoxModel model = BoxModel.of(BARE, MaterialLibrary.starting());
        for (String[] pair :
                List.of(
                        new String[] {"deflection", "sag"},
                        new String[] {"face-stress", "face"},
                        new String[] {"wrinkling", "wrinkling"},
                        new String[] {"core-shear", "core-shear"})) {
            assertThat(model.figure("strength.floor." + pair[0]).orElseThrow().value())
                    .isEqualTo(
                            model.figure("make-up.panel.floor-heel-" + pair[1])
                                    .orElseThrow()
                                    .value());
        }
        List<Double> middles =
                model.members().stream()
                        .filter(m -> m.panel().id().equals("floor") && m.isUpright())
                        .map(m -> m.bounds().middle().u())
                        .sorted()
                        .toList();
        double widest = 0;
        for (int i = 1; i < middles.size(); i++) {
            widest = Math.max(widest, middles.get(i) - middles.get(i - 1));
        }
        assertThat(model.figure("make-up.panel.floor-span").orElseThrow().value())
                .isEqualTo(widest);
    }

    private static Check floor(BoxPlan plan, String key) {
        return strength(plan).checks().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
