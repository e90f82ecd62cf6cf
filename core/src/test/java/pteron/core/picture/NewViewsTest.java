package pteron.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Framed;
import pteron.core.carrier.CarrierStation;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Partition;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SetOut;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;
import pteron.core.station.Station;

/** The box unfolded, cut through, and all of its views on one sheet. */
class NewViewsTest {

    /** Curves are drawn as fine polygons: what that takes from an area. */
    private static final double AREA_SHARE = 2e-3;

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static List<Shape.Area> areas(Drawing drawing, Matter matter) {
        return drawing.shapes().stream()
                .filter(Shape.Area.class::isInstance)
                .map(Shape.Area.class::cast)
                .filter(area -> area.matter() == matter)
                .toList();
    }

    private static double area(List<Shape.Area> areas) {
        return areas.stream().mapToDouble(a -> Polygon2.of(a.corners()).area()).sum();
    }

    @Provide
    Arbitrary<BoxPlan> any() {
        return PlanArbitraries.anyPlans();
    }

    /** Paper cut out along the unfolded view makes the box: two sides and the strip, nothing more or less. */
    @Property(tries = 40, seed = "20261126")
    void unfolded_hasTheAreaOfTheBox(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        SetOut.that(model.outline().usable());
        if (!plan.box().details().wheelArches().isEmpty()) {
            BoxDetails bare = plan.box().details();
            plan =
                    plan.withBox(
                            plan.box()
                                    .withDetails(
                                            new BoxDetails(
                                                    bare.dropFloor(), List.of(), bare.overhang())));
            model = model(plan);
        }
        Drawing drawing = Drawings.of(model, View.UNFOLDED, OutlineStation.OUTLINE, "");
        double strip =
                model.outline().elements().stream().mapToDouble(e -> e.lengthMm()).sum()
                        * plan.box().widthMm();
        double whole = 2 * model.outline().areaMm2() + strip;
        assertThat(area(areas(drawing, Matter.SKIN))).isCloseTo(whole, within(AREA_SHARE * whole));
        double floor = plan.box().outline().getLast().xMm() - plan.box().outline().getFirst().xMm();
        double riser = plan.box().details().dropFloor().depthMm();
        assertThat(area(areas(drawing, Matter.BOARD)))
                .isCloseTo((floor + riser) * plan.box().widthMm(), within(1.0));
    }

    /** Under a raked nose the posts of a bought shell end at the slope: none is drawn over the roof. */
    @Test
    void postsAsFound_endAtTheOutline() {
        BoxModel model =
                model(
                        NewPlan.of(
                                CarrierStart.BOUGHT,
                                CarrierStart.BOUGHT.sizes(UnitSystem.METRIC).getFirst(),
                                OutlineStart.RAKED_NOSE,
                                UnitSystem.METRIC));
        Drawing drawing = Drawings.of(model, View.LEFT, CarrierStation.CARRIER, "");
        List<Bounds2> posts =
                areas(drawing, Matter.STEEL).stream()
                        .map(post -> Polygon2.of(post.corners()).bounds())
                        .filter(post -> post.height() > 1000)
                        .toList();
        assertThat(posts).hasSizeGreaterThan(7);
        assertThat(posts)
                .allSatisfy(
                        post ->
                                assertThat(post.height())
                                        .isLessThan(
                                                model.outline()
                                                        .heightAt(post.toU())
                                                        .orElseThrow()));
    }

    /**
     * With wings, by hand from the square plan of 4300 by 2050 by 2160 with wings of 300 from 600 on: ends of 2050 above
     * and 1450 below, sides whole, a wing each; the floor as narrow as below.
     */
    @Test
    void unfolded_showsWings() {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        BoxDetails details = plan.box().details().withWings(new BoxDetails.Wings(1450, 600));
        BoxModel model = model(plan.withBox(plan.box().withDetails(details)));
        Drawing drawing = Drawings.of(model, View.UNFOLDED, OutlineStation.OUTLINE, "");
        double ends = 2 * (1560 * 2050 + 600 * 1450);
        double sides = 2 * (4300.0 * 2160 + 4300 * 300);
        assertThat(area(areas(drawing, Matter.SKIN)))
                .isCloseTo(ends + sides + 4300.0 * 2050, within(10.0));
        assertThat(area(areas(drawing, Matter.BOARD))).isCloseTo(4300.0 * 1450, within(1.0));
        apart(drawing);
    }

