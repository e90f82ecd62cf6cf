package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.curve.Arc;
import pteron.core.geometry.Point2;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlinePoint.Straight;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.StartingVehicles;

/** Tools of outline and carrier, and where dragged handles snap to. */
class ToolsTest {

    private static final BoxPlan SQUARE = StartingPlans.square();

    private static Outline outline(BoxPlan plan) {
        return OutlineStage.of(plan.box());
    }

    @Test
    void corner_added_andRemoved() {
        BoxPlan more = OutlineTools.withCorner(SQUARE, 2);
        assertThat(more.box().outline()).hasSize(5);
        assertThat(more.box().outline().get(2)).isEqualTo(new OutlinePoint(2150, 2160));
        assertThat(OutlineTools.without(more, OutlineHandle.of("outline.2"))).isEqualTo(SQUARE);
        assertThatThrownBy(() -> OutlineTools.withCorner(SQUARE, 0))
                .hasMessageContaining("choose a handle");
    }

    @Test
    void lineBecomesArc_batten_andStraightAgain() {
        BoxPlan arc = OutlineTools.arc(SQUARE, 2);
        assertThat(outline(arc).usable()).isTrue();
        assertThat(outline(arc).heightMm()).isCloseTo(2160 + 0.04 * 4300, within(1.0));
        BoxPlan batten = OutlineTools.batten(SQUARE, 2);
        Batten link = (Batten) batten.box().outline().get(2).link();
        assertThat(link.spots()).hasSize(3);
        assertThat(outline(batten).usable()).isTrue();
        BoxPlan more = OutlineTools.withSpot(batten, 2);
        assertThat(more.box().outline().get(2).link().through()).hasSize(4);
        assertThat(length(more)).isCloseTo(length(batten), within(0.5));
        BoxPlan fewer = OutlineTools.without(more, OutlineHandle.of("outline.2.spot.0"));
        assertThat(fewer.box().outline().get(2).link().through()).hasSize(3);
        assertThat(OutlineTools.straight(batten, 2)).isEqualTo(SQUARE);
        BoxPlan bare = OutlineTools.without(arc, OutlineHandle.of("outline.2.spot.0"));
        assertThat(bare.box().outline().get(2).link()).isEqualTo(new Straight());
    }

    private static double length(BoxPlan plan) {
        return outline(plan).elements().stream().mapToDouble(e -> e.lengthMm()).sum();
    }

    /** A spot more, on a straight line, an arc or a batten, leaves the line where it was. */
    @Test
    void spot_staysOnTheLine() {
        for (BoxPlan plan :
                List.of(
                        SQUARE,
                        OutlineTools.arc(SQUARE, 2),
                        OutlineTools.batten(SQUARE, 2),
                        OutlineTools.startedFrom(SQUARE, OutlineStart.ROUND_TAIL))) {
            int corner = plan.box().outline().size() - 2;
            BoxPlan more = OutlineTools.withSpot(OutlineTools.withSpot(plan, corner), corner);
            assertThat(more.box().outline().get(corner).link()).isInstanceOf(Batten.class);
            assertThat(outline(more).usable()).isTrue();
            assertThat(length(more)).isCloseTo(length(plan), within(4.0));
            assertThat(outline(more).areaMm2())
                    .isCloseTo(outline(plan).areaMm2(), withinPercentage(0.1));
        }
    }

    @Test
    void line_movesWithItsCorners() {
        BoxPlan moved = OutlineTools.lineMoved(SQUARE, 2, new Point2(0, 100));
        assertThat(outline(moved).heightMm()).isEqualTo(2260);
        BoxPlan arc = OutlineTools.arc(SQUARE, 2);
        BoxPlan higher = OutlineTools.lineMoved(arc, 2, new Point2(0, 100));
        assertThat(outline(higher).heightMm() - outline(arc).heightMm())
                .isCloseTo(100, within(1e-6));
    }

    @Test
    void whatCannotBeRounded_saysSo() {
        assertThatThrownBy(() -> OutlineTools.rounded(SQUARE, 0, 100))
                .hasMessageContaining("corner [1] stands on the deck");
        BoxPlan arc = OutlineTools.arc(SQUARE, 2);
        assertThatThrownBy(() -> OutlineTools.rounded(arc, 1, 100))
                .hasMessageContaining("a curve meets corner [2]");
        assertThat(OutlineTools.rounded(SQUARE, 1, 100).box().outline().get(1).filletMm())
                .isEqualTo(100);
    }

    @Test
    void handles_byTheirKeys() {
        assertThat(OutlineHandle.arrivesAt("outline.3.line")).isEqualTo(3);
        assertThat(OutlineHandle.arrivesAt("outline.3.spot.1")).isEqualTo(3);
        assertThat(OutlineHandle.arrivesAt("door")).isEqualTo(-1);
        assertThat(OutlineHandle.of("outline.3")).isEqualTo(new OutlineHandle(3, -1));
        assertThat(OutlineHandle.of("outline.3.spot.2")).isEqualTo(new OutlineHandle(3, 2));
        assertThat(OutlineHandle.of("window-b")).isEqualTo(new OutlineHandle(-1, -1));
    }

    @Test
    void starts_keepLengthAndHeight() {
        for (OutlineStart start : OutlineStart.values()) {
            BoxPlan plan = OutlineTools.startedFrom(SQUARE, start);
            assertThat(outline(plan).usable()).as(start.title()).isTrue();
            assertThat(outline(plan).heightMm()).isCloseTo(2160, within(1.0));
            assertThat(plan.box().outline().getLast().xMm()).isEqualTo(4300);
        }
    }

