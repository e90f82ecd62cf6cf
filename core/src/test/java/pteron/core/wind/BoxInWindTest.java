package pteron.core.wind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pteron.core.carrier.Carrier;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;

/** What the pieces of an outline are to the wind. */
class BoxInWindTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static List<RoofFace> roofs(BoxModel model) {
        WallWind walls = BoxInWind.walls(model.plan().box(), model.get(Carrier.class));
        return BoxInWind.roofs(model.plan().box(), walls, model.get(Outline.class));
    }

    private static BoxPlan box(double... points) {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        List<OutlinePoint> outline =
                IntStream.range(0, points.length / 2)
                        .mapToObj(i -> new OutlinePoint(points[2 * i], points[2 * i + 1]))
                        .toList();
        return plan.withBox(plan.box().withOutline(outline));
    }

    @Test
    void level_isFlat_andSoIsFourDegrees() {
        assertThat(roofs(model(StartingPlans.square())))
                .extracting(RoofFace::form)
                .containsExactly(new RoofForm.Flat());
        BoxPlan four = box(0, 0, 0, 1900, 4300, 2200, 4300, 0);
        assertThat(roofs(model(four)).getFirst().form()).isEqualTo(new RoofForm.Flat());
    }

    /** 600 mm over 4300: atan(600 / 4300) = 7.94°. */
    @Test
    void oneSlope_byItsRise() {
        RoofForm.OneSlope rises =
                (RoofForm.OneSlope)
                        roofs(model(box(0, 0, 0, 1700, 4300, 2300, 4300, 0))).getFirst().form();
        assertThat(rises.degrees()).isCloseTo(7.94, within(0.01));
        assertThat(rises.lowAtStart()).isTrue();
        RoofForm.OneSlope falls =
                (RoofForm.OneSlope)
                        roofs(model(box(0, 0, 0, 2300, 4300, 1700, 4300, 0))).getFirst().form();
        assertThat(falls.lowAtStart()).isFalse();
    }

    /** A ridge: 500 over 2000, 14.04°, and 500 over 2300, 12.26°. A valley is two slopes by themselves. */
    @Test
    void ridgeAndValley() {
        List<RoofFace> ridge = roofs(model(box(0, 0, 0, 1700, 2000, 2200, 4300, 1700, 4300, 0)));
        assertThat(ridge).hasSize(2);
        assertThat(((RoofForm.OneOfTwo) ridge.get(0).form()).degrees())
                .isCloseTo(14.04, within(0.01));
        assertThat(((RoofForm.OneOfTwo) ridge.get(1).form()).lowAtStart()).isFalse();
        assertThat(ridge.get(1).lengthMm()).isCloseTo(2300, within(1e-9));
        List<RoofFace> valley = roofs(model(box(0, 0, 0, 2200, 2000, 1700, 4300, 2200, 4300, 0)));
        assertThat(valley)
                .extracting(RoofFace::form)
                .allMatch(form -> form instanceof RoofForm.OneSlope);
    }

    @Test
    void arch_isAVault_laidOutFlat() {
        BoxModel model = model(StartingPlans.of(OutlineStart.ARCHED));
        RoofFace face = roofs(model).getFirst();
        RoofForm.Vault vault = (RoofForm.Vault) face.form();
        assertThat(vault.along()).isTrue();
        assertThat(vault.rise()).isBetween(0.05, 0.3);
        // a shallow arc is longer than its chord d by 8/3 (f/d)² of it: any table of arcs
        assertThat(face.lengthMm() / 4300)
                .isCloseTo(1 + 8.0 / 3 * vault.rise() * vault.rise(), within(0.002));
    }

    @Test
    void riseAcross_isAVaultFromATwentiethOn() {
        BoxPlan plan = StartingPlans.square();
        double width = plan.box().widthMm();
        BoxPlan high =
                plan.withBox(plan.box().withDetails(plan.box().details().withCrown(0.06 * width)));
        RoofForm.Vault vault = (RoofForm.Vault) roofs(model(high)).getFirst().form();
        assertThat(vault.along()).isFalse();
        assertThat(vault.rise()).isCloseTo(0.06, within(1e-9));
        BoxPlan low =
                plan.withBox(plan.box().withDetails(plan.box().details().withCrown(0.04 * width)));
        assertThat(roofs(model(low)).getFirst().form()).isEqualTo(new RoofForm.Flat());
    }

    /** With a slope of 8° bows feel more than with none: the high edge tears at −2.3 and more. */
    @Test
    void slopes_tearHarder() {
        double flat = use(box(0, 0, 0, 2000, 4300, 2000, 4300, 0));
        double slope = use(box(0, 0, 0, 1700, 4300, 2300, 4300, 0));
        assertThat(slope).isGreaterThan(flat);
    }

    /** Bows of a tail that comes down in a quarter circle are checked: up to 45° as a slope, below as a wall. */
    @Test
    void bowsOnABend_areChecked() {
        BoxModel round = model(StartingPlans.of(OutlineStart.ROUND_TAIL));
        double bend = round.figure("strength.bend-bow.bending").orElseThrow().value();
        assertThat(bend).isPositive();
        assertThat(model(StartingPlans.square()).figure("strength.bend-bow.bending")).isEmpty();
    }

    private static double use(BoxPlan plan) {
        BoxPlan stormy = plan.withLoads(plan.loads().withWindSpeed(45));
        return model(stormy).figure("strength.bow.bending").orElseThrow().value();
    }
}
