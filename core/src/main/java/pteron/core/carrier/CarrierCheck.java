package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.outline.Outline;
import pteron.core.plan.PlanLimits;
import pteron.core.plan.RoadLimits;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Whether the box fits deck and road, and whether the carrier's numbers agree with each other. */
final class CarrierCheck {

    /** Overall width from which marker and identification lamps are needed: 49 CFR 571.108, 80 in. */
    static final double MARKER_LAMPS_FROM_MM = 2032;

    /** Overhang behind the rear axles over the wheelbase of a truck that is long; common practice. */
    static final double LONG_OVERHANG = 0.6;

    /** Departure angle below which a ramp or a dip touches (degrees); common practice. */
    static final double FLAT_DEPARTURE_DEGREES = 10;

    private final CarrierInput plan;
    private final Carrier carrier;
    private final Outline outline;
    private final Standing standing;
    private final List<Finding> findings = new ArrayList<>();

    private CarrierCheck(Standing standing) {
        this.standing = standing;
        this.plan = standing.plan();
        this.carrier = standing.carrier();
        this.outline = standing.outline();
    }

    static List<Finding> findings(Standing standing) {
        CarrierCheck check = new CarrierCheck(standing);
        if (standing.vehicle() instanceof Trailer) {
            check.overhangs();
        }
        check.road();
        check.door();
        check.rear();
        check.weights();
        check.steel();
        check.findings.addAll(ClearanceCheck.findings(standing));
        return check.findings;
    }

    private void overhangs() {
        double front = carrier.deckFrontMm() - outline.foremostMm();
        double rear = outline.rearmostMm() - carrier.deckRearMm();
        double deck = plan.vehicle().deck().widthMm();
        double side = (plan.box().lowerWidthMm() - deck) / 2;
        overhang("BOX_OVERHANGS_DECK_FRONT", front, movedBy(front, -rear));
        overhang("BOX_OVERHANGS_DECK_REAR", rear, movedBy(-rear, -front));
        overhang("BOX_OVERHANGS_DECK_SIDES", side, width(deck));
    }

    private static Cure width(double mm) {
        boolean possible = mm >= PlanLimits.BOX_WIDTH.least() && mm <= PlanLimits.BOX_WIDTH.most();
        return possible
                ? Cure.press("SET_BOX_WIDTH", Quantity.mm(mm), "box")
                : Cure.advice("SET_BOX_WIDTH", Quantity.mm(mm));
    }

    private Cure movedBy(double backMm, double roomMm) {
        Quantity amount = Quantity.mm(Math.abs(backMm));
        String kind = backMm > 0 ? "MOVE_BOX_BACK" : "MOVE_BOX_FORWARD";
        if (Math.abs(backMm) > roomMm) {
            return Cure.advice("SHORTEN_BOX", amount);
        }
        return Cure.press(kind, amount, "box");
    }

    private void overhang(String code, double overMm, Cure cure) {
        if (overMm > Tolerance.PENCIL.lengthMm()) {
            double x = code.endsWith("FRONT") ? outline.foremostMm() : outline.rearmostMm();
            findings.add(
                    new Finding(
                            code,
                            Severity.WATCH,
                            Place.of(CarrierStation.CARRIER, "deck").at(x, 0),
                            Quantity.mm(overMm),
                            Limit.atMost(Quantity.mm(0)),
                            cure));
        }
    }

    private void road() {
        RoadLimits limits = plan.limits();
        double width = standing.widthMm();
        double over = 2 * plan.box().details().overhang().sidesMm();
        boolean box = plan.box().widthMm() + over > limits.widthMm();
        tooLarge(
                "WIDTH_OVER_ROAD_LIMIT",
                width,
                limits.widthMm(),
                box
                        ? width(limits.widthMm() - over)
                        : Cure.advice("NARROWER_CARRIER", Quantity.mm(width - limits.widthMm())));
        double height = standing.overallHeightMm();
        tooLarge(
                "HEIGHT_OVER_ROAD_LIMIT",
                height,
                limits.heightMm(),
                Cure.advice("LOWER_BOX", Quantity.mm(height - limits.heightMm())));
        double length = standing.lengthwise().width();
        tooLarge(
                "LENGTH_OVER_ROAD_LIMIT",
                length,
                limits.lengthMm(),
                Cure.advice("SHORTEN_BOX", Quantity.mm(length - limits.lengthMm())));
        if (width >= MARKER_LAMPS_FROM_MM) {
            add(
                    "MARKER_LAMPS_NEEDED",
                    Severity.NOTE,
                    Quantity.mm(width),
                    Limit.atMost(Quantity.mm(MARKER_LAMPS_FROM_MM)),
                    Cure.advice("PLAN_MARKER_LAMPS", Quantity.mm(width)));
        }
    }

