package pteron.core.strength;

import pteron.core.figure.Cure;
import pteron.core.mechanics.Check;
import pteron.core.quantity.Quantity;

/** What would make an overloaded part strong enough: a deeper section, or a joint that leaves its metal as it was. */
final class StrengthCure {

    private StrengthCure() {}

    static Cure of(Check check) {
        String kind = check.key().substring(0, check.key().indexOf('.'));
        String part =
                switch (kind) {
                    case "stud", "bend-bow" -> "walls";
                    case "bow" -> "roof";
                    case "bearer" -> "floor";
                    default ->
                            throw new IllegalArgumentException(
                                    "there is no cure for [" + kind + "]");
                };
        return check.key().endsWith(MetalChecks.WELD)
                ? Cure.press("BOLT_TUBES", Quantity.ratio(check.utilisation()), part)
                : deeper(check, part);
    }

    /** Bending stress falls with the square of the depth, deflection with the cube, shear with depth. */
    private static Cure deeper(Check check, String part) {
        double power =
                check.key().endsWith("bending") ? 2 : check.key().endsWith("deflection") ? 3 : 1;
        double factor = Math.pow(check.utilisation(), 1 / power);
        return Cure.press("DEEPER_SECTION", Quantity.ratio(factor), part);
    }
}
