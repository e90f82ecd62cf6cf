package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.geometry.Segment2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.skin.SkinStation;

/** Every edge of a lining has timber behind it, or a finding tells the stretch. */
class LiningEdgesTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static List<BoxPlan> boxes(OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        WheelArch arch = new WheelArch(1200, 700, 320, 250, 60);
        Wings wings = new Wings(plan.box().widthMm() - 500, 600);
        var details = plan.box().details();
        return List.of(
                plan,
                plan.withBox(plan.box().withDetails(details.withWheelArches(List.of(arch)))),
                plan.withBox(plan.box().withDetails(details.withWings(wings))));
    }

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void startingBoxes_haveThemAllBacked(OutlineStart start) {
        for (BoxPlan plan : boxes(start)) {
            assertThat(model(plan).findings())
                    .extracting(Finding::code)
                    .doesNotContain("LINING_EDGE_BARE");
        }
    }

    /** An edge that is told as a note does not make its station fail. */
    @Test
    void aNote_leavesTheStationAsItWas() {
        BoxPlan plan = StartingPlans.of(OutlineStart.ARCHED).withOpenings(List.of());
        List<OutlinePoint> points = new ArrayList<>(plan.box().outline());
        points.set(
                2,
                points.get(2)
                        .withLink(
                                new Batten(
                                        List.of(new Spot(1300, 1950), new Spot(2900, 1985)),
                                        5,
                                        "c24")));
        BoxModel model = model(plan.withBox(plan.box().withOutline(points)));
        model.findings(SkinStation.SKINS)
                .forEach(one -> assertThat(one.severity()).isEqualTo(Severity.NOTE));
        assertThat(model.margin(SkinStation.SKINS)).isZero();
    }

    /** Without the blocks each bare stretch is found: the check looks at what is there. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void withoutBlocks_edgesAreBare(OutlineStart start) {
        BoxModel model = model(boxes(start).get(1));
        List<Segment2> bare = new ArrayList<>();
        for (PanelFrame frame : model.get(Frame.class).panels()) {
            if (frame.panel().kind().isSide()) {
                List<Member> without =
                        frame.members().stream().filter(one -> one.role() != Role.BLOCK).toList();
                bare.addAll(LiningEdges.bare(frame.panel(), without, List.of()));
                assertThat(LiningEdges.bare(frame.panel(), frame.members(), List.of())).isEmpty();
            }
        }
        assertThat(bare).isNotEmpty();
        assertThat(bare).allMatch(one -> one.lengthMm() > LiningEdges.MAY_BE_BARE_MM);
    }
}
