package pteron.core.figure;

import java.util.function.UnaryOperator;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;

/**
 * A change that would mend a finding. Immutable.
 *
 * @param kind stable name of the cure, such as {@code MOVE_BOX_FORWARD}
 * @param amount by how much, or to what
 * @param change what it does to the plan; null where only the builder can decide
 */
public record Cure(String kind, Quantity amount, UnaryOperator<BoxPlan> change) {

    /** {@return a cure that the builder must carry out} */
    public static Cure advice(String kind, Quantity amount) {
        return new Cure(kind, amount, null);
    }

    /** {@return whether one press can carry it out} */
    public boolean canBeApplied() {
        return change != null;
    }
}
