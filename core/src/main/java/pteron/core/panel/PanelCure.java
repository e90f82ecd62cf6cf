package pteron.core.panel;

import java.util.function.UnaryOperator;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.figure.Cure;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
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
        String part = check.part();
        UnaryOperator<BoxPlan> change = plan -> plan.withMakeUp(thicker(plan.makeUp(), part, face));
        return face
                ? new Cure("THICKER_PANEL_FACE", Quantity.mm(FACE_STEP_MM), change)
                : new Cure("THICKER_PANEL_CORE", Quantity.mm(CORE_STEP_MM), change);
    }

    private static MakeUp thicker(MakeUp makeUp, String part, boolean face) {
        return switch (part) {
            case "floor" -> makeUp.withFloor(floor(makeUp.floor(), face));
            case "walls" -> makeUp.withWalls(framed(makeUp.walls(), face));
            default -> makeUp.withRoof(framed(makeUp.roof(), face));
        };
    }

    private static Layer more(Layer layer, double mm) {
        return layer.withThickness(layer.thicknessMm() + mm);
    }

    private static Floor floor(Floor floor, boolean face) {
        return face
                ? floor.withTopFace(more(floor.topFace(), FACE_STEP_MM))
                : floor.withCore(more(floor.core(), CORE_STEP_MM));
    }

    private static Framed framed(Framed framed, boolean face) {
        return face
                ? framed.withOuterSkin(more(framed.outerSkin(), FACE_STEP_MM))
                : framed.withInsulation(more(framed.insulation(), CORE_STEP_MM));
    }
}
