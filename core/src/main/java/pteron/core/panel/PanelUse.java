package pteron.core.panel;

import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
import pteron.core.makeup.MakeUpStation;
import pteron.core.mechanics.Check;
import pteron.core.quantity.Quantity;

/**
 * How hard a panel works under one load in one way. Immutable.
 *
 * @param part the part of the box
 * @param load the load
 * @param mode the way
 * @param check demand against capacity
 * @param turned utilisation with the sheets of both faces turned along the span, above 1 where turning is no help
 */
public record PanelUse(PanelPart part, PanelLoad load, PanelMode mode, Check check, double turned) {

    /** Step from one thickness of foam board to the next (mm); common practice. */
    private static final double CORE_STEP_MM = 10;

    /** Step from one thickness of face to the next (mm); common practice. */
    private static final double FACE_STEP_MM = 3;

    /** What turning its sheets would do is not known. */
    PanelUse(PanelPart part, PanelLoad load, PanelMode mode, Check check) {
        this(part, load, mode, check, Double.MAX_VALUE);
    }

    /** {@return the same use that would be another with its sheets turned} */
    PanelUse turnedTo(double utilisation) {
        return new PanelUse(part, load, mode, check, utilisation);
    }

    /** {@return the harder of two} */
    PanelUse harder(PanelUse other) {
        return other.check.utilisation() > check.utilisation() ? other : this;
    }

    Figure figure() {
        return Figure.of(
                MakeUpStation.MAKE_UP.figure("panel." + check.key()),
                check.name(),
                Quantity.ratio(check.utilisation()),
                check.working());
    }

    /** {@return whether it is close to its limit or over it} */
    boolean isWorthTelling() {
        return Verdict.of(check.utilisation()) != Verdict.HOLDS;
    }

    Finding finding() {
        boolean fails = Verdict.of(check.utilisation()) == Verdict.FAILS;
        return new Finding(
                (fails ? "PANEL_FAILS_" : "PANEL_CLOSE_") + mode.name(),
                fails && isGrave() ? Severity.STOPS : Severity.WATCH,
                Place.of(MakeUpStation.MAKE_UP, part.title() + ", " + load.words()),
                check.demand(),
                Limit.atMost(check.capacity()),
                cure(fails));
    }

    /** A panel that sags is soft, a roof need not be walked on: neither stops the job. */
    private boolean isGrave() {
        boolean onRoof = part == PanelPart.ROOF && load.key().equals(PanelLoad.HEEL);
        return mode != PanelMode.SAG && !onRoof;
    }

    private Cure cure(boolean fails) {
        if (!fails) {
            return Cure.advice("LEAVE_OR_STRENGTHEN", Quantity.ratio(check.utilisation()));
        }
        if (turned <= 1) {
            return Cure.press("TURN_SHEETS", Quantity.ratio(turned), part.buildUp());
        }
        if (mode.isMendedByFace() && part == PanelPart.OVER_CAB_FLOOR) {
            return Cure.press("THICKER_LINING", Quantity.mm(FACE_STEP_MM), part.buildUp());
        }
        return mode.isMendedByFace()
                ? Cure.press("THICKER_PANEL_FACE", Quantity.mm(FACE_STEP_MM), part.buildUp())
                : Cure.press("THICKER_PANEL_CORE", Quantity.mm(CORE_STEP_MM), part.buildUp());
    }
}
