package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanLimits;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Solid;

/** Whether the box clears the solids of its carrier and the cab. */
final class ClearanceCheck {

    /** Share of the cab's window that should be uncovered by one in the box; common practice. */
    static final double IN_LINE = 0.8;

    private final Standing standing;
    private final List<Finding> findings = new ArrayList<>();

    private ClearanceCheck(Standing standing) {
        this.standing = standing;
    }

    static List<Finding> findings(Standing standing) {
        ClearanceCheck check = new ClearanceCheck(standing);
        if (standing.outline().usable()) {
            standing.carrier().clearances().forEach(check::solid);
            check.steel();
            standing.cabGap().ifPresent(check::cab);
        }
        return check.findings;
    }

    private void solid(Clearance clearance) {
        Solid solid = clearance.solid();
        if (solid.kind() == Solid.Kind.CAB) {
            return; // a cab has checks of its own
        }
        boolean clashes = clearance.gapMm() < 0;
        boolean tight =
                clearance.way() == Clearance.Way.SIDEWAYS
                        && clearance.gapMm() <= Clearance.TIGHT_MM;
        if (clashes || tight) {
            double from = standing.carrier().deckFrontMm();
            double x = from + (solid.along().fromMm() + solid.along().toMm()) / 2;
            findings.add(
                    new Finding(
                            clashes ? "BOX_HITS_SOLID" : "SOLID_IS_TIGHT",
                            clashes ? Severity.STOPS : Severity.WATCH,
                            Place.of(CarrierStation.CARRIER, solid.name())
                                    .at(x, solid.up().toMm() - standing.carrier().raisedMm()),
                            Quantity.mm(clearance.gapMm()),
                            Limit.atLeast(Quantity.mm(clashes ? 0 : Clearance.TIGHT_MM)),
                            cure(clearance, clashes)));
        }
    }

    /** A box that stands in the steel of its carrier, as one with a dropped floor over it. */
    private void steel() {
        Carrier carrier = standing.carrier();
        Clearances clearances =
                new Clearances(standing.plan().box(), carrier.deckFrontMm(), standing.outline());
        for (SteelClash clash : clearances.steel(standing.vehicle())) {
            double raise = Math.ceil(carrier.raisedMm() + clash.overlapMm());
            findings.add(
                    new Finding(
                            "BOX_HITS_STEEL",
                            Severity.STOPS,
                            Place.of(CarrierStation.CARRIER, clash.part())
                                    .at(clash.xMm(), clash.zMm()),
                            Quantity.mm(clash.overlapMm()),
                            Limit.atMost(Quantity.mm(0)),
                            raise <= PlanLimits.RAISED.most()
                                    ? Cure.press("SET_SUB_FRAME", Quantity.mm(raise), "box")
                                    : Cure.advice(
                                            "MOVE_OR_CUT_OUT", Quantity.mm(clash.overlapMm()))));
        }
    }

    private Cure cure(Clearance clearance, boolean clashes) {
        Solid solid = clearance.solid();
        if (solid.kind() == Solid.Kind.TAILGATE && standing.vehicle() instanceof Pickup) {
            return Cure.press(
                    "TAKE_OFF_TAILGATE", Quantity.mm(Math.abs(clearance.gapMm())), "tailgate");
        }
        double width = Math.floor(2 * (solid.across().fromMm() - Clearance.TIGHT_MM - 1));
        boolean beside = solid.mirrored() && width >= PlanLimits.BOX_WIDTH.least();
        if (beside && clearance.way() == Clearance.Way.SIDEWAYS) {
            return Cure.press("SET_BOX_WIDTH", Quantity.mm(width), "box");
        }
        double raise = Math.ceil(clearance.clearedAtMm());
        boolean raises = clashes && raise > 0 && raise <= PlanLimits.RAISED.most();
        return raises
                ? Cure.press("SET_SUB_FRAME", Quantity.mm(raise), "box")
                : Cure.advice("MOVE_OR_CUT_OUT", Quantity.mm(Math.abs(clearance.gapMm())));
    }

    private void cab(CabGap gap) {
        Cab cab = standing.vehicle().cab().orElseThrow();
        double missing = gap.behindNeedsMm() - gap.behindMm();
        double low = gap.overNeedsMm() - gap.overMm();
        if (missing > 0) {
            narrow(
                    "CAB_GAP_SMALL",
                    gap.behindMm(),
                    gap.behindNeedsMm(),
                    gap.reachesOver() && low > 0 && low < missing
                            ? raised(low)
                            : Cure.press("MOVE_BOX_BACK", Quantity.mm(Math.ceil(missing)), "box"));
        }
        if (gap.reachesOver() && low > 0) {
            narrow("CAB_ROOF_GAP_SMALL", gap.overMm(), gap.overNeedsMm(), raised(low));
        }
        if (cab.window().exists()) {
            window();
        }
    }

    /** {@return the sub-frame that lifts the part over the cab clear of its roof} */
    private Cure raised(double lowMm) {
        double raise = Math.ceil(standing.carrier().raisedMm() + lowMm);
        return lowMm > 0 && raise <= PlanLimits.RAISED.most()
                ? Cure.press("SET_SUB_FRAME", Quantity.mm(raise), "box")
                : Cure.advice("RAISE_OVER_CAB", Quantity.mm(Math.max(0, lowMm)));
    }

    private void narrow(String code, double has, double needs, Cure cure) {
        findings.add(
                new Finding(
                        code,
                        has < 0 ? Severity.STOPS : Severity.WATCH,
                        Place.of(CarrierStation.CARRIER, "cab"),
                        Quantity.mm(has),
                        Limit.atLeast(Quantity.mm(needs)),
                        cure));
    }

    private void window() {
        double share = standing.windowInLine();
        boolean any =
                standing.plan().openings().stream()
                        .anyMatch(
                                opening ->
                                        opening.wall().equals(Wall.FRONT)
                                                && opening.kind() == Opening.Kind.WINDOW);
        if (share < IN_LINE) {
            findings.add(
                    new Finding(
                            any ? "CAB_WINDOW_NOT_IN_LINE" : "CAB_WINDOW_COVERED",
                            any ? Severity.WATCH : Severity.NOTE,
                            Place.of(CarrierStation.CARRIER, "cab"),
                            Quantity.ratio(share),
                            Limit.atLeast(Quantity.ratio(IN_LINE)),
                            Cure.advice("MOVE_FRONT_WINDOW", Quantity.ratio(share))));
        }
    }
}
