package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.Support;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Trailer;

/** Whether the loads are under the ratings and the coupler is in its band. */
final class BalanceCheck {

    /** Least share on the coupler (percent): SAE J2807 and common practice. */
    static final double LEAST_SHARE = 10;

    /** Greatest share on the coupler (percent): SAE J2807 and common practice. */
    static final double MOST_SHARE = 15;

    /** Part of a rating from which a load is called close to it; common practice. */
    static final double CLOSE = 0.95;

    /** Least part of its empty load that a front axle must keep; common practice. */
    static final double LEAST_ON_FRONT_AXLE = 0.9;

    /** Sideways offset from which one side is called heavy (mm); common practice. */
    static final double LEANS_FROM_MM = 50;

    private final Balance balance;
    private final Carrier carrier;
    private final List<Finding> findings = new ArrayList<>();

    private BalanceCheck(Balance balance, Carrier carrier) {
        this.balance = balance;
        this.carrier = carrier;
    }

    static List<Finding> findings(Balance balance, Carrier carrier) {
        BalanceCheck check = new BalanceCheck(balance, carrier);
        Support front = carrier.front();
        Support rear = carrier.rear();
        check.rating("GROSS", balance.massKg(), carrier.vehicle().gear().grossKg());
        check.rating(code(rear), balance.load().rearKg(), rear.ratingKg());
        check.rating(code(front), balance.load().frontKg(), front.ratingKg());
        if (carrier.vehicle() instanceof Trailer) {
            check.share();
        } else {
            check.steering(front);
        }
        check.lean();
        return check.findings;
    }

    private void rating(String what, double has, double may) {
        if (has > CLOSE * may) {
            boolean over = has > may;
            add(
                    what + (over ? "_OVER_RATING" : "_CLOSE_TO_RATING"),
                    over ? Severity.STOPS : Severity.WATCH,
                    Quantity.kg(has),
                    Limit.atMost(Quantity.kg(may)),
                    Cure.advice(
                            over ? "TAKE_WEIGHT_OFF" : "KEEP_MARGIN",
                            Quantity.kg(Math.abs(has - may))));
        }
    }

    private static String code(Support support) {
        return support.key().toUpperCase(Locale.ROOT).replace('-', '_');
    }

    /** A front axle that the load lifts steers badly. */
    private void steering(Support front) {
        double least = LEAST_ON_FRONT_AXLE * front.emptyKg();
        double has = balance.load().frontKg();
        if (has < least) {
            add(
                    "FRONT_AXLE_LIGHT",
                    Severity.WATCH,
                    Quantity.kg(has),
                    Limit.atLeast(Quantity.kg(least)),
                    Cure.advice("MOVE_WEIGHT_FORWARD", Quantity.kg(least - has)));
        }
    }

    private void share() {
        double share = balance.load().frontPercent();
        Quantity is = new Quantity(share, Unit.PERCENT);
        if (share < LEAST_SHARE) {
            Limit limit = Limit.atLeast(new Quantity(LEAST_SHARE, Unit.PERCENT));
            add("COUPLER_SHARE_LOW", Severity.STOPS, is, limit, moved(LEAST_SHARE + 1));
        } else if (share > MOST_SHARE) {
            Limit limit = Limit.atMost(new Quantity(MOST_SHARE, Unit.PERCENT));
            add("COUPLER_SHARE_HIGH", Severity.WATCH, is, limit, moved(MOST_SHARE - 1));
        }
    }

    /** {@return the move of the box that brings the coupler to a share, as far as the deck allows} */
    private Cure moved(double targetPercent) {
        if (balance.boxKg() <= 0) {
            return Cure.advice("MOVE_WEIGHT", Quantity.kg(0));
        }
        double wantedKg = targetPercent / 100 * balance.massKg();
        double missing = wantedKg - balance.load().frontKg();
        double back = -Math.rint(missing * balance.load().rearMm() / balance.boxKg());
        String kind = back > 0 ? "MOVE_BOX_BACK" : "MOVE_BOX_FORWARD";
        double offset = -carrier.deckFrontMm() + back;
        boolean allowed =
                offset >= PlanLimits.BOX_OFFSET.least() && offset <= PlanLimits.BOX_OFFSET.most();
        Quantity amount = Quantity.mm(Math.abs(back));
        return allowed ? Cure.press(kind, amount, "box") : Cure.advice(kind, amount);
    }

    private void lean() {
        double y = balance.centre().y();
        if (Math.abs(y) > LEANS_FROM_MM) {
            add(
                    y > 0 ? "HEAVY_ON_THE_RIGHT" : "HEAVY_ON_THE_LEFT",
                    Severity.WATCH,
                    Quantity.mm(Math.abs(y)),
                    Limit.atMost(Quantity.mm(LEANS_FROM_MM)),
                    Cure.advice("MOVE_WEIGHT_ACROSS", Quantity.mm(Math.abs(y))));
        }
    }

    private void add(String code, Severity severity, Quantity demand, Limit limit, Cure cure) {
        Place place =
                new Place(
                        BalanceStation.BALANCE,
                        "",
                        balance.centre().x(),
                        balance.centre().y(),
                        balance.centre().z());
        findings.add(new Finding(code, severity, place, demand, limit, cure));
    }
}
