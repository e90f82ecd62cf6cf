package pteron.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;

/** The plan as a value: what it refuses, what a change keeps. */
class PlanRecordsTest {

    private static final BoxPlan PLAN = StartingPlans.square();

    private static void refused(Runnable making, String... words) {
        var thrown = assertThatThrownBy(making::run).isInstanceOf(IllegalArgumentException.class);
        for (String word : words) {
            thrown.hasMessageContaining(word);
        }
    }

    @Test
    void trailer_illegalArguments() {
        Trailer good = (Trailer) PLAN.vehicle();
        RunningGear gear = good.gear();
        Axle axle = gear.axles().getFirst();
        refused(() -> new Deck(999, 2000, 600), "deck length", "1000 to 15000 mm");
        refused(() -> new Deck(4000, 4000, 600), "deck width");
        refused(() -> new Deck(4000, 2000, 100), "deck height");
        refused(() -> axle.withEmpty(4), "empty load of an axle", "kg");
        refused(() -> good.drawbar().withEmpty(-1), "empty coupler load");
        refused(() -> gear.withGross(5), "gross rating");
        refused(() -> axle.withRating(5), "axle rating");
        refused(() -> good.drawbar().withRating(5), "coupler rating");
        refused(() -> gear.withAxles(List.of()), "axles", "[0]", "1 to 4");
        refused(() -> good.withGear(gear.withAxles(at(1, 2, 3, 4))), "[4]", "1 to 3");
        refused(() -> good.withGear(gear.withAxles(at(-500))), "axles", "0 to 15000");
        refused(() -> gear.withAxles(at(2000, 2000)), "list them front to rear");
        refused(() -> good.steel().withCrossMembers(List.of(100.0)), "cross-members", "2 or more");
        refused(() -> good.drawbar().withAhead(100), "coupler ahead");
        refused(() -> gear.wheels().withDiameter(5000), "wheel diameter");
        refused(() -> new Drawbar(Drawbar.Form.A_FRAME, 50, 60, 200), "coupler ahead");
    }

    private static List<Axle> at(double... places) {
        return java.util.Arrays.stream(places).mapToObj(p -> new Axle(p, 300, 1000)).toList();
    }

    @Test
    void box_illegalArguments() {
        Box good = PLAN.box();
        refused(() -> good.withWidth(10), "box width");
        refused(() -> good.withOffset(-9000), "box behind the deck's front edge");
        refused(() -> good.withOutline(good.outline().subList(0, 2)), "outline", "[2] points");
        refused(() -> new OutlinePoint(99_000, 0), "along the box");
        refused(() -> new OutlinePoint(0, -5000), "height");
        List<OutlinePoint> many = new ArrayList<>();
        for (int i = 0; i < 61; i++) {
            many.add(new OutlinePoint(i * 50, 1000));
        }
        refused(() -> good.withOutline(many), "[61] points", "3 to 60");
    }

    @Test
    void makeUp_illegalArguments() {
        refused(() -> new Layer("xps", 0), "layer thickness");
        refused(() -> new Section(5, 60), "section thickness");
        refused(() -> new Section(38, 600), "section depth");
        refused(() -> new Members(new Section(38, 60), 20, "c24"), "spacing");
    }

    @Test
    void opening_loads_supplies_illegalArguments() {
        Opening door = PLAN.opening("door");
        refused(() -> door.withPlay(80), "play");
        refused(() -> door.withMass(900), "mass of the unit");
        refused(() -> new Opening.Size(10, 500), "cut-out width");
        refused(() -> new Opening.Size(500, 10), "cut-out height");
        refused(() -> new Opening.Place(99_000, 0), "place along the wall");
        refused(() -> new Opening.Place(0, -900), "sill height");
        refused(() -> PLAN.loads().withWindSpeed(200), "wind speed", "m/s");
        refused(() -> PLAN.loads().withFloorPerson(5), "person on the floor");
        refused(() -> PLAN.loads().withFloorLoad(-1), "floor load");
        refused(() -> PLAN.limits().withWidth(10), "legal width");
        refused(() -> PLAN.limits().withHeight(10), "legal height");
        refused(() -> PLAN.supplies().withKerf(20), "kerf");
        refused(() -> PLAN.supplies().withStockLengths(List.of()), "stock lengths");
        refused(() -> PLAN.supplies().withStockLengths(List.of(10.0)), "stock length");
        refused(() -> PLAN.supplies().withBead(0, 6), "bead width");
    }

    @Test
    void plan_illegalArguments() {
        refused(() -> PLAN.withName(" "), "name is empty");
        Opening door = PLAN.opening("door");
        refused(() -> PLAN.withOpenings(List.of(door, door)), "share an id");
        refused(() -> PLAN.opening("hatch"), "[hatch]", "window-b");
    }

    @Test
    void listsAreCopied() {
        List<Opening> openings = new ArrayList<>(PLAN.openings());
        BoxPlan plan = PLAN.withOpenings(openings);
        openings.clear();
        assertThat(plan.openings()).hasSize(2);
        assertThatThrownBy(() -> plan.openings().clear())
                .isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void changes_keepTheRest() {
        assertThat(PLAN.withUnits(UnitSystem.INCHES).withUnits(UnitSystem.METRIC)).isEqualTo(PLAN);
        assertThat(PLAN.withName("x").withName(PLAN.name())).isEqualTo(PLAN);
        BoxPlan moved = PLAN.withOpening("door", o -> o.withWall(Wall.RIGHT));
        assertThat(moved.opening("door").wall()).isEqualTo(Wall.RIGHT);
        assertThat(moved.opening("window-b")).isEqualTo(PLAN.opening("window-b"));
        assertThat(PLAN.withOpening("nobody", o -> o.withPlay(1))).isEqualTo(PLAN);
    }

    @Test
    void makeUp_withers() {
        MakeUp old = PLAN.makeUp();
        MakeUp other =
                old.withFloor(old.floor().withCore(old.floor().core().withThickness(40)))
                        .withWalls(old.walls().withMembers(old.walls().members().withSpacing(400)))
                        .withRoof(old.roof().withInnerSkin(new Layer("hardboard", 3)))
                        .withBlocking(old.blocking().withDepth(45));
        assertThat(other.floor().sandwichMm()).isEqualTo(old.floor().sandwichMm() + 10);
        assertThat(other.floor().heightMm()).isEqualTo(old.floor().heightMm() + 10);
        assertThat(other.walls().members().spacingMm()).isEqualTo(400);
        assertThat(other.roof().thicknessMm()).isEqualTo(1.5 + 89 + 3);
        assertThat(other.blocking()).isEqualTo(new Section(38, 45));
        assertThat(new Section(38, 63).withThickness(45).areaMm2()).isEqualTo(45 * 63);
        assertThat(old.walls().outerSkin().withMaterial("steel-sheet").thicknessMm())
                .isEqualTo(1.5);
    }

    @Test
    void supplies_sortedOnce() {
        Supplies supplies = PLAN.supplies().withStockLengths(List.of(4800.0, 3000.0, 4800.0));
        assertThat(supplies.stockLengthsMm()).containsExactly(3000.0, 4800.0);
        assertThat(supplies.lengthsMm(false).getLast()).isEqualTo(4800);
    }
}
