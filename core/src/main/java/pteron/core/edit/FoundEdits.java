package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.plan.BoxPlan;

/** What was found in a bought shell: told, changed, taken back. */
public final class FoundEdits {

    /** A hand's breadth of a damage that is only just told (mm). */
    private static final double JUST_TOLD_MM = 100;

    private FoundEdits() {}

    /**
     * {@return a plan with its shell changed}
     *
     * @throws IllegalArgumentException if nothing was found
     */
    public static BoxPlan with(BoxPlan plan, FoundShell other) {
        shell(plan);
        return plan.withFound(Optional.of(other));
    }

    /** {@return a plan with a damage more, on the floor near the rear, where it mostly is} */
    public static BoxPlan withDamage(BoxPlan plan) {
        FoundShell shell = shell(plan);
        List<Damage> damages = new ArrayList<>(shell.damages());
        double rear = plan.box().outline().getLast().xMm();
        damages.add(
                new Damage(
                        Damage.Kind.ROT,
                        Damage.Face.FLOOR,
                        Math.max(0, rear - 4 * JUST_TOLD_MM),
                        JUST_TOLD_MM,
                        JUST_TOLD_MM,
                        JUST_TOLD_MM));
        return with(plan, shell.withDamages(damages));
    }

    /** {@return a plan without its last damage, as it is without any} */
    public static BoxPlan withoutDamage(BoxPlan plan) {
        FoundShell shell = shell(plan);
        int count = shell.damages().size();
        return count == 0
                ? plan
                : with(plan, shell.withDamages(shell.damages().subList(0, count - 1)));
    }

    private static FoundShell shell(BoxPlan plan) {
        return plan.found()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "the shell is built, not found; begin with one that is there"));
    }
}
