package pteron.core.extent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import pteron.core.buildup.Framed;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.PanelKind;

/** Areas of floor, walls, roof, by hand; the share of the members. */
class AreasAndShareTest {

    private static final BoxPlan SQUARE = StartingPlans.square();

    private static Areas areas(BoxPlan plan) {
        return Areas.of(Areas.Input.of(plan, OutlineStage.of(plan.box())));
    }

    /** 4.3 × 2.05 floor and roof; two sides of 4.3 × 2.16, two ends of 2.16 × 2.05, door and window off. */
    @Test
    void squareBox_byHand() {
        Areas areas = areas(SQUARE);
        assertThat(areas.floorM2()).isCloseTo(4.3 * 2.05, within(1e-9));
        assertThat(areas.roofM2()).isCloseTo(4.3 * 2.05, within(1e-9));
        double holes = 0.8 * 0.62 + 0.64 * 1.85;
        assertThat(areas.windowsM2() + areas.doorsM2()).isCloseTo(holes, within(1e-9));
        double walls = 2 * 4.3 * 2.16 + 2 * 2.16 * 2.05 - holes;
        assertThat(areas.wallsM2()).isCloseTo(walls, within(1e-9));
    }

    @Test
    void overhang_countsToTheRoof() {
        BoxDetails details = BoxDetails.NONE.withOverhang(new Overhang(20, 60, 25, 18));
        Areas areas = areas(SQUARE.withBox(SQUARE.box().withDetails(details)));
        assertThat(areas.roofM2()).isCloseTo((4.3 + 0.08) * (2.05 + 0.05), within(1e-9));
    }

    /** By hand: 38 / 500 + 0.06. */
    @Test
    void share_workedExample() {
        assertThat(FrameShare.fromSpacing(38, 500)).isCloseTo(0.136, within(1e-12));
    }

    /** A finer spacing never lowers the share of the members. */
    @Property(seed = "20261126")
    void finerSpacing_neverLowersTheShare(
            @ForAll @DoubleRange(min = 12, max = 90) double thickness,
            @ForAll @DoubleRange(min = 100, max = 1200) double spacing,
            @ForAll @DoubleRange(min = 0.2, max = 1) double finer) {
        assertThat(FrameShare.fromSpacing(thickness, spacing * finer))
                .isGreaterThanOrEqualTo(FrameShare.fromSpacing(thickness, spacing));
    }

    /** The same with the real frame: closer studs never take less of the wall. */
    @Property(tries = 12, seed = "20261126")
    void finerSpacing_neverLowersTheCountedShare(@ForAll @IntRange(min = 2, max = 5) int per) {
        double coarse = 1250.0 / per;
        double fine = 1250.0 / (per + 1);
        assertThat(counted(fine)).isGreaterThanOrEqualTo(counted(coarse) - 1e-9);
    }

    private static double counted(double spacing) {
        Framed walls = SQUARE.makeUp().walls();
        BoxPlan plan =
                SQUARE.withOpenings(List.of())
                        .withMakeUp(
                                SQUARE.makeUp()
                                        .withWalls(
                                                walls.withMembers(
                                                        walls.members().withSpacing(spacing))));
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        return FrameShare.of(
                        walls,
                        plan.makeUp().roof(),
                        Optional.of(model.built().orElseThrow().get(Frame.class)))
                .walls();
    }

    /** The share of the walls by points: a net of 7 mm, each point asked of JTS whether timber stands there. */
    @Test
    void counted_againstPointsOfANet() {
        BoxModel model = BoxModel.of(SQUARE, MaterialLibrary.starting());
        FrameShare share = model.made().orElseThrow().get(FrameShare.class);
        assertThat(share.counted()).isTrue();
        double inTimber = 0;
        double inFrame = 0;
        for (PanelFrame panel : model.built().orElseThrow().get(Frame.class).panels()) {
            PanelKind kind = panel.panel().kind();
            if (kind == PanelKind.FLOOR || kind.isRoof()) {
                continue;
            }
            Bounds2 box = panel.panel().frame().bounds();
            for (double u = box.fromU() + 3; u < box.toU(); u += 7) {
                for (double v = box.fromV() + 3; v < box.toV(); v += 7) {
                    if (isIn(panel.panel().frame(), u, v)) {
                        inFrame++;
                        inTimber += timber(panel, u, v);
                    }
                }
            }
        }
        assertThat(share.walls()).isCloseTo(inTimber / inFrame, within(0.004));
    }

    private static double timber(PanelFrame panel, double u, double v) {
        double most = 0;
        for (Member member : panel.members()) {
            if (isIn(member.profile(), u, v)) {
                most = Math.max(most, member.section().depthMm() / panel.panel().depthMm());
            }
        }
        return Math.min(1, most);
    }

    private static boolean isIn(Polygon2 polygon, double u, double v) {
        List<Coordinate> ring = new ArrayList<>();
        polygon.corners().forEach(corner -> ring.add(new Coordinate(corner.u(), corner.v())));
        ring.add(ring.getFirst());
        return PointLocation.isInRing(new Coordinate(u, v), ring.toArray(Coordinate[]::new));
    }
}
