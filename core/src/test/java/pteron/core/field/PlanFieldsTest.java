package pteron.core.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Layer;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.MakeUpEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.VehicleEdits;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.Steel;

class PlanFieldsTest {

    private static final BoxPlan PLAN = SamplePlans.rakedNose();
    private static final PlanFields FIELDS = PlanFields.of(PLAN, MaterialLibrary.starting());

    /** A trailer, a pickup, a flatbed; curves, arches, drip edge, further layers, solids, outriggers. */
    private static List<BoxPlan> plans() {
        BoxPlan rich = PLAN;
        for (MakeUpEdits.Slot slot : MakeUpEdits.Slot.values()) {
            rich = MakeUpEdits.withLayer(rich, slot, new Layer("spruce-ply", 6));
        }
        BoxPlan arch = OutlineTools.withDropFloor(OutlineTools.withWheelArch(rich));
        BoxPlan bent = OutlineTools.batten(OutlineTools.withDripEdge(arch), 3);
        BoxPlan full = VehicleEdits.withWheelBox(VehicleEdits.withOutrigger(bent));
        return List.of(
                PLAN,
                full,
                OutlineTools.arc(PLAN, 2).withVehicle(StartingVehicles.pickup()),
                PLAN.withVehicle(StartingVehicles.flatbed()));
    }

    @Test
    void everyNumber_isReadBackAfterItIsSet() {
        for (BoxPlan plan : plans()) {
            PlanFields fields = PlanFields.of(plan, MaterialLibrary.starting());
            assertThat(fields.numbers())
                    .hasSizeGreaterThan(60)
                    .extracting(NumberField::key)
                    .doesNotHaveDuplicates();
            for (NumberField field : fields.numbers()) {
                if (field.key().equals("box.length") || field.key().equals("box.height")) {
                    continue; // rounding of curves: tested by themselves
                }
                if (field.key().endsWith(".fillet") && !isBetweenStraightLines(plan, field.key())) {
                    assertThatThrownBy(() -> field.with(plan, 100)).hasMessageContaining("curve");
                    continue;
                }
                double old = field.value(plan).value();
                double other = old == 100 ? 99.5 : old + (old > 1 ? 0.5 : 1);
                BoxPlan changed = field.with(plan, other);
                assertThat(field.value(changed).value())
                        .as(field.key())
                        .isCloseTo(other, within(1e-9));
                assertThat(field.with(plan, old)).as(field.key()).isEqualTo(plan);
            }
        }
    }

    private static boolean isBetweenStraightLines(BoxPlan plan, String key) {
        int corner = Integer.parseInt(key.split("\\.")[1]);
        var outline = plan.box().outline();
        return outline.get(corner).link() instanceof OutlinePoint.Straight
                && outline.get(corner + 1).link() instanceof OutlinePoint.Straight;
    }

    @Test
    void everyChoice_isReadBack_andOffersWhatThereIs() {
        for (BoxPlan plan : plans()) {
            for (ChoiceField field : PlanFields.of(plan, MaterialLibrary.starting()).choices()) {
                assertThat(field.options()).as(field.key()).contains(field.get().apply(plan));
                for (String option : field.options()) {
                    BoxPlan changed = field.set().apply(plan, option);
                    assertThat(field.get().apply(changed)).as(field.key()).isEqualTo(option);
                }
            }
        }
        assertThat(FIELDS.choice("floor.core").orElseThrow().options())
                .contains("xps")
                .doesNotContain("c24", "wool-batt");
    }

    @Test
    void length_noseAndOpeningsStay() {
        BoxPlan longer = BoxEdits.withLength(PLAN, 4350);
        assertThat(longer.box().outline())
                .containsExactly(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 950),
                        new OutlinePoint(560, 2160),
                        new OutlinePoint(4350, 2160),
                        new OutlinePoint(4350, 0));
        assertThat(longer.openings()).isEqualTo(PLAN.openings());
    }

    @Test
    void height_kneeStays() {
        BoxPlan higher = BoxEdits.withHeight(PLAN, 2300);
        assertThat(higher.box().outline().get(1).zMm()).isEqualTo(950);
        assertThat(BoxEdits.height(higher)).isEqualTo(2300);
    }

    @Test
    void outOfRange_isRefusedWithASentence() {
        NumberField width = FIELDS.number("box.width").orElseThrow();
        assertThatThrownBy(() -> width.with(PLAN, 20))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("box width")
                .hasMessageContaining("600 to 3500 mm");
    }

    private static BoxPlan chosen(BoxPlan plan, String key, String option) {
        ChoiceField field =
                PlanFields.of(plan, MaterialLibrary.starting()).choice(key).orElseThrow();
        return field.set().apply(plan, option);
    }

    /** An outrigger that ends half way up the rail's web cracks there: common practice. */
    @Test
    void outriggerOnTheWeb_isChosen_andFound() {
        BoxPlan plan = VehicleEdits.withOutrigger(PLAN);
        BoxPlan web = chosen(plan, "outrigger.0.end", "web");
        assertThat(codes(plan)).doesNotContain("OUTRIGGER_ENDS_ON_WEB");
        assertThat(codes(web)).contains("OUTRIGGER_ENDS_ON_WEB");
        assertThat(chosen(web, "outrigger.0.end", "flange")).isEqualTo(plan);
    }

    private static List<String> codes(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).findings().stream()
                .map(Finding::code)
                .toList();
    }

    /** A stiffer timber is stressed more by the same bend: s = E t / 2 r. */
    @Test
    void battenOfAnotherTimber_isStressedByItsModulus() {
        BoxPlan ash = chosen(OutlineTools.batten(PLAN, 3), "outline.3.timber", "d30");
        BoxPlan spruce = chosen(ash, "outline.3.timber", "c16");
        MaterialLibrary library = MaterialLibrary.starting();
        String key = "outline.batten-stress.2";
        double hard = BoxModel.of(ash, library).figure(key).orElseThrow().value();
        double soft = BoxModel.of(spruce, library).figure(key).orElseThrow().value();
        assertThat(soft / hard).isCloseTo(8000.0 / 11000, within(1e-9));
    }

    @Test
    void steelAndSolids_areShapedAndPlaced() {
        BoxPlan tube = chosen(PLAN, "rail.shape", "tube");
        assertThat(tube.vehicle().steel().rail().shape()).isEqualTo(Steel.Section.Shape.TUBE);
        BoxPlan tank = VehicleEdits.withTank(PLAN);
        assertThat(tank.vehicle().measuredSolids().getFirst().mirrored()).isFalse();
        BoxPlan both = chosen(tank, "solid.0.sides", "both sides");
        assertThat(both.vehicle().measuredSolids().getFirst().mirrored()).isTrue();
        BoxPlan flap = chosen(tank, "solid.0.kind", "mud flap");
        assertThat(flap.vehicle().measuredSolids().getFirst().name()).isEqualTo("mud flap");
        BoxPlan flaps = VehicleEdits.withMudFlaps(PLAN);
        assertThat(flaps.vehicle().measuredSolids().getFirst().along().fromMm())
                .isGreaterThan(flaps.vehicle().axlesMm().getLast());
    }
}
