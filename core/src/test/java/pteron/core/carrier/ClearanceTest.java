package pteron.core.carrier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.StartingVehicles;
import pteron.core.plan.Wall;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Room between the box and whatever the carrier has; cab, steps, tail, road and door. */
class ClearanceTest {

    private static final double EXACT = 1e-6;
    private static final Pickup PICKUP = StartingVehicles.pickup();
    private static final BoxPlan SLIDE_IN =
            StartingPlans.square()
                    .withVehicle(PICKUP)
                    .withOpenings(List.of())
                    .withBox(new Box(OutlineStart.OVER_CAB.points(2480, 2100), 1230, 60));

    private static Carrier carrier(BoxPlan plan) {
        return CarrierStage.of(CarrierInput.of(plan, OutlineStage.of(plan.box())));
    }

    private static double figure(BoxPlan plan, String key) {
        return carrier(plan).figures().stream()
                .filter(f -> f.key().equals("carrier." + key))
                .mapToDouble(Figure::value)
                .findFirst()
                .orElseThrow();
    }

    private static List<String> codes(BoxPlan plan) {
        return carrier(plan).findings().stream().map(Finding::code).toList();
    }

    private static Finding finding(BoxPlan plan, String code) {
        return carrier(plan).findings().stream()
                .filter(f -> f.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static BoxPlan wide(double width) {
        return SLIDE_IN.withBox(SLIDE_IN.box().withWidth(width));
    }

    /** 1270 between the wells: 12 mm on each side is tight, 20 mm is not, −5 stops the job. */
    @Test
    void wheelWells_tightFrom13_stopsBelow0() {
        assertThat(codes(wide(1230))).doesNotContain("SOLID_IS_TIGHT", "BOX_HITS_SOLID");
        Finding tight = finding(wide(1270 - 24), "SOLID_IS_TIGHT");
        assertThat(tight.severity()).isEqualTo(Severity.WATCH);
        assertThat(tight.demand().value()).isCloseTo(12, within(EXACT));
        assertThat(tight.place().part()).isEqualTo("wheel well");
        Finding clash = finding(wide(1280), "BOX_HITS_SOLID");
        assertThat(clash.severity()).isEqualTo(Severity.STOPS);
        assertThat(clash.demand().value()).isCloseTo(-5, within(EXACT));
        BoxPlan cured = Cures.apply(wide(1280), clash.cure());
        assertThat(codes(cured)).doesNotContain("BOX_HITS_SOLID", "SOLID_IS_TIGHT");
    }

    @Test
    void hump_isClearedByASubFrame() {
        Flatbed flatbed = StartingVehicles.flatbed();
        BoxPlan plan =
                StartingPlans.square()
                        .withOpenings(List.of())
                        .withVehicle(flatbed)
                        .withBox(new Box(OutlineStart.SQUARE.points(4000, 2000), 2000, 100));
        Finding hump = finding(plan, "BOX_HITS_SOLID");
        assertThat(hump.place().part()).isEqualTo("gearbox hump");
        assertThat(figure(plan, "floor-needed")).isCloseTo(70, within(EXACT));
        // 60 mm up is a shorter way out than half a box to the side
        assertThat(hump.demand().value()).isCloseTo(-60, within(EXACT));
        BoxPlan low = plan.withBox(plan.box().withRaised(20));
        assertThat(finding(low, "BOX_HITS_SOLID").demand().value()).isCloseTo(-40, within(EXACT));
        assertThat(figure(low, "floor-needed")).isCloseTo(70, within(EXACT));
        assertThat(Cures.apply(low, finding(low, "BOX_HITS_SOLID").cure()))
                .isEqualTo(plan.withBox(plan.box().withRaised(70)));
        BoxPlan cured = Cures.apply(plan, hump.cure());
        assertThat(cured.box().raisedMm()).isEqualTo(70);
        assertThat(codes(cured)).doesNotContain("BOX_HITS_SOLID");
        assertThat(figure(cured, "floor-needed")).isCloseTo(70, within(EXACT));
        assertThat(figure(cured, "overall-height"))
                .isCloseTo(figure(plan, "overall-height") + 70, within(EXACT));
    }

    /** A box of 2600 in a bed of 2490 with its tailgate up: 110 too long, one press takes the gate off. */
    @Test
    void tailgateUp_isInTheWay_andComesOff() {
        Pickup shut =
                StartingVehicles.pickup()
                        .withBed(
                                StartingVehicles.pickup()
                                        .bed()
                                        .withTailgate(
                                                new Pickup.Tailgate(
                                                        Pickup.Tailgate.Position.UP, 560)));
        BoxPlan plan =
                StartingPlans.square()
                        .withOpenings(List.of())
                        .withVehicle(shut)
                        .withBox(new Box(OutlineStart.SQUARE.points(2600, 1800), 1200, 0));
        Finding gate = finding(plan, "BOX_HITS_SOLID");
        assertThat(gate.place().part()).isEqualTo("tailgate, up");
        assertThat(gate.demand().value()).isCloseTo(-110, within(EXACT));
        assertThat(codes(Cures.apply(plan, gate.cure()))).doesNotContain("BOX_HITS_SOLID");
    }

    /** A wheel that stands up beside a wide box needs an arch; with one, the room is that of the arch. */
    @Test
    void wheelArch_clearsAWheel() {
        Trailer trailer = StartingVehicles.trailer();
        BoxPlan plan =
                StartingPlans.square()
                        .withOpenings(List.of())
                        .withBox(new Box(OutlineStart.SQUARE.points(4300, 2000), 2400, 0));
        assertThat(codes(plan)).contains("BOX_HITS_SOLID");
        WheelArch arch = new WheelArch(1930, 1600, 320, 300, 120);
        BoxDetails details = BoxDetails.NONE.withWheelArches(List.of(arch));
        BoxPlan arched = plan.withBox(plan.box().withDetails(details));
        assertThat(codes(arched)).doesNotContain("BOX_HITS_SOLID");
        double wheelTop = 60 - 580 + 640.0;
        Clearance first = carrier(arched).clearances().getFirst();
        assertThat(first.way()).isEqualTo(Clearance.Way.IN_ELEVATION);
        assertThat(first.gapMm()).isBetween(30.0, 320 - wheelTop + 1);
        assertThat(trailer.solids()).hasSize(2);
    }

    /** By hand: 1120 · tan 0.5° + 25 behind; (reach + 615) · tan 0.5° + 25 over the roof. */
    @Test
    void cabGap_byHand() {
        double tangent = Math.tan(Math.toRadians(0.5));
        assertThat(CabGap.needed(1120, tangent)).isCloseTo(1120 * 0.0087269 + 25, within(1e-3));
        assertThat(figure(SLIDE_IN, "cab-gap")).isCloseTo(60 + 40, within(EXACT));
        assertThat(codes(SLIDE_IN)).doesNotContain("CAB_GAP_SMALL");
        BoxPlan close = SLIDE_IN.withBox(SLIDE_IN.box().withOffset(-20));
        Finding small = finding(close, "CAB_GAP_SMALL");
        assertThat(small.demand().value()).isCloseTo(20, within(EXACT));
        BoxPlan cured = Cures.apply(close, small.cure());
        assertThat(codes(cured)).doesNotContain("CAB_GAP_SMALL");
        BoxPlan low = SLIDE_IN.withBox(new Box(OutlineStart.OVER_CAB.points(2480, 2030), 1230, 60));
        assertThat(codes(low)).contains("CAB_ROOF_GAP_SMALL");
    }

    @Test
    void cabWindow_inLine_outOfLine_covered() {
        assertThat(codes(SLIDE_IN)).contains("CAB_WINDOW_COVERED");
        double floor = SLIDE_IN.makeUp().floor().heightMm();
        Opening.Place place = new Opening.Place(0, 620 - floor);
        Opening pass =
                new Opening(
                        "pass",
                        "Pass",
                        Opening.Kind.WINDOW,
                        Wall.FRONT,
                        place,
                        new Opening.Size(1230, 380),
                        5,
                        4);
        BoxPlan lined = SLIDE_IN.withOpenings(List.of(pass));
        assertThat(figure(lined, "cab-window")).isCloseTo(1230 / 1250.0, within(1e-9));
        assertThat(codes(lined)).doesNotContain("CAB_WINDOW_NOT_IN_LINE", "CAB_WINDOW_COVERED");
        BoxPlan high =
                lined.withOpening("pass", o -> o.withPlace(new Opening.Place(0, 900 - floor)));
        assertThat(codes(high)).contains("CAB_WINDOW_NOT_IN_LINE");
    }

    /** By hand, class comment: d 1500, h 500, r 350 gives 19.136°; it satisfies the tangent's equation. */
    @Test
    void departure_workedExample() {
        double angle = new Departure(1500, 500, 350).angleDegrees();
        assertThat(angle).isCloseTo(19.136, within(5e-4));
        assertThat(new Departure(1500, 0, 350).angleDegrees()).isCloseTo(0, within(1e-9));
        assertThatThrownBy(() -> new Departure(0, 1, 1)).hasMessageContaining("behind the wheel");
    }

    /** Outside check: a line through the point at that angle is r away from the wheel's middle. */
    @Property(seed = "20261126")
    void departure_touchesTheWheel(
            @ForAll @DoubleRange(min = 600, max = 4000) double behind,
            @ForAll @DoubleRange(min = 0, max = 900) double height,
            @ForAll @DoubleRange(min = 200, max = 500) double radius) {
        double angle = Math.toRadians(new Departure(behind, height, radius).angleDegrees());
        double distance = Math.abs(behind * Math.sin(angle) - (height - radius) * Math.cos(angle));
        assertThat(distance).isCloseTo(radius, within(1e-6));
    }

    /** By hand: 760 / 230 needs 4 steps of 190. */
    @Test
    void steps_workedExample() {
        assertThat(Steps.to(760, 230)).isEqualTo(new Steps(4, 190));
        assertThat(Steps.to(230, 230).count()).isEqualTo(1);
        assertThatThrownBy(() -> Steps.to(0, 230)).hasMessageContaining("height");
    }

    /** 2.55 m and 4.00 m: Directive 96/53/EC; 102 in: 23 CFR 658.15. */
    @Test
    void regions_published() {
        assertThat(Regions.named("European Union").widthMm()).isEqualTo(2550);
        assertThat(Regions.named("European Union").heightMm()).isEqualTo(4000);
        assertThat(Regions.named("United States").widthMm()).isCloseTo(102 * 25.4, within(0.5));
        assertThat(Regions.all()).allMatch(region -> region.source().contains("not yet checked"));
        assertThatThrownBy(() -> Regions.named("Atlantis")).hasMessageContaining("[Atlantis]");
        assertThat(Regions.named("Canada").in(SLIDE_IN.limits()).shopDoorMm())
                .isEqualTo(SLIDE_IN.limits().shopDoorMm());
    }

    @Test
    void doorRoofLoadLength_areHeldAgainstTheirLimits() {
        double height = figure(SLIDE_IN, "overall-height");
        BoxPlan low = SLIDE_IN.withLimits(SLIDE_IN.limits().withShopDoor(height - 10));
        assertThat(codes(low)).contains("SHOP_DOOR_TOO_LOW");
        assertThat(figure(low, "door-margin")).isCloseTo(-10, within(EXACT));
        BoxPlan loaded = SLIDE_IN.withLimits(SLIDE_IN.limits().withOnRoof(150));
        assertThat(figure(loaded, "overall-height")).isCloseTo(height + 150, within(EXACT));
        BoxPlan tooLong = SLIDE_IN.withLimits(SLIDE_IN.limits().withLength(4000));
        assertThat(codes(tooLong)).contains("LENGTH_OVER_ROAD_LIMIT");
    }

    @Test
    void outriggerOnTheWeb_flatTail_longOverhang_areWatched() {
        Vehicle web =
                PICKUP.withSteel(
                        PICKUP.steel()
                                .withOutriggers(
                                        List.of(new Outrigger(500, 300, Outrigger.End.WEB))));
        assertThat(codes(SLIDE_IN.withVehicle(web))).contains("OUTRIGGER_ENDS_ON_WEB");
        BoxPlan longTail =
                SLIDE_IN.withBox(new Box(OutlineStart.SQUARE.points(5200, 2100), 1230, 60));
        assertThat(codes(longTail)).contains("REAR_OVERHANG_LONG");
        BoxDetails drop = BoxDetails.NONE.withDropFloor(new BoxDetails.DropFloor(2400, 500));
        List<OutlinePoint> points = new ArrayList<>(OutlineStart.SQUARE.points(5200, 2100));
        points.set(3, points.get(3).at(5200, -500));
        BoxPlan dragging = SLIDE_IN.withBox(new Box(points, 1230, 60).withDetails(drop));
        assertThat(codes(dragging)).contains("DEPARTURE_ANGLE_FLAT");
    }

    @Test
    void payload_isNoMoreThanTheSticker_andStateIsTold() {
        assertThat(figure(SLIDE_IN, "payload")).isEqualTo(1650);
        BoxPlan light = SLIDE_IN.withVehicle(PICKUP.withPayload(5000));
        assertThat(figure(light, "payload")).isEqualTo(4500 - 1540 - 1110);
        Vehicle alone =
                PICKUP.withGear(
                        PICKUP.gear().withWeighed(new Weighed(Weighed.Source.TYPED, 50, false)));
        assertThat(codes(SLIDE_IN.withVehicle(alone))).contains("WEIGHED_WITHOUT_DRIVER");
    }

    /** Moving the box sideways in width never makes the room to a mirrored solid larger. */
    @Property(tries = 60, seed = "20261126")
    void widerBox_neverHasMoreRoom(
            @ForAll @DoubleRange(min = 700, max = 1600) double width,
            @ForAll @DoubleRange(min = 0, max = 300) double more) {
        List<Clearance> narrow = carrier(wide(width)).clearances();
        List<Clearance> wider = carrier(wide(width + more)).clearances();
        for (int i = 0; i < narrow.size(); i++) {
            assertThat(wider.get(i).gapMm()).isLessThanOrEqualTo(narrow.get(i).gapMm() + 1e-6);
        }
    }

    @Test
    void solids_illegalArguments() {
        assertThatThrownBy(() -> new Stretch(5, 4)).hasMessageContaining("smaller one first");
        assertThat(new Stretch(0, 5).overlaps(new Stretch(5, 9))).isFalse();
        Solid hump = StartingVehicles.flatbed().measuredSolids().getFirst();
        assertThat(hump.withUp(new Stretch(0, 90)).up().toMm()).isEqualTo(90);
    }

    /**
     * A floor dropped by 150 from 2.5 m on, on a flatbed: its steel begins under planks of 40, so that the box reaches 110
     * into it, or through what is less deep. Counted by hand: both rails and the cross-members behind 2.5 m.
     */
    @Test
    void droppedFloor_throughSteel_stops() {
        Flatbed flatbed = StartingVehicles.flatbed();
        BoxPlan level = StartingPlans.square().withVehicle(flatbed).withOpenings(List.of());
        List<OutlinePoint> outline = new ArrayList<>(level.box().outline());
        outline.set(3, outline.get(3).at(4300, -150));
        Box lower =
                level.box()
                        .withOutline(outline)
                        .withDetails(
                                level.box()
                                        .details()
                                        .withDropFloor(new BoxDetails.DropFloor(2500, 150)));
        BoxPlan dropped = level.withBox(lower);
        assertThat(codes(level)).doesNotContain("BOX_HITS_STEEL");
        List<Finding> hits =
                carrier(dropped).findings().stream()
                        .filter(finding -> finding.code().equals("BOX_HITS_STEEL"))
                        .toList();
        assertThat(hits)
                .extracting(finding -> finding.place().part())
                .contains("rails", "cross-members");
        double behind = dropped.box().offsetMm() + 2500;
        double rear = dropped.box().offsetMm() + 4300;
        long cross =
                flatbed.steel().crossMembersMm().stream()
                        .filter(x -> x > behind && x < rear)
                        .count();
        assertThat(cross).isPositive();
        Finding rails =
                hits.stream()
                        .filter(f -> f.place().part().equals("rails"))
                        .findFirst()
                        .orElseThrow();
        assertThat(rails.severity()).isEqualTo(Severity.STOPS);
        assertThat(rails.demand().value())
                .isCloseTo(Math.min(110, flatbed.steel().rail().depthMm()), within(EXACT));
        // lifted clear of it, nothing is hit
        BoxPlan lifted = Cures.apply(dropped, rails.cure());
        assertThat(lifted.box().raisedMm()).isGreaterThanOrEqualTo(dropped.box().raisedMm() + 110);
        assertThat(codes(lifted)).doesNotContain("BOX_HITS_STEEL");
    }
}
