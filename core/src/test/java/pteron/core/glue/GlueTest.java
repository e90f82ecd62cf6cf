package pteron.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Layer;
import pteron.core.edit.Cures;
import pteron.core.edit.MakeUpEdits;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.glue.GlueJoint.Held;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Quantity;

/** What glues what, how much, and what eats the foam. */
class GlueTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final BoxPlan PLAN = StartingPlans.square();

    private static Glues glues(BoxPlan plan) {
        return BoxModel.of(plan, LIBRARY).made().orElseThrow().get(Glues.class);
    }

    private static GlueJoint joint(BoxPlan plan, String part, int number) {
        return glues(plan).joints().stream()
                .filter(j -> j.part().equals(part) && j.number() == number)
                .findFirst()
                .orElseThrow();
    }

    private static BoxPlan wallsFixed(String glue) {
        var walls = PLAN.makeUp().walls();
        return PLAN.withMakeUp(
                PLAN.makeUp().withWalls(walls.withOuterSkin(walls.outerSkin().withFixing(glue))));
    }

    /** By hand: 9.2 · 2 / 6 · 1.1. */
    @Test
    void litres_workedExample() {
        assertThat(Glue.litres(9.2, 2, 6)).isCloseTo(3.373, within(0.0005));
        assertThatThrownBy(() -> Glue.litres(1, 1, 0)).hasMessageContaining("coverage");
    }

    /** By hand: 3.4 L in tubes of 290 mL are 11.72, so 12; 0.58 L are two, not three; tins have none. */
    @Test
    void tubes_byHand() {
        Glue construction = GlueTable.named("construction").orElseThrow();
        assertThat(construction.tubes(3.4)).isEqualTo(12);
        assertThat(construction.tubes(0.58)).isEqualTo(2);
        assertThat(construction.tubes(0)).isZero();
        assertThat(GlueTable.named("epoxy").orElseThrow().tubes(3.4)).isZero();
    }

    /** Contact glue: rolled on, two coats, dry to the touch: common practice. */
    @Test
    void contactGlue_commonPractice() {
        Glue contact = GlueTable.named("contact-glue").orElseThrow();
        assertThat(contact.spread().coats()).isEqualTo(2);
        assertThat(contact.times().clamped()).isFalse();
        assertThat(contact.eats()).contains(Substrate.POLYSTYRENE);
    }

    /** Structural epoxy a day, construction adhesive overnight to a day: common practice. */
    @Test
    void curingTimes_commonPractice() {
        assertThat(GlueTable.named("structural-epoxy").orElseThrow().times().cureHours())
                .isEqualTo(24);
        assertThat(GlueTable.named("construction").orElseThrow().times().cureHours())
                .isBetween(8.0, 24.0);
    }

    @Test
    void everyGlue_isInTheLibrary_andEatsNothingItHolds() {
        for (Glue glue : GlueTable.all()) {
            assertThat(LIBRARY.contains(glue.id())).as(glue.id()).isTrue();
            assertThat(Collections.disjoint(glue.holds(), glue.eats())).isTrue();
            assertThat(glue.window().leastC()).isLessThan(glue.window().mostC());
        }
    }

    /** Some solvent glues eat polystyrene: common practice. */
    @Test
    void solventOnPolystyrene_isFound_andCured() {
        BoxPlan eaten = wallsFixed("contact-glue");
        assertThat(joint(eaten, "walls", 1).held()).isEqualTo(Held.EATS);
        Finding finding =
                BoxModel.of(eaten, LIBRARY).findings().stream()
                        .filter(f -> f.code().equals("GLUE_EATS_FOAM"))
                        .findFirst()
                        .orElseThrow();
        BoxPlan cured = Cures.apply(eaten, finding.cure());
        assertThat(cured).isEqualTo(PLAN);
    }

    /** A glue from tubes is told in litres and in whole tubes, enough for the litres and no more. */
    @Test
    void glueFromTubes_isCounted() {
        BoxModel model = BoxModel.of(wallsFixed("hybrid-glue"), LIBRARY);
        double litres = model.figure("make-up.glue.hybrid-glue").orElseThrow().value();
        double tubes = model.figure("make-up.glue-tubes.hybrid-glue").orElseThrow().value();
        assertThat(tubes * 0.29).isGreaterThanOrEqualTo(litres);
        assertThat((tubes - 1) * 0.29).isLessThan(litres);
        assertThat(model.figure("make-up.glue-tubes.pu-glue")).isEmpty();
    }

    @Test
    void screwed_loose_unsuitable_unknown() {
        assertThat(joint(wallsFixed(Layer.SCREWED), "walls", 1).glue()).isEmpty();
        assertThat(joint(wallsFixed(Layer.LOOSE), "walls", 1).held()).isEqualTo(Held.LOOSE);
        assertThat(joint(wallsFixed("pva"), "walls", 1).held()).isEqualTo(Held.DOES_NOT_HOLD);
        assertThat(joint(wallsFixed("spit"), "walls", 1).held()).isEqualTo(Held.NOTHING_SUITS);
        assertThat(joint(PLAN, "walls", 1).litres()).isPositive();
    }

    @Test
    void cure_reachesEveryJoint() {
        BoxPlan plan = PLAN;
        for (MakeUpEdits.Slot slot : MakeUpEdits.Slot.values()) {
            plan = MakeUpEdits.withLayer(plan, slot, new Layer("spruce-ply", 6));
            plan = MakeUpEdits.withLayer(plan, slot, new Layer("birch-ply", 6));
        }
        int spoilt = 0;
        for (GlueJoint joint : glues(plan).joints()) {
            Cure first =
                    Cure.press(
                            "TAKE_FIRST_GLUE",
                            Quantity.count(1),
                            joint.part(),
                            (double) joint.number());
            BoxPlan cured = Cures.apply(plan, first);
            assertThat(cured).isEqualTo(plan);
            spoilt++;
        }
        assertThat(spoilt).isEqualTo(4 + 6 + 6);
    }

    @Test
    void wool_isLaidIn() {
        var walls = PLAN.makeUp().walls();
        BoxPlan wool =
                PLAN.withMakeUp(
                        PLAN.makeUp()
                                .withWalls(
                                        walls.withInsulation(
                                                walls.insulation().withMaterial("wool-batt"))));
        assertThat(joint(wool, "walls", 1).held()).isEqualTo(Held.LOOSE);
    }

    @ParameterizedTest
    @EnumSource(
            value = Substrate.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"WOOL", "AIR"})
    void everySubstrate_hasAGlueToItself(Substrate substrate) {
        assertThat(GlueTable.first(substrate, substrate)).as(substrate.name()).isPresent();
    }

    @Test
    void substrates_ofTheLibrary() {
        assertThat(Substrate.of(LIBRARY.get("xps"))).isEqualTo(Substrate.POLYSTYRENE);
        assertThat(Substrate.of(LIBRARY.get("pir"))).isEqualTo(Substrate.OTHER_FOAM);
        assertThat(Substrate.of(LIBRARY.get("grp-skin"))).isEqualTo(Substrate.GLASS_FIBRE);
        assertThat(Substrate.of(LIBRARY.get("abs-sheet"))).isEqualTo(Substrate.PLASTIC);
        assertThat(Substrate.of(LIBRARY.get("vinyl"))).isEqualTo(Substrate.ROLL);
        for (Material material : LIBRARY.all()) {
            assertThat(Substrate.of(material)).as(material.id()).isNotNull();
        }
        assertThat(List.of(Substrate.values())).hasSize(10);
        assertThat(Substrate.of(LIBRARY.get("air-gap"))).isEqualTo(Substrate.AIR);
    }
}