    private void tooLarge(String code, double has, double may, Cure cure) {
        if (has > may) {
            add(code, Severity.STOPS, Quantity.mm(has), Limit.atMost(Quantity.mm(may)), cure);
        }
    }

    private void door() {
        double height = standing.overallHeightMm();
        double door = plan.limits().shopDoorMm();
        if (height > door) {
            add(
                    "SHOP_DOOR_TOO_LOW",
                    Severity.WATCH,
                    Quantity.mm(height),
                    Limit.atMost(Quantity.mm(door)),
                    Cure.advice("FINISH_OUTSIDE", Quantity.mm(height - door)));
        }
    }

    private void rear() {
        double overhang = standing.rearOverhangMm();
        if (!(plan.vehicle() instanceof Trailer)) {
            double wheelbase = carrier.rear().placeMm() - carrier.front().placeMm();
            double most = LONG_OVERHANG * wheelbase;
            if (overhang > most) {
                add(
                        "REAR_OVERHANG_LONG",
                        Severity.WATCH,
                        Quantity.mm(overhang),
                        Limit.atMost(Quantity.mm(most)),
                        Cure.advice("SHORTEN_BOX", Quantity.mm(overhang - most)));
            }
        }
        standing.departure()
                .map(Departure::angleDegrees)
                .filter(angle -> angle < FLAT_DEPARTURE_DEGREES)
                .ifPresent(
                        angle ->
                                add(
                                        "DEPARTURE_ANGLE_FLAT",
                                        Severity.WATCH,
                                        Quantity.degrees(angle),
                                        Limit.atLeast(Quantity.degrees(FLAT_DEPARTURE_DEGREES)),
                                        Cure.advice("RAISE_TAIL", Quantity.degrees(angle))));
    }

    private void weights() {
        Vehicle vehicle = plan.vehicle();
        Quantity empty = Quantity.kg(vehicle.emptyKg());
        if (vehicle instanceof Trailer trailer) {
            Quantity coupler = Quantity.kg(trailer.drawbar().emptyKg());
            if (coupler.value() > vehicle.gear().emptyKg()) {
                add(
                        "EMPTY_COUPLER_OVER_EMPTY_MASS",
                        Severity.STOPS,
                        coupler,
                        Limit.atMost(Quantity.kg(vehicle.gear().emptyKg())),
                        Cure.advice("WEIGH_AGAIN", coupler));
            }
        } else if (!vehicle.gear().weighed().driverAboard()) {
            add(
                    "WEIGHED_WITHOUT_DRIVER",
                    Severity.NOTE,
                    Quantity.count(0),
                    Limit.atLeast(Quantity.count(1)),
                    Cure.advice("COUNT_DRIVER_AND_FUEL", Quantity.count(1)));
        }
        Quantity gross = Quantity.kg(vehicle.gear().grossKg());
        if (empty.value() >= gross.value()) {
            add(
                    "EMPTY_OVER_GROSS_RATING",
                    Severity.STOPS,
                    empty,
                    Limit.atMost(gross),
                    Cure.advice("STRONGER_CARRIER", empty));
        }
    }

    private void steel() {
        double rearmost = plan.vehicle().steel().crossMembersMm().getLast();
        if (plan.vehicle() instanceof Trailer) {
            rearmost = Math.max(rearmost, plan.vehicle().axlesMm().getLast());
        }
        double length = plan.vehicle().deck().lengthMm();
        if (rearmost > length) {
            add(
                    "STEEL_BEHIND_DECK",
                    Severity.WATCH,
                    Quantity.mm(rearmost),
                    Limit.atMost(Quantity.mm(length)),
                    Cure.advice("MEASURE_AGAIN", Quantity.mm(rearmost - length)));
        }
        long onWeb =
                plan.vehicle().steel().outriggers().stream()
                        .filter(outrigger -> outrigger.end() == Outrigger.End.WEB)
                        .count();
        if (onWeb > 0) {
            add(
                    "OUTRIGGER_ENDS_ON_WEB",
                    Severity.WATCH,
                    Quantity.count(onWeb),
                    Limit.atMost(Quantity.count(0)),
                    Cure.advice("BRACE_OUTRIGGER_TO_FLANGE", Quantity.count(onWeb)));
        }
    }

    private void add(String code, Severity severity, Quantity demand, Limit limit, Cure cure) {
        findings.add(
                new Finding(code, severity, Place.of(CarrierStation.CARRIER), demand, limit, cure));
    }
}
