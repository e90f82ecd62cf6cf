package pteron.app.document;

import pteron.core.field.PlanDifference;
import pteron.core.model.BoxModel;

/**
 * What was done to the plan last. Immutable.
 *
 * @param before everything that followed before
 * @param after everything that follows now
 * @param way how it came about
 */
public record Change(BoxModel before, BoxModel after, Way way) {
    /** How a plan comes to be another. */
    public enum Way {
        /** Something was edited. */
        EDITED,
        /** An edit was taken back. */
        TAKEN_BACK,
        /** An edit was done again. */
        DONE_AGAIN
    }

    /** {@return what differs in the plan, in a line} */
    public String words() {
        return way == Way.TAKEN_BACK
                ? PlanDifference.text(after.plan(), before.plan())
                : PlanDifference.text(before.plan(), after.plan());
    }
}
