package pteron.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import pteron.core.edit.Cures;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.ShopSizes;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SetOut;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** Outlines with arcs, fillets, battens, steps and cut-outs, against exact geometry and JTS. */
class CurvedOutlineTest {

    /** What the accuracy of lines and arcs is held to: 0.05 mm, or a millionth. */
    private static final double LENGTH = 0.05;

    private static OutlinePoint at(double x, double z) {
        return new OutlinePoint(x, z);
    }

    private static OutlinePoint arc(double x, double z, double throughX, double throughZ) {
        return at(x, z).withLink(new Arc(new Spot(throughX, throughZ)));
    }

    private static Outline outline(OutlinePoint... points) {
        return OutlineStage.of(new Box(List.of(points), 2000, 0));
    }

    private static double figure(Outline outline, String key) {
        return outline.figures().stream()
                .filter(f -> f.key().equals("outline." + key))
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static List<String> codes(Outline outline) {
        return outline.findings().stream().map(Finding::code).toList();
    }

    /** Exact: a wall of 1000 under a half circle of radius 1500 over 3000. */
    @Test
    void halfCircleRoof_exact() {
        Outline outline = outline(at(0, 0), at(0, 1000), arc(3000, 1000, 1500, 2500), at(3000, 0));
        double area = 3000 * 1000 + Math.PI * 1500 * 1500 / 2;
        assertThat(outline.areaMm2()).isCloseTo(area, within(1e-6 * area));
        assertThat(outline.heightMm()).isCloseTo(2500, within(LENGTH));
        assertThat(figure(outline, "strip.1")).isCloseTo(Math.PI * 1500, within(LENGTH));
        assertThat(figure(outline, "radius.1")).isCloseTo(1500, within(LENGTH));
        for (double x : new double[] {200, 900, 1500, 2300}) {
            double z = 1000 + Math.sqrt(1500 * 1500 - (x - 1500) * (x - 1500));
            assertThat(outline.heightAt(x).orElseThrow()).isCloseTo(z, within(LENGTH));
            double slope = Math.toDegrees(Math.atan2(1500 - x, z - 1000));
            assertThat(outline.slopeAt(x).orElseThrow()).isCloseTo(slope, within(1e-4));
        }
        double moment =
                3000 * 1000 * 500 + Math.PI * 1500 * 1500 / 2 * (1000 + 4 * 1500 / (3 * Math.PI));
        assertThat(figure(outline, "centroid-z")).isCloseTo(moment / area, within(LENGTH));
        assertThat(figure(outline, "centroid-x")).isCloseTo(1500, within(LENGTH));
    }

    /** Exact: each fillet of a square corner takes r² (1 − π/4) and 2r − πr/2 of the strip. */
    @Test
    void filletedCorners_exact() {
        Outline outline =
                outline(
                        at(0, 0),
                        at(0, 2000).withFillet(300),
                        at(4000, 2000).withFillet(500),
                        at(4000, 0));
        double lost = (1 - Math.PI / 4) * (300 * 300 + 500 * 500);
        assertThat(outline.areaMm2()).isCloseTo(8e6 - lost, within(8.0));
        assertThat(figure(outline, "strip-total"))
                .isCloseTo(8000 - (2 - Math.PI / 2) * 800, within(LENGTH));
        assertThat(outline.elements()).hasSize(5);
        assertThat(outline.heightAt(150).orElseThrow())
                .isCloseTo(1700 + Math.sqrt(300 * 300 - 150 * 150), within(LENGTH));
        assertThat(outline.isOfFlatPanels()).isFalse();
    }

    /** Outside check: area and centroid of JTS for the same shape as a fine polygon. */
    @Property(tries = 60, seed = "20261126")
    void arcs_againstJts(
            @ForAll @DoubleRange(min = 1200, max = 2200) double wall,
            @ForAll @DoubleRange(min = 60, max = 900) double rise,
            @ForAll @DoubleRange(min = 2200, max = 5200) double length) {
        Outline outline =
                outline(
                        at(0, 0),
                        at(0, wall),
                        arc(length, wall, length / 2, wall + rise),
                        at(length, 0));
        double radius = length * length / (8 * rise) + rise / 2;
        double middle = wall + rise - radius;
        List<Coordinate> ring = new ArrayList<>();
        ring.add(new Coordinate(0, 0));
        int n = 20_000;
        for (int i = 0; i <= n; i++) {
            double half = Math.asin(Math.min(1, length / 2 / radius));
            half = rise > length / 2 ? Math.PI - half : half;
            double angle = Math.PI / 2 + half - 2 * half * i / n;
            ring.add(
                    new Coordinate(
                            length / 2 + radius * Math.cos(angle),
                            middle + radius * Math.sin(angle)));
        }
        ring.add(new Coordinate(length, 0));
        ring.add(new Coordinate(0, 0));
        var polygon = new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
        assertThat(outline.areaMm2())
                .isCloseTo(polygon.getArea(), within(1e-6 * polygon.getArea()));
        assertThat(figure(outline, "centroid-z"))
                .isCloseTo(polygon.getCentroid().getY(), within(LENGTH));
    }

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void everyStart_isUsable_andKeepsItsSize(OutlineStart start) {
        Outline outline = OutlineStage.of(new Box(start.points(4000, 2100), 2000, 0));
        assertThat(outline.findings()).isEmpty();
        assertThat(outline.heightMm()).isCloseTo(2100, within(1.0));
        assertThat(outline.rearmostMm()).isCloseTo(4000, within(1e-6));
    }

    @Provide
    Arbitrary<Box> curved() {
        return PlanArbitraries.curvedBoxes();
    }

    /** A mirrored outline has mirrored heights, the same area and the same strip. */
    @Property(tries = 60, seed = "20261126")
    void mirrored_hasMirroredHeights(@ForAll("curved") Box box) {
        Outline outline = OutlineStage.of(box);
        Outline mirrored = OutlineStage.of(mirrored(box));
        assertThat(mirrored.usable()).isEqualTo(outline.usable());
        SetOut.that(outline.usable());
        double sum = outline.foremostMm() + outline.rearmostMm();
        assertThat(mirrored.areaMm2()).isCloseTo(outline.areaMm2(), within(1.0));
        for (double share : new double[] {0.08, 0.31, 0.5, 0.77, 0.93}) {
            double x = outline.foremostMm() + share * outline.lengthMm();
            assertThat(mirrored.heightAt(sum - x).orElseThrow())
                    .isCloseTo(outline.heightAt(x).orElseThrow(), within(1e-3));
        }
    }

    private static Box mirrored(Box box) {
        List<OutlinePoint> points = box.outline();
        double sum = points.getFirst().xMm() + points.getLast().xMm();
        List<OutlinePoint> turned = new ArrayList<>();
        for (int i = points.size() - 1; i >= 0; i--) {
            OutlinePoint point = points.get(i);
            // the line that left this corner now arrives at it
            OutlinePoint.Link link =
                    i + 1 < points.size() ? points.get(i + 1).link() : new OutlinePoint.Straight();
            List<Spot> spots = new ArrayList<>();
            link.through().forEach(s -> spots.add(new Spot(sum - s.xMm(), s.zMm())));
            Collections.reverse(spots);
            turned.add(
                    new OutlinePoint(
                            sum - point.xMm(),
                            point.zMm(),
                            point.filletMm(),
                            link.withThrough(spots)));
        }
        return box.withOutline(turned);
    }

    /** Splitting a straight line in two changes nothing. */
    @Property(tries = 60, seed = "20261126")
    void splitLine_changesNothing(@ForAll("curved") Box box) {
        Outline whole = OutlineStage.of(box);
        List<OutlinePoint> points = new ArrayList<>(box.outline());
        OutlinePoint before = points.get(points.size() - 2);
        OutlinePoint last = points.getLast();
        if (!(last.link() instanceof OutlinePoint.Straight) || before.filletMm() > 0) {
            return;
        }
        points.add(
                points.size() - 1,
                at((before.xMm() + last.xMm()) / 2, (before.zMm() + last.zMm()) / 2));
        Outline split = OutlineStage.of(box.withOutline(points));
        assertThat(split.usable()).isEqualTo(whole.usable());
        if (whole.usable()) {
            assertThat(split.areaMm2()).isCloseTo(whole.areaMm2(), within(1e-3));
            assertThat(figure(split, "strip-total"))
                    .isCloseTo(figure(whole, "strip-total"), within(1e-6));
        }
    }

    @Test
    void overCab_hasAnUndersideOverTheCab() {
        Box box = new Box(OutlineStart.OVER_CAB.points(2480, 2080), 1240, 0);
        Outline outline = OutlineStage.of(box);
        assertThat(outline.elements())
                .extracting(Element::kind)
                .containsExactly(
                        EdgeKind.FRONT,
                        EdgeKind.UNDER,
                        EdgeKind.NOSE,
                        EdgeKind.NOSE,
                        EdgeKind.ROOF,
                        EdgeKind.REAR);
        assertThat(outline.foremostMm()).isEqualTo(-1116);
        assertThat(outline.corners().getFirst().turnDegrees()).isCloseTo(-90, within(1e-6));
        assertThat(outline.isOfFlatPanels()).isFalse();
    }

    /** By hand: the dropped part adds its depth times what lies behind its step. */
    @Test
    void droppedFloor_addsItsArea() {
        BoxDetails details = BoxDetails.NONE.withDropFloor(new DropFloor(3000, 150));
        Box box =
                new Box(List.of(at(0, 0), at(0, 2000), at(4000, 2000), at(4000, -150)), 2000, 0)
                        .withDetails(details);
        Outline outline = OutlineStage.of(box);
        assertThat(outline.findings()).isEmpty();
        assertThat(outline.areaMm2()).isCloseTo(8e6 + 1000 * 150, within(1e-3));
        assertThat(outline.dropMm()).isCloseTo(150, within(1e-9));
        Box level = box.withDetails(BoxDetails.NONE.withDropFloor(new DropFloor(4100, 150)));
        assertThat(codes(OutlineStage.of(level))).contains("DROP_FLOOR_NOT_UNDER_BOX");
    }

    /** By hand: 700 × 300 less two quarter corners of 100. */
    @Test
    void wheelArch_areaAndVolume() {
        WheelArch arch = new WheelArch(2000, 700, 300, 250, 100);
        double area = 700 * 300 - 2 * 100 * 100 * (1 - Math.PI / 4);
        assertThat(WheelArchShape.areaMm2(arch)).isCloseTo(area, within(1e-6));
        Box box = new Box(OutlineStart.SQUARE.points(4000, 2000), 2000, 0);
        Outline with =
                OutlineStage.of(box.withDetails(BoxDetails.NONE.withWheelArches(List.of(arch))));
        assertThat(figure(with, "volume")).isCloseTo(16 - 2 * area * 250 / 1e9, within(1e-9));
        double left =
                WheelArchShape.without(with.shape().polygon(), List.of(arch)).stream()
                        .mapToDouble(shape -> shape.area())
                        .sum();
        assertThat(left).isCloseTo(8e6 - area, within(8.0));
    }

    @Test
    void filletTooLarge_isCured() {
        BoxPlan plan =
                StartingPlans.square()
                        .withBox(
                                new Box(
                                        List.of(
                                                at(0, 0),
                                                at(0, 2000).withFillet(2500),
                                                at(4000, 2000),
                                                at(4000, 0)),
                                        2000,
                                        0));
        Outline outline = OutlineStage.of(plan.box());
        assertThat(codes(outline)).containsExactly("OUTLINE_FILLET_TOO_LARGE");
        assertThat(outline.usable()).isTrue();
        BoxPlan cured = Cures.apply(plan, outline.findings().getFirst().cure());
        assertThat(OutlineStage.of(cured.box()).findings()).isEmpty();
        assertThat(cured.box().outline().get(1).filletMm()).isEqualTo(1980);
    }

    /** A strip of 8 mm is sold as 5/16 of an inch, one of 4 mm as 1/8. */
    @ParameterizedTest
    @CsvSource({"8, 0.3125", "4, 0.125", "10, 0.375", "30, 1"})
    void batten_asItIsSoldByTheInch(double mm, double inches) {
        Cure cure = Cure.press("SET_BATTEN_THICKNESS", Quantity.mm(mm), "corner", 2.0);
        assertThat(ShopSizes.sold(cure, UnitSystem.METRIC)).isEqualTo(cure);
        assertThat(ShopSizes.sold(cure, UnitSystem.INCHES).amount().value())
                .isCloseTo(inches * 25.4, within(1e-9));
    }

    @Test
    void batten_breaks_andThinnerOneSurvives() {
        List<Spot> spots = List.of(new Spot(800, 1850), new Spot(1500, 2000), new Spot(2200, 1850));
        OutlinePoint bent = at(3000, 1300).withLink(new Batten(spots, 30, "c24"));
        BoxPlan plan =
                StartingPlans.square()
                        .withBox(
                                new Box(
                                        List.of(at(0, 0), at(0, 1300), bent, at(3000, 0)),
                                        1900,
                                        0));
        Outline outline = OutlineStage.of(plan.box());
        assertThat(codes(outline)).containsExactly("BATTEN_BREAKS");
        BoxPlan cured = Cures.apply(plan, outline.findings().getFirst().cure());
        Outline thin = OutlineStage.of(cured.box());
        assertThat(codes(thin)).doesNotContain("BATTEN_BREAKS", "BATTEN_CLOSE_TO_BREAKING");
        Batten sold = (Batten) cured.box().outline().get(2).link();
        assertThat(sold.thicknessMm()).isIn(4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 15.0, 18.0, 20.0, 25.0);
        assertThat(figure(thin, "batten-stress.1")).isLessThanOrEqualTo(0.8 * 24 + 1e-6);
        double thickest = figure(thin, "batten-thickest.1");
        assertThat(figure(outline, "batten-stress.1") / 30 * thickest).isCloseTo(24, within(1e-6));
    }

    @Test
    void curvesThatCannotBeDrawn_areFindings() {
        assertThat(codes(outline(at(0, 0), at(0, 2000), arc(4000, 2000, 2000, 2000), at(4000, 0))))
                .containsExactly("OUTLINE_ARC_IS_FLAT");
        OutlinePoint wild =
                at(3000, 1300)
                        .withLink(
                                new Batten(
                                        List.of(
                                                new Spot(2900, 1310),
                                                new Spot(10, 1305),
                                                new Spot(2950, 1290),
                                                new Spot(5, 1320)),
                                        10,
                                        "c24"));
        Outline outline = outline(at(0, 0), at(0, 1300), wild, at(3000, 0));
        assertThat(outline.usable()).isFalse();
        assertThat(codes(outline))
                .containsAnyOf("OUTLINE_BATTEN_HAS_NO_LINE", "OUTLINE_CROSSES_ITSELF");
        OutlinePoint rounded = arc(4000, 2000, 2000, 2300).withFillet(200);
        assertThat(codes(outline(at(0, 0), at(0, 2000), rounded, at(4000, 0))))
                .containsExactly("OUTLINE_FILLET_AT_CURVE");
    }

    /** The list of a symmetric roof reads the same from both ends, bevels turned. */
    @Test
    void uprights_ofAnArch_areSymmetric() {
        Outline outline = outline(at(0, 0), at(0, 1500), arc(3600, 1500, 1800, 2000), at(3600, 0));
        List<Upright> uprights = outline.uprights(356.2, 38);
        int last = uprights.size() - 1;
        assertThat(uprights.getFirst().placeMm()).isZero();
        assertThat(uprights.getLast().placeMm()).isCloseTo(3562, within(1e-9));
        for (int i = 0; i <= last; i++) {
            Upright one = uprights.get(i);
            Upright other = uprights.get(last - i);
            assertThat(one.frontFaceMm()).isCloseTo(other.rearFaceMm(), within(1e-6));
            assertThat(one.bevelDegrees()).isCloseTo(-other.bevelDegrees(), within(1e-6));
        }
    }

    /** Over the cab an upright stands on the underside there, behind a drop it goes down with the floor. */
    @Test
    void uprights_standOnWhatLiesUnderThem() {
        Outline overCab =
                outline(
                        at(0, 0),
                        at(0, 1200),
                        at(-1300, 1200),
                        at(-1300, 2100),
                        at(2400, 2100),
                        at(2400, 0));
        Upright ahead = overCab.upright(-800, 38).orElseThrow();
        assertThat(ahead.footMm()).isCloseTo(1200, within(1e-6));
        assertThat(ahead.longSideMm()).isCloseTo(900, within(1e-6));
        Upright behind = overCab.upright(800, 38).orElseThrow();
        assertThat(behind.footMm()).isZero();
        assertThat(behind.longSideMm()).isCloseTo(2100, within(1e-6));
        // one that straddles the step stands on the higher side of it
        assertThat(overCab.upright(-19, 38).orElseThrow().footMm()).isCloseTo(1200, within(1e-6));
        BoxPlan dropped = OutlineTools.withDropFloor(StartingPlans.square());
        double depth = dropped.box().details().dropFloor().depthMm();
        Outline low = OutlineStage.of(dropped.box());
        Upright last = low.uprights(500, 38).getLast();
        assertThat(last.footMm()).isCloseTo(-depth, within(1e-6));
        assertThat(last.longSideMm()).isCloseTo(low.heightMm() + depth, within(1e-6));
    }

    /** By hand: 1500 up, half a turn of r = 1000 over the roof, 1500 down; a corner of 0° where it is tangent. */
    @Test
    void strip_ofAHalfCircle_byHand() {
        Outline outline = outline(at(0, 0), at(0, 1500), arc(2000, 1500, 1000, 2500), at(2000, 0));
        List<StripPiece> strip = outline.strip();
        assertThat(strip).hasSize(3);
        assertThat(strip.get(1).fromMm()).isCloseTo(1500, within(1e-6));
        assertThat(strip.get(1).leastRadiusMm().orElseThrow()).isCloseTo(1000, within(1e-6));
        assertThat(strip.get(2).fromMm()).isCloseTo(1500 + Math.PI * 1000, within(0.01));
        assertThat(strip.get(2).toMm()).isCloseTo(3000 + Math.PI * 1000, within(0.01));
        assertThat(strip.get(0).leastRadiusMm()).isEmpty();
        assertThat(strip.get(0).turnAfterDegrees().orElseThrow()).isCloseTo(0, within(1e-4));
        assertThat(strip.get(2).turnAfterDegrees()).isEmpty();
    }

    /** Whatever the outline: every piece begins where the one before it ends, and they make up the strip. */
    @Property(tries = 60, seed = "20261126")
    void strip_hasNoGaps(@ForAll("curved") Box box) {
        Outline outline = OutlineStage.of(box);
        double along = 0;
        for (StripPiece piece : outline.strip()) {
            assertThat(piece.fromMm()).isCloseTo(along, within(1e-9));
            along = piece.toMm();
        }
        if (outline.usable()) {
            assertThat(along).isCloseTo(figure(outline, "strip-total"), within(1e-6));
        }
    }
}
