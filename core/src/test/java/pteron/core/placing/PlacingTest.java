package pteron.core.placing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import pteron.core.cure.CureTrial;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;

/** Units from the shelf, put into walls and set out. */
class PlacingTest {

    /** Room for a unit does not make a bend flat. */
    private static final List<String> ON_BENDS =
            List.of("UNIT_WANTS_PACKING", "UNIT_TOO_FLAT_FOR_BEND");

    private static final BoxPlan BARE = StartingPlans.square().withOpenings(List.of());

    private static ShelfUnit unit(String key) {
        return UnitShelf.unit(key).orElseThrow();
    }

    private static List<Finding> findings(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).findings(OpeningStation.OPENINGS);
    }

    @Test
    void shelf_hasEveryKind_onceEach() {
        assertThat(UnitShelf.UNITS).hasSizeGreaterThanOrEqualTo(12);
        assertThat(UnitShelf.UNITS).extracting(ShelfUnit::key).doesNotHaveDuplicates();
        assertThat(UnitShelf.UNITS).extracting(ShelfUnit::kind).contains(Opening.Kind.values());
    }

    /** Whatever is put into any wall where it finds room stands clear: nothing is found against it. */
    @Property(tries = 150, seed = "20261127")
    void whatFindsRoom_standsWell(
            @ForAll @IntRange(min = 0, max = 20) int first,
            @ForAll @IntRange(min = 0, max = 20) int second,
            @ForAll @IntRange(min = 0, max = 99) int where,
            @ForAll boolean upright,
            @ForAll OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        List<Wall> walls =
                WallRoom.walls(plan).stream()
                        .filter(wall -> wall.standsOnFloor() == upright)
                        .toList();
        Wall wall = walls.get(where % walls.size());
        for (int index : List.of(first, second)) {
            ShelfUnit unit = UnitShelf.UNITS.get(index);
            boolean door = unit.kind() == Opening.Kind.DOOR && wall.standsOnFloor();
            boolean room =
                    WallRoom.of(plan, wall)
                            .free(
                                    OpeningEdits.size(plan, unit, wall),
                                    new Place(0, unit.sillMm()),
                                    door,
                                    plan.openings())
                            .isPresent();
            plan = OpeningEdits.added(plan, unit, wall);
            Statistics.label("room").collect(room);
            if (!room) {
                return;
            }
            assertThat(findings(plan))
                    .as("%s in %s of %s", unit.key(), wall, start)
                    .filteredOn(finding -> !ON_BENDS.contains(finding.code()))
                    .noneMatch(
                            finding -> finding.margin() >= 0 && finding.severity().ordinal() < 2);
        }
        Statistics.label("both upright").collect(upright);
        Statistics.label("room").coverage(of -> of.check(true).percentage(p -> p > 30));
        Statistics.label("both upright").coverage(of -> of.check(false).percentage(p -> p > 10));
    }

    @Test
    void dropped_staysWhereItIsLetGo_orMovesJustInside() {
        BoxPlan in = OpeningEdits.added(BARE, unit("window"), Wall.LEFT, new Place(1000, 700));
        assertThat(in.openings().getFirst().place()).isEqualTo(new Place(1000, 700));
        BoxPlan out = OpeningEdits.added(BARE, unit("window"), Wall.LEFT, new Place(-300, 700));
        assertThat(findings(out)).isEmpty();
        assertThat(out.openings().getFirst().place().alongMm()).isBetween(0.0, 150.0);
        BoxPlan door = OpeningEdits.added(BARE, unit("door"), Wall.RIGHT, new Place(2000, 400));
        assertThat(door.openings().getFirst().place().sillMm()).isZero();
    }

    @Test
    void names_andIds_areNeverTwice() {
        BoxPlan plan = BARE;
        for (int i = 0; i < 3; i++) {
            plan = OpeningEdits.added(plan, unit("small-window"), Wall.LEFT);
        }
        plan = OpeningEdits.duplicated(plan, List.of("small-window-2"));
        assertThat(plan.openings())
                .extracting(Opening::name)
                .containsExactly(
                        "Small window", "Small window 2", "Small window 3", "Small window 4");
        assertThat(findings(plan)).isEmpty();
    }

    @Test
    void mirrored_twice_isAsBefore() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan once = OpeningEdits.mirrored(plan, List.of("window-b", "door"));
        assertThat(once).isNotEqualTo(plan);
        BoxPlan twice = OpeningEdits.mirrored(once, List.of("window-b", "door"));
        for (Opening one : plan.openings()) {
            assertThat(twice.opening(one.id()).place().alongMm())
                    .isCloseTo(one.place().alongMm(), within(1e-9));
        }
    }

    @Test
    void acrossAndOtherWall() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan across = OpeningEdits.copiedAcross(plan, List.of("window-b"));
        Opening copy = across.openings().getLast();
        assertThat(copy.wall()).isEqualTo(Wall.RIGHT);
        assertThat(copy.place()).isEqualTo(plan.opening("window-b").place());
        BoxPlan rear = OpeningEdits.onWall(plan, List.of("door"), Wall.REAR);
        assertThat(rear.opening("door").wall()).isEqualTo(Wall.REAR);
        assertThat(findings(rear)).isEmpty();
        assertThat(OpeningEdits.without(plan, List.of("door", "gone")).openings()).hasSize(1);
    }

    @Test
    void renamed_unlessEmptyOrTaken() {
        BoxPlan plan = StartingPlans.square();
        assertThat(OpeningEdits.renamed(plan, "door", " Hall door ").opening("door").name())
                .isEqualTo("Hall door");
        assertThatThrownBy(() -> OpeningEdits.renamed(plan, "door", " "))
                .hasMessageContaining("name is empty");
        assertThatThrownBy(() -> OpeningEdits.renamed(plan, "door", "window b"))
                .hasMessageContaining("Another opening is called window b");
    }

    @Test
    void heads_comeInLineWithTheDoor() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan level = OpeningRows.headsInLine(plan, List.of("window-b", "door"));
        Opening window = level.opening("window-b");
        assertThat(window.place().sillMm() + window.size().heightMm()).isEqualTo(1850);
        assertThat(level.opening("door")).isEqualTo(plan.opening("door"));
        assertThatThrownBy(() -> OpeningRows.headsInLine(plan, List.of("door")))
                .hasMessageContaining("two or more");
    }

    @Test
    void spaces_becomeEven() {
        BoxPlan plan = BARE;
        for (double along : new double[] {100, 700, 3000}) {
            plan = OpeningEdits.added(plan, unit("small-window"), Wall.LEFT, new Place(along, 800));
        }
        List<String> ids = plan.openings().stream().map(Opening::id).toList();
        BoxPlan even = OpeningRows.spacedEvenly(plan, ids);
        List<Opening> row = even.openings();
        double first = row.get(1).place().alongMm() - row.get(0).place().alongMm();
        double second = row.get(2).place().alongMm() - row.get(1).place().alongMm();
        assertThat(first).isCloseTo(second, within(1e-9));
        assertThat(row.getFirst()).isEqualTo(plan.openings().getFirst());
        assertThat(row.getLast()).isEqualTo(plan.openings().getLast());
        BoxPlan torn = OpeningEdits.onWall(plan, List.of(ids.get(1)), Wall.RIGHT);
        assertThatThrownBy(() -> OpeningRows.spacedEvenly(torn, ids))
                .hasMessageContaining("different walls");
    }

    /**
     * A box that reaches 2.9 m ahead of its foot, with a window that does not fit: the search for a better place once tried
     * places that no plan may have, and threw.
     */
    @Test
    void boxFarAheadOfItsFoot_itsCuresAreTried() {
        BoxPlan over = StartingPlans.of(OutlineStart.OVER_CAB).withOpenings(List.of());
        List<OutlinePoint> far =
                over.box().outline().stream()
                        .map(point -> point.xMm() < 0 ? point.at(-2900, point.zMm()) : point)
                        .toList();
        BoxPlan plan =
                OpeningEdits.added(
                        over.withBox(over.box().withOutline(far)),
                        UnitShelf.unit("wide-window").orElseThrow(),
                        Wall.LEFT,
                        new Place(-1990, 100));
        String id = plan.openings().getFirst().id();
        BoxPlan astray = plan.withOpening(id, one -> one.withPlace(new Place(-1990, 100)));
        assertThat(WallRoom.of(astray, Wall.LEFT).shape().bounds().fromU()).isLessThan(-2000);
        BoxModel model = BoxModel.of(astray, MaterialLibrary.starting());
        assertThat(CureTrial.findings(model)).isNotEmpty();
    }
}
