package pteron.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.shell.ShellInput;
import pteron.core.shell.ShellStage;

class OpeningStageTest {

    private static final double EXACT = 1e-6;
    private static final BoxPlan PLAN = StartingPlans.square();

    private static Openings openings(BoxPlan plan) {
        return OpeningStage.of(
                OpeningStage.Input.of(
                        plan, ShellStage.of(ShellInput.of(plan, OutlineStage.of(plan.box())))));
    }

    private static List<String> codes(BoxPlan plan) {
        return openings(plan).findings().stream().map(Finding::code).toList();
    }

    private static PlacedOpening placed(BoxPlan plan, String id) {
        return openings(plan).placed().stream()
                .filter(one -> one.opening().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Window B: 1480 from the front, 720 above the floor at 108.5, 6 mm of play. */
    @Test
    void side_placeAndPlay() {
        PlacedOpening window = placed(PLAN, "window-b");
        assertThat(window.cutOut().fromU()).isEqualTo(1480);
        assertThat(window.cutOut().fromV()).isCloseTo(828.5, within(EXACT));
        assertThat(window.clear().width()).isCloseTo(812, within(EXACT));
        assertThat(window.reachesFloor()).isFalse();
        assertThat(window.middle().y()).isCloseTo(-1025 + 1.5 + 31.5, within(EXACT));
    }

    @Test
    void door_standsOnTheFloor() {
        PlacedOpening door = placed(PLAN, "door");
        assertThat(door.reachesFloor()).isTrue();
        assertThat(door.clear().fromV()).isCloseTo(108.5, within(EXACT));
    }

    /** In the rear wall places run from the left side. */
    @Test
    void rear_fromTheLeft() {
        BoxPlan rear =
                PLAN.withOpening(
                        "window-b", o -> o.withWall(Wall.REAR).withPlace(new Place(400, 900)));
        PlacedOpening window = placed(rear, "window-b");
        assertThat(window.cutOut().fromU()).isCloseTo(-1025 + 400, within(EXACT));
        assertThat(window.middle().x()).isCloseTo(4300 - 1.5 - 31.5, within(EXACT));
        assertThat(codes(rear)).isEmpty();
    }

    @Test
    void areas_lessOpenings() {
        double left =
                openings(PLAN).figures().stream()
                        .filter(f -> f.key().equals("openings.net-area.left"))
                        .mapToDouble(Figure::value)
                        .findFirst()
                        .orElseThrow();
        assertThat(left).isCloseTo(4.297 * 2.1585 - 0.8 * 0.62 - 0.64 * 1.85, within(1e-6));
    }

    @Test
    void inTheCornerPost_stopsTheJob() {
        assertThat(codes(PLAN.withOpening("window-b", o -> o.withPlace(new Place(70, 720)))))
                .contains("OPENING_CUTS_PLATE_OR_POST");
        BoxPlan rear =
                PLAN.withOpening(
                        "window-b", o -> o.withWall(Wall.REAR).withPlace(new Place(60, 900)));
        assertThat(codes(rear)).contains("OPENING_CUTS_PLATE_OR_POST");
    }

    @Test
    void underThePlate_noRoomForAHeader() {
        BoxPlan high =
                PLAN.withOpening(
                        "window-b",
                        o -> o.withPlace(new Place(1480, 1200)).withSize(new Size(800, 700)));
        assertThat(codes(high)).containsExactly("OPENING_NO_ROOM_TO_FRAME");
        Finding finding = openings(high).findings().getFirst();
        assertThat(codes(Cures.apply(high, finding.cure()))).isEmpty();
    }

    @Test
    void oneAboveTheOther_needsTwoTimbers() {
        Opening above =
                new Opening(
                        "above",
                        "Above",
                        Opening.Kind.WINDOW,
                        Wall.LEFT,
                        new Place(1480, 1390),
                        new Size(800, 300),
                        6,
                        5);
        List<Opening> all = List.of(PLAN.opening("window-b"), above);
        assertThat(codes(PLAN.withOpenings(all))).contains("OPENINGS_TOO_CLOSE");
        List<Opening> apart =
                List.of(PLAN.opening("window-b"), above.withPlace(new Place(1480, 1440)));
        assertThat(codes(PLAN.withOpenings(apart))).doesNotContain("OPENINGS_TOO_CLOSE");
    }

    @Test
    void otherWalls_doNotMatter() {
        Opening same =
                new Opening(
                        "same",
                        "Same",
                        Opening.Kind.WINDOW,
                        Wall.RIGHT,
                        new Place(1480, 720),
                        new Size(800, 620),
                        6,
                        5);
        assertThat(codes(PLAN.withOpenings(List.of(PLAN.opening("window-b"), same)))).isEmpty();
    }
}
