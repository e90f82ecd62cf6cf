package pteron.core.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.balance.Balance;
import pteron.core.buildup.Floor;
import pteron.core.edit.OutlineTools;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/**
 * Dropped floors, boxes over wheels and schools of the floor, by hand from the square starting plan: 4300 by 2050 by
 * 2160; walls 1.5 + 63 + 5, floor 63 + 6.5 + 30 + 9 = 108.5, blocks 38 by 38.
 */
class UndersideTest {

    private static final BoxPlan SQUARE = StartingPlans.square().withOpenings(List.of());

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static BoxPlan arched(WheelArch arch) {
        BoxDetails details = SQUARE.box().details().withWheelArches(List.of(arch));
        return SQUARE.withBox(SQUARE.box().withDetails(details));
    }

    /** Dropped by 150 from 3000 on. */
    private static BoxPlan dropped() {
        BoxPlan plan = OutlineTools.withDropFloor(SQUARE);
        BoxDetails details =
                plan.box().details().withDropFloor(new BoxDetails.DropFloor(3000, 150));
        return plan.withBox(plan.box().withDetails(details));
    }

    private static PanelFrame panel(BoxModel model, String id) {
        return model.get(Frame.class).panels().stream()
                .filter(one -> one.panel().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void droppedFloor_hasTwoFloorsAndARiser() {
        BoxModel model = model(dropped());
        // the upper floor reaches over the riser's frame: 3000 + 1.5 + 63
        var upper = panel(model, "floor").panel().frame().bounds();
        assertThat(upper.fromV()).isCloseTo(1.5, within(1e-6));
        assertThat(upper.toV()).isCloseTo(3064.5, within(1e-6));
        var lower = panel(model, "floor-2").panel().frame().bounds();
        assertThat(lower.fromV()).isCloseTo(3064.5, within(1e-6));
        assertThat(lower.toV()).isCloseTo(4300 - 1.5, within(1e-6));
        assertThat(panel(model, "floor-2").panel().surface().at(lower.middle(), 0).z())
                .isCloseTo(-150, within(1e-6));
        // studs of the riser stand between two plates of 38 in 150
        List<Member> studs =
                panel(model, "riser").members().stream()
                        .filter(m -> m.role() == Role.STUD)
                        .toList();
        assertThat(studs).isNotEmpty();
        assertThat(studs).allSatisfy(m -> assertThat(m.lengthMm()).isCloseTo(74, within(1e-6)));
    }

    @Test
    void droppedFloor_sideWallStepsDownWithIt() {
        BoxModel model = model(dropped());
        PanelFrame left = panel(model, "left");
        // plates lie on the floors: 108.5 up to 3064.5, −41.5 behind
        List<Member> plates =
                left.members().stream().filter(m -> m.role() == Role.BOTTOM_PLATE).toList();
        assertThat(plates).hasSize(2);
        assertThat(plates)
                .anySatisfy(
                        plate -> {
                            assertThat(plate.bounds().fromV()).isCloseTo(108.5, within(1e-6));
                            assertThat(plate.bounds().toU()).isCloseTo(3064.5, within(1e-6));
                        })
                .anySatisfy(
                        plate -> {
                            assertThat(plate.bounds().fromV()).isCloseTo(-41.5, within(1e-6));
                            assertThat(plate.bounds().fromU()).isCloseTo(3064.5, within(1e-6));
                        });
        // the plate over it runs through from end to end
        assertThat(left.members())
                .anySatisfy(
                        member -> {
                            assertThat(member.role()).isEqualTo(Role.TOP_PLATE);
                            assertThat(member.lengthMm()).isGreaterThan(4100);
                        });
        double with = area(model, "left", "OUTER");
        double without = area(model(SQUARE), "left", "OUTER");
        // the skin gains the dropped part: from the back of the riser's skin to that of the rear
        // skin
        assertThat(with - without).isCloseTo((4300 - 1.5 - 3001.5) * 150, within(1.0));
    }

    private static double area(BoxModel model, String panel, String face) {
        return model.get(Skins.class).pieces().stream()
                .filter(piece -> piece.panel().id().equals(panel))
                .filter(piece -> piece.skin().face().name().equals(face))
                .map(SheetPiece::shape)
                .mapToDouble(Polygon2::area)
                .sum();
    }

    /** 700 long, 320 high, 250 deep, corners square, from 1800 on. */
    private static BoxPlan wheeled() {
        return arched(new WheelArch(1800, 700, 320, 250, 0));
    }

    @Test
    void wheel_isCutOutOfSideAndFloor_andBoxed() {
        BoxModel model = model(wheeled());
        BoxModel bare = model(SQUARE);
        assertThat(area(bare, "left", "OUTER") - area(model, "left", "OUTER"))
                .isCloseTo(700 * 320, within(1.0));
        // floor: to the back of boards of 6.5: 713 long, 250 + 6.5 − 1.5 wide, both sides
        assertThat(area(bare, "floor", "FLOOR_TOP") - area(model, "floor", "FLOOR_TOP"))
                .isCloseTo(2 * 713 * 255, within(1.0));
        List<PanelFrame> boxes =
                model.get(Frame.class).panels().stream()
                        .filter(one -> one.panel().kind() == PanelKind.WHEEL_BOX)
                        .toList();
        assertThat(boxes).hasSize(8);
        double boards =
                boxes.stream().mapToDouble(one -> area(model, one.panel().id(), "OUTER")).sum();
        // a side: 713 × 320; two ends: (250 − 1.5) × 320; the top: 713 × (250 + 6.5 − 1.5); twice
        assertThat(boards).isCloseTo(2 * (713 * 320 + 2 * 248.5 * 320 + 713.0 * 255), within(1.0));
    }

    @Test
    void wheel_sideWallBridgesIt() {
        BoxModel model = model(wheeled());
        PanelFrame left = panel(model, "left");
        for (Member member : left.members()) {
            boolean overIt =
                    member.bounds().toU() > 1800 - 6.5 && member.bounds().fromU() < 2500 + 6.5;
            if (overIt) {
                assertThat(member.bounds().fromV()).as(member.name()).isGreaterThan(326.5 - 1e-6);
            }
        }
        // a header over it, 713 long, and a post on both sides
        assertThat(left.members())
                .anySatisfy(
                        member -> {
                            assertThat(member.role()).isEqualTo(Role.HEADER);
                            assertThat(member.lengthMm()).isCloseTo(713, within(1e-6));
                        });
        assertThat(
                        left.members().stream()
                                .filter(m -> m.role() == Role.TRIMMER)
                                .map(m -> Math.rint(m.bounds().fromU() * 10) / 10)
                                .toList())
                .contains(1800 - 6.5 - 38, 2506.5);
    }

    @Test
    void withoutRoom_itIsSaid() {
        assertThat(codes(arched(new WheelArch(20, 700, 320, 250, 0)))).contains("ARCH_HAS_NO_ROOM");
        assertThat(codes(arched(new WheelArch(1800, 700, 120, 250, 0))))
                .contains("ARCH_ENDS_IN_FLOOR");
        assertThat(codes(arched(new WheelArch(1800, 700, 320, 60, 0))))
                .contains("ARCH_WITHIN_WALL");
        assertThat(codes(arched(new WheelArch(1800, 700, 320, 1000, 0)))).contains("ARCH_TOO_DEEP");
        BoxDetails shallow =
                SQUARE.box().details().withDropFloor(new BoxDetails.DropFloor(3000, 40));
        BoxPlan low = dropped();
        var foot = low.box().outline().getLast();
        BoxPlan forty =
                low.withBox(
                        low.box()
                                .withPoint(low.box().outline().size() - 1, foot.at(4300, -40))
                                .withDetails(shallow));
        assertThat(codes(forty)).contains("STEP_TOO_LOW");
    }

    private static List<String> codes(BoxPlan plan) {
        return model(plan).findings().stream().map(Finding::code).toList();
    }

    private static BoxPlan school(Floor.School school) {
        var makeUp = SQUARE.makeUp();
        return SQUARE.withMakeUp(makeUp.withFloor(makeUp.floor().withSchool(school)));
    }

    @Test
    void schools_lieAsHighAsTheirLayers() {
        assertThat(school(Floor.School.ON_BEARERS).makeUp().floor().structureMm())
                .isCloseTo(63 + 6.5 + 30 + 9, within(1e-9));
        assertThat(school(Floor.School.BETWEEN_JOISTS).makeUp().floor().structureMm())
                .isCloseTo(6.5 + 63 + 9, within(1e-9));
        assertThat(school(Floor.School.ON_CROSS_MEMBERS).makeUp().floor().structureMm())
                .isCloseTo(6.5 + 30 + 9, within(1e-9));
    }

    @Test
    void schools_areSetOut_withFoamWhereItBelongs() {
        BoxModel joists = model(school(Floor.School.BETWEEN_JOISTS));
        Panel floor = panel(joists, "floor").panel();
        assertThat(floor.isFilledBetweenMembers()).isTrue();
        assertThat(floor.surface().at(floor.frame().bounds().middle(), 0).z())
                .isCloseTo(6.5, within(1e-9));
        BoxModel bars = model(school(Floor.School.ON_CROSS_MEMBERS));
        for (Member bar : panel(bars, "floor").members()) {
            assertThat(bar.section().depthMm()).isCloseTo(30, within(1e-9));
        }
        assertThat(panel(bars, "floor").members().size())
                .isLessThan(panel(joists, "floor").members().size());
        // between joists the walls stand lower and are as much higher: about the same; bars alone
        // are lighter
        double heavy = model(school(Floor.School.ON_BEARERS)).get(Balance.class).massKg();
        assertThat(joists.get(Balance.class).massKg()).isCloseTo(heavy, within(heavy * 0.01));
        assertThat(bars.get(Balance.class).massKg()).isLessThan(heavy);
    }
}
