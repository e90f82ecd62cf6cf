package pteron.core.cure;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Members;
import pteron.core.edit.ShopSizes;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;

/**
 * Sizes that may be tried for a part that is too weak: the two or three inputs that its figure is made of, one step of the
 * shop after the other. Which of them acts is found by trying: a bearer under a wing is a member of the walls.
 */
final class Sizes {

    /** Steps of the shop tried for the part that the finding names. */
    private static final int STEPS = 5;

    /** Steps tried for each other part. */
    private static final int STEPS_ELSEWHERE = 3;

    /** Shares of the spacing that are tried. */
    private static final double[] CLOSER = {0.75, 0.6, 0.5};

    /** Least spacing of members (mm); common practice. */
    private static final double LEAST_SPACING_MM = 200;

    /** Spacings are told in steps of this (mm). */
    private static final double SPACING_STEP_MM = 5;

    /** How often the step of a panel's layer is taken. */
    private static final int[] LAYER_STEPS = {2, 3, 5};

    /** Step from one thickness of face to the next (mm); common practice. */
    private static final double FACE_STEP_MM = 3;

    /** Step from one thickness of core to the next (mm); common practice. */
    private static final double CORE_STEP_MM = 10;

    private Sizes() {}

    /** {@return the next depths of the shop for members that are too weak; none for other findings} */
    static List<Cure> of(BoxPlan plan, Finding finding) {
        return finding.cure().kind().equals("DEEPER_SECTION")
                ? depths(plan, part(finding), STEPS)
                : List.of();
    }

    /** {@return what else may be tried: closer members, deeper ones of another part, thicker layers} */
    static List<Cure> further(BoxPlan plan, Finding finding) {
        String kind = finding.cure().kind();
        if (kind.equals("DEEPER_SECTION")) {
            return members(plan, part(finding));
        }
        boolean panel =
                kind.equals("THICKER_PANEL_FACE")
                        || kind.equals("THICKER_LINING")
                        || kind.equals("THICKER_PANEL_CORE")
                        || kind.equals("TURN_SHEETS");
        return panel ? layers(plan, part(finding)) : List.of();
    }

    private static String part(Finding finding) {
        return finding.cure().press().orElseThrow().part();
    }

    private static List<Cure> members(BoxPlan plan, String part) {
        List<Cure> cures = new ArrayList<>(closer(plan, part));
        for (String other : List.of("walls", "roof", "floor")) {
            if (!other.equals(part)) {
                cures.addAll(depths(plan, other, STEPS_ELSEWHERE));
            }
        }
        return cures;
    }

    private static List<Cure> depths(BoxPlan plan, String part, int most) {
        return ShopSizes.deeperThan(members(plan.makeUp(), part).section(), plan.units()).stream()
                .limit(most)
                .map(depth -> Cure.press("MEMBER_DEPTH", Quantity.mm(depth), part))
                .toList();
    }

    private static List<Cure> closer(BoxPlan plan, String part) {
        double now = members(plan.makeUp(), part).spacingMm();
        List<Cure> cures = new ArrayList<>();
        for (double share : CLOSER) {
            double to = Math.floor(now * share / SPACING_STEP_MM) * SPACING_STEP_MM;
            if (to >= LEAST_SPACING_MM) {
                cures.add(Cure.press("MEMBER_SPACING", Quantity.mm(to), part));
            }
        }
        return cures;
    }

    private static List<Cure> layers(BoxPlan plan, String part) {
        List<Cure> cures = new ArrayList<>();
        for (int steps : LAYER_STEPS) {
            cures.add(step("THICKER_PANEL_CORE", steps * CORE_STEP_MM, part));
            cures.add(step("THICKER_PANEL_FACE", steps * FACE_STEP_MM, part));
            cures.add(step("THICKER_FAR_FACE", (steps - 1) * FACE_STEP_MM, part));
        }
        if (part.equals("floor")) {
            cures.addAll(closer(plan, part));
        }
        return cures;
    }

    private static Cure step(String kind, double mm, String part) {
        return Cure.press(kind, Quantity.mm(mm), part);
    }

    private static Members members(MakeUp makeUp, String part) {
        return switch (part) {
            case "floor" -> makeUp.floor().bearers();
            case "walls" -> makeUp.walls().members();
            default -> makeUp.roof().members();
        };
    }
}
