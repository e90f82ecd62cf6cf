package pteron.core.panel;

import pteron.core.figure.Cure;
import pteron.core.quantity.Quantity;
import pteron.core.strength.Check;

/** What would make a panel strong or stiff enough: a thicker core or a thicker loaded face. */
final class PanelCure {

    /** Step from one thickness of foam board to the next (mm); common practice. */
    private static final double CORE_STEP_MM = 10;

    /** Step from one thickness of face to the next (mm); common practice. */
    private static final double FACE_STEP_MM = 3;

    private PanelCure() {}

    static Cure of(Check check, String mode, boolean fails) {
        if (!fails) {
            return Cure.advice("LEAVE_OR_STRENGTHEN", Quantity.ratio(check.utilisation()));
        }
        boolean face =
                mode.endsWith("face") || mode.endsWith("crushing") || mode.endsWith("support");
        return face
                ? Cure.press("THICKER_PANEL_FACE", Quantity.mm(FACE_STEP_MM), check.part())
                : Cure.press("THICKER_PANEL_CORE", Quantity.mm(CORE_STEP_MM), check.part());
    }
}
