package pteron.app.document;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import pteron.core.plan.BoxPlan;

/** The plans before and after the current one. */
final class History {

    private final Deque<BoxPlan> past = new ArrayDeque<>();
    private final Deque<BoxPlan> future = new ArrayDeque<>();
    private String lastMergeKey = "";

    /**
     * Notes that a plan was left by an edit.
     *
     * @param left the plan before the edit
     * @param mergeKey edits in a row with the same key count as one; empty for an edit by itself
     * @return whether it goes on with the edit before
     */
    boolean edited(BoxPlan left, String mergeKey) {
        boolean goesOn = !mergeKey.isEmpty() && mergeKey.equals(lastMergeKey);
        if (!goesOn) {
            past.push(left);
        }
        lastMergeKey = mergeKey;
        future.clear();
        return goesOn;
    }

    /** {@return the plan before the row of merged edits that is going on, which is forgotten; empty for none} */
    Optional<BoxPlan> putBack() {
        boolean goesOn = !lastMergeKey.isEmpty() && !past.isEmpty();
        endMerge();
        return goesOn ? Optional.of(past.pop()) : Optional.empty();
    }

    /** {@return the plan that undo goes back to, empty for none} */
    Optional<BoxPlan> last() {
        return Optional.ofNullable(past.peek());
    }

    /** {@return the plan that redo goes on to, empty for none} */
    Optional<BoxPlan> next() {
        return Optional.ofNullable(future.peek());
    }

    /** Ends a row of merged edits. */
    void endMerge() {
        lastMergeKey = "";
    }

    Optional<BoxPlan> undo(BoxPlan current) {
        return step(past, future, current);
    }

    Optional<BoxPlan> redo(BoxPlan current) {
        return step(future, past, current);
    }

    private Optional<BoxPlan> step(Deque<BoxPlan> from, Deque<BoxPlan> to, BoxPlan current) {
        endMerge();
        if (from.isEmpty()) {
            return Optional.empty();
        }
        to.push(current);
        return Optional.of(from.pop());
    }

    boolean canUndo() {
        return !past.isEmpty();
    }

    boolean canRedo() {
        return !future.isEmpty();
    }
}
