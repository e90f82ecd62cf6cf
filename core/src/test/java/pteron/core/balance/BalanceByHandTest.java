package pteron.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Layer;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.CarrierInput;
import pteron.core.carrier.CarrierStage;
import pteron.core.edit.Cures;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.StartingVehicles;
import pteron.core.plan.Wall;
import pteron.core.sealing.SealedJoint;
import pteron.core.sealing.Sealing;
import pteron.core.shell.PanelKind;
import pteron.core.skin.Skins;
import pteron.core.stage.Part;
import pteron.core.stage.Part.Group;

/** Weights and their effects worked out by hand, by counting points, or by adding up other parts. */
class BalanceByHandTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final BoxPlan TRAILER = StartingPlans.square();
    private static final BoxPlan PICKUP =
            StartingPlans.square().withVehicle(StartingVehicles.pickup());

    private static Carrier carrier(BoxPlan plan) {
        return CarrierStage.of(CarrierInput.of(plan, OutlineStage.of(plan.box())));
    }

    private static Balance with(BoxPlan plan, Part... parts) {
        return BalanceStage.of(carrier(plan), List.of(parts));
    }

    private static Part load(double kg, double x, double y) {
        return new Part("a load", Group.FRAME, kg, new Point3(x, y, 500));
    }

    private static Map<String, Finding> findings(Balance balance) {
        return balance.findings().stream().collect(Collectors.toMap(Finding::code, f -> f));
    }

    private static Figure figure(Balance balance, String key) {
        return balance.figures().stream()
                .filter(f -> f.key().equals("balance." + key))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> terms(Balance balance, String key) {
        return figure(balance, key).working().terms().stream().map(Working.Term::symbol).toList();
    }

    /** {@return what must be added over the rear axles so that the whole weighs so much} */
    private static Balance weighing(BoxPlan plan, double kg) {
        double empty = with(plan).massKg();
        return with(plan, load(kg - empty, carrier(plan).rear().placeMm(), 0));
    }

    /** 95 % of the gross rating is still well; a kilogram more is close; above it the job stops. */
    @Test
    void gross_atItsLimits() {
        double gross = TRAILER.vehicle().gear().grossKg();
        assertThat(findings(weighing(TRAILER, 0.95 * gross)))
                .doesNotContainKey("GROSS_CLOSE_TO_RATING");
        Finding close = findings(weighing(TRAILER, 0.95 * gross + 1)).get("GROSS_CLOSE_TO_RATING");
        assertThat(close.severity()).isEqualTo(Severity.WATCH);
        assertThat(close.cure().kind()).isEqualTo("KEEP_MARGIN");
        assertThat(close.cure().amount().value()).isCloseTo(0.05 * gross - 1, within(1e-6));
        assertThat(findings(weighing(TRAILER, gross - 1e-6)))
                .doesNotContainKey("GROSS_OVER_RATING");
        Finding over = findings(weighing(TRAILER, gross + 25)).get("GROSS_OVER_RATING");
        assertThat(over.severity()).isEqualTo(Severity.STOPS);
        assertThat(over.cure().kind()).isEqualTo("TAKE_WEIGHT_OFF");
        assertThat(over.cure().amount().value()).isCloseTo(25, within(1e-6));
        assertThat(over.demand().value()).isCloseTo(gross + 25, within(1e-6));
    }

    /** 60 mm to one side leans, 40 mm does not, and the side is told. */
    @Test
    void lean_toEitherSide() {
        double empty = with(TRAILER).massKg();
        double rear = carrier(TRAILER).rear().placeMm();
        for (double y : new double[] {120, -120}) {
            Map<String, Finding> found = findings(with(TRAILER, load(empty, rear, y)));
            Finding lean = found.get(y > 0 ? "HEAVY_ON_THE_RIGHT" : "HEAVY_ON_THE_LEFT");
            assertThat(lean.demand().value()).isCloseTo(60, within(1e-6));
            assertThat(lean.place().yMm()).isCloseTo(y / 2, within(1e-6));
            assertThat(found).doesNotContainKey(y > 0 ? "HEAVY_ON_THE_LEFT" : "HEAVY_ON_THE_RIGHT");
        }
        assertThat(findings(with(TRAILER, load(empty, rear, 80))))
                .doesNotContainKey("HEAVY_ON_THE_RIGHT");
    }

    /** Load at the tail of a pickup lifts its front axle; what is missing is told to the kilogram. */
    @Test
    void frontAxle_thatIsLifted() {
        Carrier truck = carrier(PICKUP);
        double wheelbase = truck.rear().placeMm() - truck.front().placeMm();
        double behind = 1000;
        double kg = (0.1 * truck.front().emptyKg() + 20) * wheelbase / behind;
        Balance balance = with(PICKUP, load(kg, truck.rear().placeMm() + behind, 0));
        Finding light = findings(balance).get("FRONT_AXLE_LIGHT");
        assertThat(light.cure().amount().value()).isCloseTo(20, within(1e-6));
        assertThat(light.demand().value())
                .isCloseTo(0.9 * truck.front().emptyKg() - 20, within(1e-6));
        double less = (0.1 * truck.front().emptyKg() - 1) * wheelbase / behind;
        assertThat(findings(with(PICKUP, load(less, truck.rear().placeMm() + behind, 0))))
                .doesNotContainKey("FRONT_AXLE_LIGHT");
        assertThat(findings(balance)).doesNotContainKeys("COUPLER_SHARE_LOW", "COUPLER_SHARE_HIGH");
    }

    /** The band of the coupler's share, just inside and just outside of 10 and 15 %. */
    @Test
    void couplerShare_atTheEndsOfItsBand() {
        for (double percent : new double[] {9.9, 10.1, 14.9, 15.1}) {
            Map<String, Finding> found = findings(withShare(percent));
            assertThat(found.containsKey("COUPLER_SHARE_LOW"))
                    .as("%s", percent)
                    .isEqualTo(percent < 10);
            assertThat(found.containsKey("COUPLER_SHARE_HIGH"))
                    .as("%s", percent)
                    .isEqualTo(percent > 15);
        }
        Finding high = findings(withShare(20)).get("COUPLER_SHARE_HIGH");
        assertThat(high.cure().kind()).isEqualTo("MOVE_BOX_BACK");
        assertThat(findings(withShare(5)).get("COUPLER_SHARE_LOW").cure().kind())
                .isEqualTo("MOVE_BOX_FORWARD");
    }

    /** A box of 600 kg, set where the coupler carries such a share. */
    private static Balance withShare(double percent) {
        Carrier trailer = carrier(TRAILER);
        double arm = trailer.rear().placeMm() - trailer.front().placeMm();
        double empty = with(TRAILER).load().frontKg();
        double mass = with(TRAILER).massKg() + 600;
        double wanted = percent / 100 * mass - empty;
        return with(TRAILER, load(600, trailer.rear().placeMm() - wanted * arm / 600, 0));
    }

    /** The cure of a coupler too heavy: moved by missing · arm / box, the share is 14 %. */
    @Test
    void couplerHigh_cureBringsItIntoTheBand() {
        BoxPlan ahead = TRAILER.withBox(TRAILER.box().withOffset(-900));
        BoxModel before = BoxModel.of(ahead, LIBRARY);
        Finding high =
                before.findings().stream()
                        .filter(f -> f.code().equals("COUPLER_SHARE_HIGH"))
                        .findFirst()
                        .orElseThrow();
        BoxModel cured = before.after(Cures.apply(ahead, high.cure()));
        assertThat(cured.balance().load().frontPercent()).isCloseTo(14, within(0.05));
    }

    @Test
    void figures_haveTheirWorking() {
        Balance trailer = with(TRAILER, load(500, 2000, 30));
        for (Figure figure : trailer.figures()) {
            assertThat(figure.working().source()).as(figure.key()).isNotBlank();
            assertThat(figure.working().terms()).as(figure.key()).isNotEmpty();
        }
        assertThat(figure(trailer, "centre-x").name()).contains("behind front of box");
        assertThat(terms(trailer, "coupler-share")).containsExactly("m", "xg", "xa", "R");
        assertThat(terms(trailer, "axles-load")).containsExactly("m", "xg", "xa", "R");
        assertThat(terms(trailer, "axle-1")).containsExactly("A", "n");
        assertThat(figure(trailer, "coupler-share").working().source()).contains("10 to 15 %");
        assertThat(figure(trailer, "total-mass").working().terms()).hasSize(2);
        assertThat(figure(trailer, "box-mass").working().terms())
                .singleElement()
                .satisfies(term -> assertThat(term.quantity().value()).isEqualTo(500));
        double gross = TRAILER.vehicle().gear().grossKg();
        assertThat(figure(trailer, "margin-gross").quantity().value())
                .isCloseTo(gross - trailer.massKg(), within(1e-9));
        assertThat(trailer.figures().stream().filter(f -> f.key().matches("balance\\.axle-\\d")))
                .extracting(Figure::key)
                .containsExactly("balance.axle-1", "balance.axle-2");
        Balance truck = with(PICKUP, load(500, 2000, 30));
        assertThat(truck.figures().stream().filter(f -> f.key().matches("balance\\.axle-\\d")))
                .extracting(Figure::key)
                .containsExactly("balance.axle-2");
        assertThat(figure(truck, "front-axle-share").working().source())
                .doesNotContain("10 to 15 %");
        truck.figures().forEach(f -> assertThat(f.working().terms()).isNotEmpty());
    }

    /** A plain box 4.3 m by 2.05 m by 2.16 m by its areas: every part's mass and place by hand. */
    @Test
    void byAreas_aSquareBoxByHand() {
        Opening right = opening(Wall.RIGHT, 1000, 700);
        Opening front = opening(Wall.FRONT, 500, 700);
        Opening rear = opening(Wall.REAR, 900, 700);
        Opening left = opening(Wall.LEFT, 2000, 700);
        BoxPlan plan = TRAILER.withOpenings(List.of(right, front, rear, left));
        BoxModel model = BoxModel.of(plan, LIBRARY);
        Map<String, Part> parts =
                AreaParts.of(
                                new AreaParts.Input(
                                        plan.box(),
                                        plan.openings(),
                                        plan.makeUp(),
                                        model.outline()),
                                model.get(Areas.class),
                                new AreaParts.PerArea(20, 12, 15))
                        .stream()
                        .collect(Collectors.toMap(Part::name, p -> p));
        assertPart(parts.get("Left side, by area"), 4.3 * 2.16 * 12, 2150, -1025, 1080);
        assertPart(parts.get("Right side, by area"), 4.3 * 2.16 * 12, 2150, 1025, 1080);
        assertPart(parts.get("Wrap segment 1, by area"), 2.16 * 2.05 * 12, 0, 0, 1080);
        assertPart(parts.get("Wrap segment 2, by area"), 4.3 * 2.05 * 15, 2150, 0, 2160);
        assertPart(parts.get("Wrap segment 3, by area"), 2.16 * 2.05 * 12, 4300, 0, 1080);
        double floor = plan.makeUp().floor().heightMm() / 2;
        assertPart(
                parts.get("Floor, by area"), parts.get("Floor, by area").massKg(), 2150, 0, floor);
        assertThat(parts.get("Floor, by area").massKg())
                .isCloseTo(4.3 * 2.05 * 20, withinPercentage(8));
        double z = plan.makeUp().floor().structureMm() + 700 + 200;
        assertPart(parts.get("RIGHT"), 7, 1300, 1025, z);
        assertPart(parts.get("LEFT"), 7, 2300, -1025, z);
        assertPart(parts.get("FRONT"), 7, 0, 500 + 300 - 1025, z);
        assertPart(parts.get("REAR"), 7, 4300, 900 + 300 - 1025, z);
        assertPart(parts.get("REAR, cut out"), -0.6 * 0.4 * 12, 4300, 175, z);
    }

    private static Opening opening(Wall wall, double along, double sill) {
        return new Opening(
                wall.id(),
                wall.part().name(),
                Opening.Kind.WINDOW,
                wall,
                new Opening.Place(along, sill),
                new Opening.Size(600, 400),
                6,
                7);
    }

    private static void assertPart(Part part, double kg, double x, double y, double z) {
        assertThat(part.massKg()).as(part.name()).isCloseTo(kg, within(1e-6));
        assertThat(part.place().x()).as(part.name()).isCloseTo(x, within(1e-6));
        assertThat(part.place().y()).as(part.name()).isCloseTo(y, within(1e-6));
        assertThat(part.place().z()).as(part.name()).isCloseTo(z, within(1e-6));
    }

    private static Part part(BoxModel model, String name) {
        return model.balance().parts().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(name));
    }

    private static PanelFrame frame(BoxModel model, PanelKind kind) {
        return model.built().orElseThrow().get(Frame.class).panels().stream()
                .filter(p -> p.panel().kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /**
     * Foam of a wall and of the roof by points: where a point lies in no member through the whole panel there
     * is foam, less what a shallower block takes of its depth. 13 mm of the bay's width is gap foam.
     */
    @Test
    void foam_againstPointsOfANet() {
        BoxModel model = BoxModel.of(TRAILER.withOpenings(List.of()), LIBRARY);
        for (PanelKind kind : new PanelKind[] {PanelKind.FRONT, PanelKind.LEFT, PanelKind.ROOF}) {
            PanelFrame frame = frame(model, kind);
            var framed =
                    kind == PanelKind.ROOF ? TRAILER.makeUp().roof() : TRAILER.makeUp().walls();
            double thickness = Math.min(framed.insulation().thicknessMm(), frame.panel().depthMm());
            double volume = 0;
            Bounds2 box = frame.panel().frame().bounds();
            double step = 6;
            for (double u = box.fromU() + step / 2; u < box.toU(); u += step) {
                for (double v = box.fromV() + step / 2; v < box.toV(); v += step) {
                    Point2 at = new Point2(u, v);
                    if (in(frame.panel().frame(), at)) {
                        volume += step * step * room(frame, at, thickness);
                    }
                }
            }
            double bay = framed.members().spacingMm() - framed.members().section().thicknessMm();
            double gap = 2 * framed.fit().gapMm() / bay;
            double density = 33 * (1 - gap) + 30 * gap;
            Part foam = part(model, frame.panel().words() + " insulation");
            assertThat(foam.massKg())
                    .as(foam.name())
                    .isCloseTo(volume * density / 1e9, withinPercentage(1.5));
            assertThat(foam.group()).isEqualTo(Group.FOAM);
        }
    }

    private static boolean in(Polygon2 polygon, Point2 at) {
        boolean inside = false;
        List<Point2> corners = polygon.corners();
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point2 a = corners.get(i);
            Point2 b = corners.get(j);
            if (a.v() > at.v() != b.v() > at.v()
                    && at.u() < (b.u() - a.u()) * (at.v() - a.v()) / (b.v() - a.v()) + a.u()) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static double room(PanelFrame frame, Point2 at, double thickness) {
        double left = thickness;
        double from = frame.panel().fillingFromMm();
        for (Member member : frame.members()) {
            if (in(member.profile(), at)) {
                boolean whole = member.section().depthMm() > frame.panel().depthMm() - 1;
                double first = Math.max(from, member.fromInwardMm());
                double last = Math.min(from + thickness, member.toInwardMm());
                left = whole ? 0 : Math.min(left, thickness - Math.max(0, last - first));
            }
        }
        return left;
    }

    /** Floor core: 30 mm of 33 kg/m³ over the whole floor; its middle half way through the core. */
    @Test
    void floorCore_byHand() {
        BoxModel model = BoxModel.of(TRAILER, LIBRARY);
        PanelFrame floor = frame(model, PanelKind.FLOOR);
        double area = floor.panel().frame().area();
        Part core = part(model, "floor core");
        assertThat(core.massKg()).isCloseTo(area * 30 * 33 / 1e9, within(1e-9));
        assertThat(core.place())
                .isEqualTo(
                        floor.panel()
                                .surface()
                                .at(
                                        floor.panel().frame().centroid(),
                                        floor.panel().fillingFromMm() + 15));
    }

    /** A further layer outside, one inside, and a finish on the floor: area · thickness · density, holes out. */
    @Test
    void furtherLayers_byHand() {
        var walls = TRAILER.makeUp().walls();
        BoxPlan plan =
                TRAILER.withMakeUp(
                        TRAILER.makeUp()
                                .withWalls(
                                        walls.withOutside(List.of(new Layer("bitumen-felt", 2)))
                                                .withInside(List.of(new Layer("cork", 4))))
                                .withFloor(
                                        TRAILER.makeUp()
                                                .floor()
                                                .withFinish(List.of(new Layer("vinyl", 2)))));
        BoxModel model = BoxModel.of(plan, LIBRARY);
        PanelFrame left = frame(model, PanelKind.LEFT);
        double cut = 0;
        for (PlacedOpening one : model.built().orElseThrow().get(Openings.class).in(left.panel())) {
            cut += Polygon2.rectangle(one.clear()).area();
        }
        double area = left.panel().frame().area() - cut;
        assertThat(cut).isPositive();
        Part felt = part(model, left.panel().words() + ", Bitumen felt");
        assertThat(felt.massKg()).isCloseTo(area * 2 * 1100 / 1e9, withinPercentage(0.5));
        assertThat(felt.group()).isEqualTo(Group.LAYERS);
        Part cork = part(model, left.panel().words() + ", Cork board");
        assertThat(cork.massKg()).isCloseTo(area * 4 * 120 / 1e9, withinPercentage(0.5));
        assertThat(felt.place().y()).isLessThan(cork.place().y());
        PanelFrame floor = frame(model, PanelKind.FLOOR);
        assertThat(part(model, "floor, Vinyl sheet").massKg())
                .isCloseTo(floor.panel().frame().area() * 2 * 1400 / 1e9, within(1e-9));
    }

    /** Tape 20 × 3 mm at 1500 kg/m³, beads of 6 × 6 mm at 1350 kg/m³, joint by joint. */
    @Test
    void sealing_byHand() {
        BoxModel model = BoxModel.of(TRAILER, LIBRARY);
        double tape = 0;
        double beads = 0;
        for (SealedJoint joint : model.built().orElseThrow().get(Sealing.class).joints()) {
            if (joint.kind().taped()) {
                tape += 20 * 3 * joint.lengthMm() * 1500 / 1e9;
            } else {
                beads += 6 * 6 * joint.lengthMm() * 1350 / 1e9;
            }
        }
        assertThat(tape).isPositive();
        assertThat(beads).isPositive();
        assertThat(sum(model, "tape, ")).isCloseTo(tape, within(1e-9));
        assertThat(sum(model, "sealant, ")).isCloseTo(beads, within(1e-9));
    }

    private static double sum(BoxModel model, String prefix) {
        return model.balance().parts().stream()
                .filter(p -> p.group() == Group.SEALING && p.name().startsWith(prefix))
                .mapToDouble(Part::massKg)
                .sum();
    }

    /** Members, sheets and units stand in the list with the masses they have by themselves. */
    @Test
    void everyPart_isThere() {
        BoxModel model = BoxModel.of(TRAILER, LIBRARY);
        var built = model.built().orElseThrow();
        assertThat(mass(model, Group.FRAME))
                .isCloseTo(built.get(Frame.class).massKg(), within(1e-6));
        assertThat(mass(model, Group.SHEETS))
                .isCloseTo(
                        built.get(Skins.class).pieces().stream().mapToDouble(p -> p.massKg()).sum(),
                        within(1e-6));
        assertThat(mass(model, Group.OPENINGS)).isCloseTo(9 + 22, within(1e-9));
        assertThat(part(model, "Carrier, unladen").place().z())
                .isCloseTo(model.carrier().groundMm() / 2, within(1e-9));
    }

    private static double mass(BoxModel model, Group group) {
        return model.balance().massKg(group);
    }
}