    /** A wheel takes a hole out of each side and gives four boards on each: top, inner side, two ends. */
    @Test
    void unfolded_showsBoxesOverWheels() {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        BoxDetails.WheelArch arch = new BoxDetails.WheelArch(1200, 700, 320, 250, 0);
        BoxDetails details = plan.box().details().withWheelArches(List.of(arch));
        BoxModel model = model(plan.withBox(plan.box().withDetails(details)));
        Drawing drawing = Drawings.of(model, View.UNFOLDED, OutlineStation.OUTLINE, "");
        double boards = 2 * (700 * 250 + 700 * 320 + 2 * 250 * 320);
        assertThat(area(areas(drawing, Matter.BOARD)))
                .isCloseTo(4300.0 * 2050 + boards, within(1.0));
        apart(drawing);
    }

    private static void apart(Drawing drawing) {
        List<Polygon2> pieces =
                drawing.shapes().stream()
                        .filter(Shape.Area.class::isInstance)
                        .map(shape -> Polygon2.of(((Shape.Area) shape).corners()))
                        .toList();
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                assertThat(pieces.get(i).sharedArea(pieces.get(j))).isLessThan(1);
            }
        }
    }

    /** The lengths under the strip add up to the whole strip, which is told last. */
    @Property(tries = 40, seed = "20261126")
    void unfolded_lengthsAddUp(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        SetOut.that(model.outline().usable());
        List<Dimension> told =
                Drawings.of(model, View.UNFOLDED, OutlineStation.OUTLINE, "").dimensions().stream()
                        .filter(d -> d.side() == Side.BOTTOM)
                        .toList();
        int pieces = model.outline().elements().size();
        double sum = told.subList(0, pieces).stream().mapToDouble(Dimension::valueMm).sum();
        assertThat(told.getLast().valueMm()).isCloseTo(sum, within(1e-6));
        assertThat(told.getLast().row())
                .isGreaterThan(
                        told.stream().limit(pieces).mapToInt(Dimension::row).max().orElse(0));
    }

    /** Both sides hang on the strip without lying on it, but for what a curve drawn in pieces takes. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void unfolded_sidesLieBesideTheStrip(OutlineStart start) {
        BoxModel model = model(StartingPlans.of(start));
        double half = model.plan().box().widthMm() / 2;
        List<Shape.Area> skins =
                areas(Drawings.of(model, View.UNFOLDED, OutlineStation.OUTLINE, ""), Matter.SKIN);
        List<Bounds2> all = skins.stream().map(a -> Polygon2.of(a.corners()).bounds()).toList();
        assertThat(all).filteredOn(b -> b.fromV() >= half - 2).hasSize(1);
        assertThat(all).filteredOn(b -> b.toV() <= -half + 2).hasSize(1);
    }

    private static double drawnMm(Drawing drawing, String key) {
        return drawing.dimensions().stream()
                .filter(d -> d.key().equals(key))
                .mapToDouble(d -> d.to().v() - d.from().v())
                .findFirst()
                .orElseThrow();
    }

    /** Every layer of the cut is as thick as its dimension says, and all three parts have one scale. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void section_isToScale(OutlineStart start) {
        BoxModel model = model(StartingPlans.of(start));
        Drawing drawing = Drawings.of(model, View.SECTION, MakeUpStation.MAKE_UP, "");
        assertThat(drawing.dimensions()).isNotEmpty();
        Framed walls = model.plan().makeUp().walls();
        assertThat(drawnMm(drawing, "walls.outerSkin.thickness"))
                .isCloseTo(walls.outerSkin().thicknessMm(), within(1e-9));
        assertThat(drawnMm(drawing, "walls.innerSkin.thickness"))
                .isCloseTo(walls.innerSkin().thicknessMm(), within(1e-9));
        assertThat(drawnMm(drawing, "floor.core.thickness"))
                .isCloseTo(model.plan().makeUp().floor().core().thicknessMm(), within(1e-9));
        assertThat(drawing.grips()).hasSameSizeAs(drawing.dimensions());
    }

    /** Temperature falls through every layer; the wet place is where water is told. */
    @Test
    void section_hasBothLines_andMarksWater() {
        Drawing drawing =
                Drawings.of(model(StartingPlans.square()), View.SECTION, MakeUpStation.MAKE_UP, "");
        List<Shape.Line> lines =
                drawing.shapes().stream()
                        .filter(Shape.Line.class::isInstance)
                        .map(Shape.Line.class::cast)
                        .toList();
        assertThat(lines).filteredOn(l -> l.kind() == LineKind.TEMPERATURE).hasSize(3);
        assertThat(lines).filteredOn(l -> l.kind() == LineKind.DEW).hasSize(3);
        for (Shape.Line line : lines) {
            if (line.kind() == LineKind.TEMPERATURE) {
                for (int i = 1; i < line.points().size(); i++) {
                    assertThat(line.points().get(i).u())
                            .isLessThanOrEqualTo(line.points().get(i - 1).u() + 1e-9);
                }
            }
        }
    }

    /** A person of 1 750 mm stands on the floor of every box that is begun, twice; the shop's door is as high as typed. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void beginning_showsAPersonAndTheShopDoor(OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start);
        BoxModel model = model(plan.withLimits(plan.limits().withShopDoor(2750)));
        Drawing sheet = Drawings.beginning(model, CarrierStation.CARRIER);
        double floor = -model.carrier().groundMm() + plan.makeUp().floor().structureMm();
        List<Shape.Area> bodies = areas(sheet, Matter.PERSON);
        assertThat(bodies).hasSize(2);
        for (Shape.Area body : bodies) {
            assertThat(body.corners().stream().mapToDouble(Point2::v).min().orElseThrow())
                    .isCloseTo(floor, within(0.5));
        }
        assertThat(
                        sheet.shapes().stream()
                                .filter(
                                        s ->
                                                s instanceof Shape.Disc d
                                                        && d.matter() == Matter.PERSON)
                                .mapToDouble(
                                        s ->
                                                ((Shape.Disc) s).middle().v()
                                                        + ((Shape.Disc) s).radiusMm()
                                                        - floor))
                .hasSize(2)
                .allSatisfy(high -> assertThat(high).isCloseTo(1750, within(1.0)));
        assertThat(
                        sheet.shapes().stream()
                                .filter(s -> s instanceof Shape.Line l && l.points().size() == 4)
                                .flatMap(s -> ((Shape.Line) s).points().stream()))
                .anySatisfy(point -> assertThat(point.v()).isCloseTo(2750, within(0.5)));
    }

    /** No view of the sheet lies on another, and only the box's own dimensions are there. */
    @Property(tries = 30, seed = "20261126")
    void all_keepApart(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        SetOut.that(model.outline().usable());
        for (Station station :
                List.of(CarrierStation.CARRIER, OpeningStation.OPENINGS, OutlineStation.OUTLINE)) {
            Drawing sheet = Drawings.of(model, View.ALL, station, "");
            assertThat(sheet.dimensions())
                    .extracting(Dimension::key)
                    .isSubsetOf("", "box.length", "box.width", "box.height");
            Drawing left = Drawings.of(model, View.LEFT, station, "");
            Drawing rear = Drawings.of(model, View.REAR, station, "");
            double wide = left.bounds().width() + rear.bounds().width();
            assertThat(sheet.bounds().width()).isGreaterThan(wide);
            assertThat(
                            sheet.shapes().stream()
                                    .filter(
                                            s ->
                                                    s instanceof Shape.Label l
                                                            && l.kind() == Shape.Label.Kind.TITLE))
                    .hasSize(4);
        }
    }

    /** A box that is not set out still shows its door where it is planned. */
    @Test
    void end_showsOpeningsOfABareBox() {
        BoxPlan plan = StartingPlans.of(OutlineStart.ARCHED);
        MakeUp makeUp = plan.makeUp();
        BoxModel bare =
                model(
                        plan.withMakeUp(
                                makeUp.withWalls(
                                        makeUp.walls()
                                                .withInsulation(
                                                        makeUp.walls()
                                                                .insulation()
                                                                .withMaterial("no-such-foam")))));
        assertThat(bare.built()).isEmpty();
        for (Opening opening : bare.plan().openings()) {
            View view = View.of(opening.wall());
            Grip grip =
                    Drawings.of(bare, view, OpeningStation.OPENINGS, "").grips().stream()
                            .filter(g -> g.part().equals(opening.id()))
                            .findFirst()
                            .orElseThrow();
            assertThat(grip.area().width()).isCloseTo(opening.size().widthMm(), within(1e-6));
            assertThat(grip.area().height()).isCloseTo(opening.size().heightMm(), within(1e-6));
        }
    }

    /** A unit let go over the second wall inside finds that wall, where it was let go. */
    @Test
    void inside_findsTheWallUnderThePointer() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpenings(List.of())
                        .withPartitions(
                                List.of(Partition.across("a", 1000), Partition.across("b", 2600)));
        BoxModel model = model(plan);
        // the first is 1911 wide, half a metre lies between them
        Point2 at = new Point2(1911 + 500 + 300, 108.5 + 900);
        WallPlace found = WallPlaces.under(model, View.INSIDE, at).orElseThrow();
        assertThat(found.wall().id()).isEqualTo("partition-2");
        assertThat(found.place().u()).isCloseTo(300, within(1e-6));
        assertThat(found.place().v()).isCloseTo(900, within(1e-6));
        assertThat(WallPlaces.under(model, View.INSIDE, new Point2(2000, 900))).isEmpty();
    }
}
