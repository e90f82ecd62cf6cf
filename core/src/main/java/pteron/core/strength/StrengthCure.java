package pteron.core.strength;

import pteron.core.figure.Cure;
import pteron.core.quantity.Quantity;

/** What would make an overloaded part strong enough: a deeper section, a thicker core or face. */
final class StrengthCure {

    /** Step from one thickness of foam board to the next (mm); common practice. */
    private static final double CORE_STEP_MM = 10;

    /** Step from one thickness of plywood to the next (mm); common practice. */
    private static final double FACE_STEP_MM = 3;

    private StrengthCure() {}

    static Cure of(Check check) {
        String kind = check.key().substring(0, check.key().indexOf('.'));
        return switch (kind) {
            case "stud" -> deeper(check, "walls");
            case "bow" -> deeper(check, "roof");
            case "bearer" -> deeper(check, "floor");
            // closer bearers would not do: the dent under a heel hardly depends on the span
            default ->
                    check.key().endsWith("face-stress")
                            ? Cure.press("THICKER_FACE", Quantity.mm(FACE_STEP_MM), "floor")
                            : Cure.press("THICKER_CORE", Quantity.mm(CORE_STEP_MM), "floor");
        };
    }

    /** Bending stress falls with the square of the depth, deflection with the cube, shear with depth. */
    private static Cure deeper(Check check, String part) {
        double power =
                check.key().endsWith("bending") ? 2 : check.key().endsWith("deflection") ? 3 : 1;
        double factor = Math.pow(check.utilisation(), 1 / power);
        return Cure.press("DEEPER_SECTION", Quantity.ratio(factor), part);
    }
}
