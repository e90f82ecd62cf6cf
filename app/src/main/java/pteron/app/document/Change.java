package pteron.app.document;

import java.util.List;
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
        return PlanDifference.text(from().plan(), to().plan());
    }

    /** {@return the first thing that differs, and how many more} */
    public String shortWords() {
        List<String> lines = PlanDifference.lines(from().plan(), to().plan());
        return lines.size() < 2
                ? words()
                : "%s and %d more".formatted(lines.getFirst(), lines.size() - 1);
    }

    private BoxModel from() {
        return way == Way.TAKEN_BACK ? after : before;
    }

    private BoxModel to() {
        return way == Way.TAKEN_BACK ? before : after;
    }
}
