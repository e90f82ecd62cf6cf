package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.cure.CureTrial;
import pteron.core.edit.Cures;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.material.Material;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.WeldSoftening;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.tube.Joint;
import pteron.core.tube.TubeEnd;
import pteron.core.tube.Tubes;

/** Tubes of aluminium beside their welds, to EN 1999-1-1 worked by hand. */
class WeldedTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static BoxPlan plan() {
        return WeldedPlans.rakedNose();
    }

    private static BoxPlan joined(BoxPlan plan, Joining joining) {
        return plan.withMakeUp(plan.makeUp().withJoining(joining));
    }

    private static double use(BoxModel model, String check) {
        return model.figure("strength." + check).map(Figure::value).orElse(0.0);
    }

    private static Check check(BoxModel model, String key) {
        return model.get(Strength.class).checks().stream()
                .filter(check -> check.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /**
     * By hand. Header and sill, 30 mm each, are welded to the trimmers 635 and 1295 mm above their feet. Each softens 20 mm
     * more on both sides: 615 to 685 and 1275 to 1345. Span 1880.5: the middle lies at 940.25, nearest to it is 685. There
     * the moment is 4 · 685 · 1195.5 / 1880.5² = 0.926 of the greatest. 70 mm are more than the 30 of the tube: 65 / 1.1.
     */
    @Test
    void trimmers_areSoftBesideHeaderAndSill() {
        BoxModel model = BoxModel.of(plan(), LIBRARY);
        Member trimmer =
                model.get(Frame.class).members(Role.TRIMMER).stream()
                        .filter(member -> member.name().equals("left trimmer 2"))
                        .findFirst()
                        .orElseThrow();
        assertThat(model.get(Tubes.class).onSides().get(trimmer.name()))
                .containsExactlyInAnyOrder(new Joint(1295, 1325), new Joint(635, 665));
        double span = trimmer.lengthMm();
        double x = Math.abs(685 - span / 2) < Math.abs(1275 - span / 2) ? 685 : 1275;
        Check middle = check(model, "stud.bending");
        Check weld = check(model, "stud.weld");
        assertThat(middle.part()).isEqualTo(weld.part()).isEqualTo(trimmer.name());
        assertThat(weld.demand().value() / middle.demand().value())
                .isCloseTo(4 * x * (span - x) / (span * span), within(1e-9));
        assertThat(weld.capacity().value()).isCloseTo(59.09, within(0.005));
        assertThat(middle.capacity().value()).isCloseTo(136.36, within(0.005));
        assertThat(middle.utilisation()).isLessThan(0.7);
        assertThat(weld.utilisation()).isGreaterThan(1);
    }

    /** TIG reaches 30 mm and leaves 0.8: 4 · 695 · … and 52 / 1.1. Shear at the welded ends 52 / (√3 · 1.1). */
    @Test
    void tig_isSofterAndReachesFarther() {
        BoxModel mig = BoxModel.of(plan(), LIBRARY);
        BoxModel tig =
                BoxModel.of(joined(plan(), Joining.USUAL.withWeld(Joining.Weld.TIG)), LIBRARY);
        assertThat(check(tig, "stud.weld").capacity().value()).isCloseTo(47.27, within(0.005));
        assertThat(check(tig, "stud.weld").demand().value())
                .isGreaterThan(check(mig, "stud.weld").demand().value());
        assertThat(check(tig, "stud.shear").capacity().value()).isCloseTo(27.29, within(0.005));
        assertThat(check(mig, "stud.shear").capacity().value()).isCloseTo(34.12, within(0.005));
        assertThat(use(tig, "stud.deflection")).isEqualTo(use(mig, "stud.deflection"));
    }

    @Test
    void sleevesBoltsAndSteel_doNotSoften() {
        for (Joining.Tubes way : List.of(Joining.Tubes.SLEEVED, Joining.Tubes.BRACKETED)) {
            BoxModel model = BoxModel.of(joined(plan(), Joining.USUAL.withTubes(way)), LIBRARY);
            assertThat(model.figure("strength.stud.weld")).isEmpty();
            assertThat(check(model, "stud.shear").capacity().value())
                    .isCloseTo(86 / 1.1, within(1e-9));
        }
        BoxModel steel = BoxModel.of(of("steel-235"), LIBRARY);
        assertThat(steel.figure("strength.stud.weld")).isEmpty();
        assertThat(steel.findings()).extracting(Finding::code).doesNotContain("WELD_NOT_CHECKED");
    }

    private static BoxPlan of(String metal) {
        BoxPlan plan = plan();
        Framed walls = plan.makeUp().walls();
        return plan.withMakeUp(
                plan.makeUp()
                        .withWalls(
                                walls.withMembers(
                                        new Members(new Section(30, 60, 2), 450, metal))));
    }

    @Test
    void metalWithoutStrengthsByAWeld_isTold() {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        Material known = LIBRARY.get("alu-6060");
        for (Property property : Property.values()) {
            if (known.has(property)
                    && property != Property.YIELD_BY_WELD
                    && property != Property.ULTIMATE_BY_WELD) {
                values.put(property, new Sourced(known.value(property), "made up"));
            }
        }
        Material own = new Material("own-alu", "Own alloy", Material.Kind.METAL, values);
        BoxModel model =
                BoxModel.of(of("own-alu").withMaterials(List.of(own)), LIBRARY.with(List.of(own)));
        assertThat(model.findings()).extracting(Finding::code).contains("WELD_NOT_CHECKED");
        assertThat(model.figure("strength.stud.weld")).isEmpty();
    }

    @Test
    void softWeld_isCuredByOnePress() {
        BoxModel model = BoxModel.of(plan(), LIBRARY);
        Finding weld =
                CureTrial.findings(model).stream()
                        .filter(finding -> finding.code().equals("OVERLOADED_STUD_WELD"))
                        .findFirst()
                        .orElseThrow();
        assertThat(weld.cure().kind()).isEqualTo("BOLT_TUBES");
        BoxModel cured = model.after(Cures.apply(model.plan(), weld.cure()));
        assertThat(cured.findings()).noneMatch(finding -> finding.id().equals(weld.id()));
    }

    /** Every weld of blocks, headers and sills is on a member that is checked: a tube butts only onto tubes. */
    @Test
    void everyButt_isOnTheSideOfAnother() {
        Tubes tubes = BoxModel.of(plan(), LIBRARY).get(Tubes.class);
        long butts = tubes.ends().stream().filter(end -> end.kind() == TubeEnd.Kind.BUTT).count();
        long joints = tubes.onSides().values().stream().mapToLong(List::size).sum();
        assertThat(butts).isPositive();
        assertThat(joints).isGreaterThanOrEqualTo(butts);
    }

    /**
     * EN 1999-1-1, table 3.2b and 6.1.6.3, from memory (high): strengths beside MIG welds, and how far they soften; TIG
     * leaves 0.8 and reaches 30 mm. ρo of the table is f_o,haz / f_o.
     */
    @ParameterizedTest
    @CsvSource({
        "alu-6060, 65, 110, 0.43, 150",
        "alu-6061, 115, 175, 0.48, 240",
        "alu-6063, 65, 110, 0.41, 160",
        "alu-6082, 125, 185, 0.50, 250"
    })
    void strengthsByAWeld_en1999(String id, double yield, double ultimate, double rho, double fo) {
        WeldSoftening mig = WeldSoftening.of(LIBRARY.get(id), 3, Joining.Weld.MIG).orElseThrow();
        assertThat(mig).isEqualTo(new WeldSoftening(yield, ultimate, 20));
        assertThat(mig.yield() / fo).isCloseTo(rho, within(0.006));
        WeldSoftening tig = WeldSoftening.of(LIBRARY.get(id), 3, Joining.Weld.TIG).orElseThrow();
        assertThat(tig.yield()).isCloseTo(0.8 * yield, within(1e-9));
        assertThat(tig.reachMm()).isEqualTo(30);
    }

    /** 0 to 6, to 12, to 25, over 25 mm: 20, 30, 35, 40: EN 1999-1-1 6.1.6.3, from memory (high). */
    @ParameterizedTest
    @CsvSource({"6, 20", "6.1, 30", "12, 30", "25, 35", "26, 40"})
    void reach_en1999(double wall, double reach) {
        assertThat(WeldSoftening.reach(wall, Joining.Weld.MIG)).isEqualTo(reach);
    }

    /** 6061-T6 tube 40 × 3 sharp, bending at a local weld: W · fu,haz / γM2 = 0.7138 kNm (EN 1999-1-1 6.2.5, derived). */
    @Test
    void localWeld_en1999() {
        WeldSoftening soft =
                WeldSoftening.of(LIBRARY.get("alu-6061"), 3, Joining.Weld.MIG).orElseThrow();
        assertThat(5099 * soft.ultimate() / WeldSoftening.GAMMA_BREAK)
                .isCloseTo(0.7138e6, within(100.0));
        // a butt weld has no length along the member: 40 mm softened are not more than its 40
        assertThat(soft.design(0, 40)).isEqualTo(175 / 1.25);
        assertThat(soft.design(0.1, 40)).isEqualTo(115 / 1.1);
    }

    /** A share of the greatest moment by sampling the stretch, as a second method. */
    @ParameterizedTest
    @CsvSource({
        "-20, 40, 1800",
        "300, 370, 1800",
        "850, 930, 1800",
        "1700, 1830, 1800",
        "-50, -5, 1000"
    })
    void momentShare_bySampling(double from, double to, double span) {
        double greatest = 0;
        for (int i = 0; i <= 1000; i++) {
            double x = from + (to - from) * i / 1000;
            greatest = Math.max(greatest, 4 * x * (span - x) / (span * span));
        }
        assertThat(new Welded.Stretch(from, to, 10).momentShare(span))
                .isCloseTo(greatest, within(1e-4));
    }
}