    @Test
    void arch_drop_drip_comeAndGo() {
        BoxPlan arch = OutlineTools.withWheelArch(SQUARE);
        assertThat(arch.box().details().wheelArches()).hasSize(1);
        assertThat(OutlineTools.withoutWheelArch(arch)).isEqualTo(SQUARE);
        BoxPlan drop = OutlineTools.withDropFloor(SQUARE);
        assertThat(outline(drop).usable()).isTrue();
        assertThat(outline(drop).dropMm()).isEqualTo(150);
        assertThat(OutlineTools.withDropFloor(drop)).isEqualTo(SQUARE);
        BoxPlan drip = OutlineTools.withDripEdge(SQUARE);
        assertThat(drip.box().details().overhang().dripMm()).isEqualTo(18);
        assertThat(OutlineTools.withDripEdge(drip)).isEqualTo(SQUARE);
    }

    @Test
    void vehicleParts_comeAndGo_butTheLastStays() {
        BoxPlan axle = VehicleEdits.withAxle(SQUARE);
        assertThat(axle.vehicle().gear().axles()).hasSize(3);
        assertThat(VehicleEdits.withoutAxle(axle)).isEqualTo(SQUARE);
        assertThatThrownBy(() -> VehicleEdits.withAxle(axle)).hasMessageContaining("[4]");
        BoxPlan pickup = SQUARE.withVehicle(StartingVehicles.pickup());
        assertThatThrownBy(() -> VehicleEdits.withoutAxle(pickup))
                .hasMessageContaining("2 or more");
        BoxPlan cross = VehicleEdits.withCrossMember(SQUARE);
        assertThat(cross.vehicle().steel().crossMembersMm()).hasSize(9);
        assertThat(VehicleEdits.withoutCrossMember(cross)).isEqualTo(SQUARE);
        BoxPlan outrigger = VehicleEdits.withOutrigger(VehicleEdits.withOutrigger(SQUARE));
        assertThat(outrigger.vehicle().steel().outriggers()).hasSize(2);
        BoxPlan none = VehicleEdits.withoutOutrigger(VehicleEdits.withoutOutrigger(outrigger));
        assertThat(none).isEqualTo(SQUARE);
        BoxPlan solid = VehicleEdits.withHump(VehicleEdits.withWheelBox(SQUARE));
        assertThat(solid.vehicle().measuredSolids()).hasSize(2);
        assertThat(VehicleEdits.withoutSolid(VehicleEdits.withoutSolid(solid))).isEqualTo(SQUARE);
    }

    @Test
    void corner_snapsLevelAndPlumb() {
        Snapping.Snap level = Snapping.corner(SQUARE, 1, new Point2(300, 2140), 45);
        assertThat(level.at()).isEqualTo(new Point2(300, 2160));
        assertThat(level.words()).isEqualTo("level with corner 3");
        Snapping.Snap plumb = Snapping.corner(SQUARE, 1, new Point2(20, 1500), 45);
        assertThat(plumb.at()).isEqualTo(new Point2(0, 1500));
        assertThat(plumb.words()).isEqualTo("plumb with corner 1");
        Snapping.Snap both = Snapping.corner(SQUARE, 1, new Point2(20, 2150), 45);
        assertThat(both.words()).contains("level", "plumb");
        assertThat(Snapping.corner(SQUARE, 1, new Point2(300, 1500), 45).words()).isEmpty();
        BoxPlan raked = SamplePlans.rakedNose();
        Snapping.Snap high = Snapping.corner(raked, 4, new Point2(4000, 930), 45);
        assertThat(high.words()).isEqualTo("as high as corner 2");
    }

    /** A spot that snaps makes its arc leave the line before without a kink. */
    @Test
    void spot_snapsTangent() {
        BoxPlan plan =
                SQUARE.withBox(
                        SQUARE.box().withOutline(OutlineStart.ROUND_TAIL.points(4300, 2160)));
        Spot old = plan.box().outline().get(4).link().through().getFirst();
        Point2 near = new Point2(old.xMm() + 14, old.zMm() - 9);
        Snapping.Snap snap = Snapping.spot(plan, 4, near, 45);
        assertThat(snap.words()).startsWith("tangent to the line");
        BoxPlan moved = BoxEdits.withSpot(plan, 4, 0, Snapping.spot(snap.at()));
        Outline outline = outline(moved);
        Element tail =
                outline.elements().stream()
                        .filter(e -> e.curve() instanceof Arc)
                        .findFirst()
                        .orElseThrow();
        double kink = Math.abs(outline.corners().get(tail.index() - 1).turnDegrees());
        double other = Math.abs(outline.corners().get(tail.index()).turnDegrees());
        assertThat(Math.min(kink, other)).isLessThan(1e-6);
        assertThat(Snapping.spot(plan, 4, new Point2(2500, 400), 45).words()).isEmpty();
    }

    @Test
    void length_movesSpotsAndDropWithTheRearHalf() {
        BoxPlan plan = OutlineTools.withDropFloor(OutlineTools.batten(SQUARE, 2));
        BoxPlan longer = BoxEdits.withLength(plan, BoxEdits.length(plan) + 400);
        List<Spot> spots = longer.box().outline().get(2).link().through();
        List<Spot> before = plan.box().outline().get(2).link().through();
        assertThat(spots.getLast().xMm()).isCloseTo(before.getLast().xMm() + 400, within(1e-6));
        assertThat(spots.getFirst()).isEqualTo(before.getFirst());
        assertThat(longer.box().details().dropFloor().fromMm())
                .isCloseTo(plan.box().details().dropFloor().fromMm() + 400, within(1e-6));
        assertThat(outline(longer).usable()).isTrue();
    }
}
