package pteron.core.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;

/** The panels of the square box, 4300 × 2160 × 2050, worked out by hand from its layers. */
class ShellStageTest {

    private static final double EXACT = 1e-6;
    private static final double FLOOR = 63 + 6.5 + 30 + 9;

    private static Shell shell(BoxPlan plan) {
        return ShellStage.of(ShellInput.of(plan, OutlineStage.of(plan.box())));
    }

    private static Panel panel(String id) {
        return shell(StartingPlans.square()).panel(id).orElseThrow();
    }

    @Test
    void panels_inTheirOrder() {
        assertThat(shell(SamplePlans.slopedTail()).panels())
                .extracting(Panel::id)
                .containsExactly("floor", "left", "right", "front", "nose", "roof", "tail", "rear");
    }

    /** Front and rear: skin 1.5 and frame 63; roof: skin 1.5 and frame 89. */
    @Test
    void side_isTheOutlineMovedIn() {
        Bounds2 frame = panel("left").frame().bounds();
        assertThat(frame.fromU()).isCloseTo(64.5, within(EXACT));
        assertThat(frame.toU()).isCloseTo(4300 - 64.5, within(EXACT));
        assertThat(frame.fromV()).isCloseTo(FLOOR, within(EXACT));
        assertThat(frame.toV()).isCloseTo(2160 - 90.5, within(EXACT));
        Bounds2 lining = panel("left").skin(Skin.Face.INNER).area().bounds();
        assertThat(lining.width()).isCloseTo(4300 - 2 * 69.5, within(EXACT));
        Bounds2 skin = panel("left").skin(Skin.Face.OUTER).area().bounds();
        assertThat(skin.fromV()).isCloseTo(0, within(EXACT));
        assertThat(skin.toV()).isCloseTo(2158.5, within(EXACT));
    }

    /** At 90° the roof lies over the walls: it runs from skin to skin, they end under it. */
    @Test
    void roof_liesOverTheWalls() {
        Bounds2 roof = panel("roof").frame().bounds();
        assertThat(roof.fromU()).isCloseTo(1.5, within(EXACT));
        assertThat(roof.toU()).isCloseTo(4298.5, within(EXACT));
        assertThat(roof.height()).isCloseTo(2050 - 3, within(EXACT));
        assertThat(panel("front").frame().bounds().toV()).isCloseTo(2160 - 90.5, within(EXACT));
        assertThat(panel("roof").rips()).isEqualTo(Panel.Rips.NONE);
    }

    @Test
    void floor_liesBetweenTheSkins() {
        Bounds2 floor = panel("floor").frame().bounds();
        assertThat(floor.width()).isCloseTo(2047, within(EXACT));
        assertThat(floor.height()).isCloseTo(4297, within(EXACT));
    }

    /** Equal depths and a small turn: a mitre, half the turn, on both plates. */
    @Test
    void kneeOfTheNose_isMitred() {
        Shell shell = shell(SamplePlans.rakedNose());
        double half = Math.toDegrees(Math.atan2(560, 1210)) / 2;
        assertThat(shell.panel("front").orElseThrow().rips().endDegrees())
                .isCloseTo(half, within(EXACT));
        assertThat(shell.panel("nose").orElseThrow().rips().startDegrees())
                .isCloseTo(half, within(EXACT));
    }

    @Test
    void placement_leadsBackIntoTheBox() {
        Point3 foot = panel("rear").surface().at(new Point2(100, 500), 0);
        assertThat(foot.x()).isCloseTo(4298.5, within(EXACT));
        assertThat(foot.y()).isCloseTo(100, within(EXACT));
        assertThat(foot.z()).isCloseTo(500, within(EXACT));
        Point3 right = panel("right").surface().at(new Point2(100, 500), 10);
        assertThat(right.y()).isCloseTo(1025 - 1.5 - 10, within(EXACT));
    }

    @Test
    void layersThatFillTheBox_areAFinding() {
        BoxPlan plan = StartingPlans.square();
        Framed walls = plan.makeUp().walls();
        Members thick = new Members(new Section(150, 300), 500, "c24");
        Framed filled = new Framed(walls.outerSkin(), walls.insulation(), walls.innerSkin(), thick);
        BoxPlan narrow =
                plan.withBox(plan.box().withWidth(800)).withMakeUp(plan.makeUp().withWalls(filled));
        Shell shell = shell(narrow);
        assertThat(shell.usable()).isFalse();
        assertThat(shell.findings()).extracting("code").contains("LAYERS_FILL_THE_BOX");
    }
}
