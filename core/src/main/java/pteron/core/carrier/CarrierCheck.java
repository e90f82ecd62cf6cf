package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Trailer;
import pteron.core.quantity.Quantity;

/** Whether the box fits deck and road, and whether the carrier's numbers agree with each other. */
final class CarrierCheck {

    /** Overall width from which marker and identification lamps are needed: 49 CFR 571.108, 80 in. */
    static final double MARKER_LAMPS_FROM_MM = 2032;

    private final BoxPlan plan;
    private final Carrier carrier;
    private final Outline outline;
    private final List<Finding> findings = new ArrayList<>();

    private CarrierCheck(BoxPlan plan, Carrier carrier, Outline outline) {
        this.plan = plan;
        this.carrier = carrier;
        this.outline = outline;
    }

    static List<Finding> findings(BoxPlan plan, Carrier carrier, Outline outline) {
        CarrierCheck check = new CarrierCheck(plan, carrier, outline);
        check.overhangs();
        check.road();
        check.weights();
        return check.findings;
    }

    private void overhangs() {
        double front = carrier.deckFrontMm() - outline.foremostMm();
        double rear = outline.rearmostMm() - carrier.deckRearMm();
        double side = (plan.box().widthMm() - plan.trailer().deck().widthMm()) / 2;
        overhang("BOX_OVERHANGS_DECK_FRONT", front, movedBy(front, -rear));
        overhang("BOX_OVERHANGS_DECK_REAR", rear, movedBy(-rear, -front));
        UnaryOperator<BoxPlan> narrower =
                other -> other.withBox(other.box().withWidth(other.trailer().deck().widthMm()));
        overhang(
                "BOX_OVERHANGS_DECK_SIDES",
                side,
                new Cure("SET_BOX_WIDTH", Quantity.mm(plan.trailer().deck().widthMm()), narrower));
    }

    private Cure movedBy(double backMm, double roomMm) {
        Quantity amount = Quantity.mm(Math.abs(backMm));
        String kind = backMm > 0 ? "MOVE_BOX_BACK" : "MOVE_BOX_FORWARD";
        if (Math.abs(backMm) > roomMm) {
            return Cure.advice("SHORTEN_BOX", amount);
        }
        double offset = plan.box().offsetMm() + backMm;
        return new Cure(kind, amount, other -> other.withBox(other.box().withOffset(offset)));
    }

    private void overhang(String code, double overMm, Cure cure) {
        // half a millimetre is the width of a pencil line and no overhang
        if (overMm > 0.5) {
            double x = code.endsWith("FRONT") ? outline.foremostMm() : outline.rearmostMm();
            findings.add(
                    new Finding(
                            code,
                            Severity.WATCH,
                            Place.of("carrier", "deck").at(x, 0),
                            Quantity.mm(overMm),
                            Limit.atMost(Quantity.mm(0)),
                            cure));
        }
    }

    private void road() {
        double width = Math.max(plan.box().widthMm(), plan.trailer().deck().widthMm());
        double height = plan.trailer().deck().heightMm() + outline.heightMm();
        double widest = plan.loads().roadWidthMm();
        double highest = plan.loads().roadHeightMm();
        if (width > widest) {
            Cure cure =
                    plan.box().widthMm() > widest
                            ? new Cure(
                                    "SET_BOX_WIDTH",
                                    Quantity.mm(widest),
                                    other -> other.withBox(other.box().withWidth(widest)))
                            : Cure.advice("NARROWER_CARRIER", Quantity.mm(width - widest));
            add(
                    "WIDTH_OVER_ROAD_LIMIT",
                    Severity.STOPS,
                    Quantity.mm(width),
                    Limit.atMost(Quantity.mm(widest)),
                    cure);
        }
        if (height > highest) {
            Cure cure = Cure.advice("LOWER_BOX", Quantity.mm(height - highest));
            add(
                    "HEIGHT_OVER_ROAD_LIMIT",
                    Severity.STOPS,
                    Quantity.mm(height),
                    Limit.atMost(Quantity.mm(highest)),
                    cure);
        }
        if (width >= MARKER_LAMPS_FROM_MM) {
            add(
                    "MARKER_LAMPS_NEEDED",
                    Severity.NOTE,
                    Quantity.mm(width),
                    Limit.atMost(Quantity.mm(MARKER_LAMPS_FROM_MM)),
                    Cure.advice("PLAN_MARKER_LAMPS", Quantity.mm(width)));
        }
    }

    private void weights() {
        Trailer trailer = plan.trailer();
        Quantity empty = Quantity.kg(trailer.empty().massKg());
        Quantity coupler = Quantity.kg(trailer.empty().couplerKg());
        if (coupler.value() > empty.value()) {
            add(
                    "EMPTY_COUPLER_OVER_EMPTY_MASS",
                    Severity.STOPS,
                    coupler,
                    Limit.atMost(empty),
                    Cure.advice("WEIGH_AGAIN", coupler));
        }
        Quantity gross = Quantity.kg(trailer.ratings().grossKg());
        if (empty.value() >= gross.value()) {
            add(
                    "EMPTY_OVER_GROSS_RATING",
                    Severity.STOPS,
                    empty,
                    Limit.atMost(gross),
                    Cure.advice("STRONGER_CARRIER", empty));
        }
        double rearmost = Math.max(trailer.axlesMm().getLast(), trailer.crossMembersMm().getLast());
        if (rearmost > trailer.deck().lengthMm()) {
            add(
                    "STEEL_BEHIND_DECK",
                    Severity.WATCH,
                    Quantity.mm(rearmost),
                    Limit.atMost(Quantity.mm(trailer.deck().lengthMm())),
                    Cure.advice(
                            "MEASURE_AGAIN", Quantity.mm(rearmost - trailer.deck().lengthMm())));
        }
    }

    private void add(String code, Severity severity, Quantity demand, Limit limit, Cure cure) {
        findings.add(new Finding(code, severity, Place.of("carrier"), demand, limit, cure));
    }
}
