package pteron.core.inside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Layer;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SetOut;
import pteron.core.plan.StartingPlans;

/** The room inside of the layers, by hand and against the outside. */
class InsideTest {

    private static final BoxPlan SQUARE = StartingPlans.square();

    private static Inside inside(BoxPlan plan) {
        return InsideStage.of(InsideInput.of(plan, OutlineStage.of(plan.box())));
    }

    /** By hand: walls 69.5, roof 95.5, floor 108.5. */
    @Test
    void square_byHand() {
        Inside inside = inside(SQUARE);
        Bounds2 room = inside.room().orElseThrow().bounds();
        assertThat(room.width()).isCloseTo(4300 - 2 * 69.5, within(1e-6));
        assertThat(room.height()).isCloseTo(2160 - 95.5 - 108.5, within(1e-6));
        assertThat(inside.widthMm()).isCloseTo(2050 - 139, within(1e-9));
        assertThat(inside.standingAt(2000).orElseThrow()).isCloseTo(1956, within(1e-6));
        assertThat(inside.volumeM3()).isCloseTo(4.161 * 1.956 * 1.911, within(1e-6));
        assertThat(Bed.longest(inside).orElseThrow().lengthMm()).isCloseTo(4161, within(1e-6));
        assertThat(inside.standingAt(-50)).isEmpty();
    }

    /** Over the cab the bed is as long as the whole box; below it ends at the front wall. */
    @Test
    void overCab_hasItsBedOverTheCab() {
        BoxPlan plan = StartingPlans.of(OutlineStart.OVER_CAB);
        Inside inside = inside(plan);
        Bed bed = Bed.longest(inside).orElseThrow();
        assertThat(bed.heightMm()).isGreaterThan(0.56 * 2080);
        assertThat(bed.lengthMm()).isGreaterThan(2480);
        assertThat(inside.levelAt(500).getFirst().lengthMm()).isLessThan(2480);
    }

    @Test
    void droppedFloor_givesHeightBehind() {
        List<OutlinePoint> points = new ArrayList<>(SQUARE.box().outline());
        points.set(3, points.get(3).at(4300, -150));
        Box box =
                SQUARE.box()
                        .withOutline(points)
                        .withDetails(BoxDetails.NONE.withDropFloor(new DropFloor(3000, 150)));
        Inside inside = inside(SQUARE.withBox(box));
        double front = inside.standingAt(1500).orElseThrow();
        double behind = inside.standingAt(3700).orElseThrow();
        assertThat(behind - front).isCloseTo(150, within(1e-6));
    }

    @Test
    void lowBox_isNoted_layersMayFillIt() {
        BoxPlan low = SQUARE.withBox(new Box(OutlineStart.SQUARE.points(1500, 1400), 1700, 0));
        assertThat(inside(low).findings())
                .extracting(f -> f.code())
                .containsExactly("NO_STANDING_HEIGHT", "NO_BED_LENGTH");
        BoxPlan thick =
                low.withMakeUp(
                        low.makeUp()
                                .withWalls(
                                        low.makeUp()
                                                .walls()
                                                .withInside(
                                                        List.of(
                                                                new Layer("xps", 300),
                                                                new Layer("xps", 300),
                                                                new Layer("xps", 300)))));
        assertThat(inside(thick).room()).isEmpty();
        assertThat(inside(thick).volumeM3()).isZero();
    }

    @Provide
    Arbitrary<BoxPlan> any() {
        return PlanArbitraries.anyPlans();
    }

    /** The room lies in the box, and is nowhere nearer to the outside than the layers are thick. */
    @Property(tries = 40, seed = "20261126")
    void room_keepsOffTheOutside(@ForAll("any") BoxPlan plan) {
        var outline = OutlineStage.of(plan.box());
        Inside inside = InsideStage.of(InsideInput.of(plan, outline));
        SetOut.that(outline.usable() && inside.room().isPresent());
        Polygon2 room = inside.room().get();
        Polygon2 side = outline.shape().polygon();
        assertThat(side.contains(room, 1.0)).isTrue();
        double thinnest =
                Math.min(
                        plan.makeUp().floor().heightMm(),
                        Math.min(
                                plan.makeUp().walls().thicknessMm(),
                                plan.makeUp().roof().thicknessMm()));
        List<Polygon2> shrunk = side.inset(thinnest - 1);
        double covered = shrunk.stream().mapToDouble(s -> s.sharedArea(room)).sum();
        assertThat(covered).isCloseTo(room.area(), within(1e-4 * room.area()));
    }

    /** Outside check: level and plumb cuts against those of JTS. */
    @Property(tries = 40, seed = "20261126")
    void scans_againstCutsOfJts(@ForAll("any") BoxPlan plan) {
        Polygon2 side = OutlineStage.of(plan.box()).shape().polygon();
        Bounds2 b = side.bounds();
        for (double share : new double[] {0.13, 0.42, 0.71}) {
            double v = b.fromV() + share * b.height();
            double u = b.fromU() + share * b.width();
            Segment2 level = new Segment2(new Point2(b.fromU() - 9, v), new Point2(b.toU() + 9, v));
            Segment2 plumb = new Segment2(new Point2(u, b.fromV() - 9), new Point2(u, b.toV() + 9));
            assertThat(length(side.levelAt(v))).isCloseTo(length(side.cut(level)), within(1e-6));
            assertThat(length(side.plumbAt(u))).isCloseTo(length(side.cut(plumb)), within(1e-6));
        }
    }

    private static double length(List<Segment2> stretches) {
        return stretches.stream().mapToDouble(Segment2::lengthMm).sum();
    }
}
