package pteron.app.document;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import pteron.app.keep.Stamp;
import pteron.core.field.PlanDifference;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;

/** One plan being worked on. Used on the interface thread only. */
public final class PlanDocument {

    private final ReadOnlyObjectWrapper<BoxModel> model = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
    private final ReadOnlyStringWrapper notKept = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Change> lastChange = new ReadOnlyObjectWrapper<>();
    private final History history = new History();
    private BoxPlan saved;
    private Stamp stamp;

    /**
     * A document of a plan.
     *
     * @param plan the plan
     * @param file where it was read from, null for a new one
     */
    public PlanDocument(BoxPlan plan, Path file) {
        this(BoxModel.of(plan, MaterialLibrary.starting()), file, Stamp.NONE);
    }

    /**
     * A document of what follows from a plan.
     *
     * @param worked everything that follows from the plan
     * @param file where it was read from, null for a new one
     * @param stamp the file as it was read
     */
    public PlanDocument(BoxModel worked, Path file, Stamp stamp) {
        this.saved = worked.plan();
        this.stamp = stamp;
        this.file.set(file);
        model.set(worked);
    }

    /** Takes the plan as changed, whatever is saved: it comes from another place than its file. */
    public void neverSaved() {
        saved = null;
        update();
    }

    /** {@return why the plan cannot be kept against a power cut, empty while it can} */
    public ReadOnlyStringProperty notKeptProperty() {
        return notKept.getReadOnlyProperty();
    }

    /** Tells whether the plan can be kept against a power cut: empty when it can, else why not. */
    public void setNotKept(String sentence) {
        notKept.set(sentence);
    }

    /** {@return the file as it was read or saved last} */
    public Stamp stamp() {
        return stamp;
    }

    /** {@return everything that follows from the current plan} */
    public ReadOnlyObjectProperty<BoxModel> modelProperty() {
        return model.getReadOnlyProperty();
    }

    /** {@return everything that follows from the current plan} */
    public BoxModel model() {
        return model.get();
    }

    /** {@return the current plan} */
    public BoxPlan plan() {
        return model.get().plan();
    }

    /** {@return where the plan is saved, null while it never was} */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** {@return where the plan is saved, empty while it never was} */
    public Optional<Path> file() {
        return Optional.ofNullable(file.get());
    }

    /** {@return whether there is something that is not saved} */
    public ReadOnlyBooleanProperty changedProperty() {
        return changed.getReadOnlyProperty();
    }

    /** {@return whether there is an edit to undo} */
    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    /** {@return whether there is an edit to do again} */
    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    /**
     * Changes the plan.
     *
     * @param change makes the new plan; one that is equal changes nothing
     * @throws IllegalArgumentException if the change asks for a value out of its range; nothing changes
     */
    public void edit(UnaryOperator<BoxPlan> change) {
        edit(change, "");
    }

    /**
     * Changes the plan; edits in a row with the same merge key count as one.
     *
     * @param change makes the new plan; one that is equal changes nothing
     * @param mergeKey the key, empty for an edit by itself
     * @throws IllegalArgumentException if the change asks for a value out of its range; nothing changes
     */
    public void edit(UnaryOperator<BoxPlan> change, String mergeKey) {
        BoxPlan before = plan();
        BoxPlan after = change.apply(before);
        if (!after.equals(before)) {
            BoxModel old = model();
            BoxModel worked = worked(after);
            boolean goesOn = history.edited(before, mergeKey) && lastChange.get() != null;
            show(worked);
            lastChange.set(
                    new Change(
                            goesOn ? lastChange.get().before() : old, worked, Change.Way.EDITED));
        }
    }

    /** Ends a row of merged edits, as when the mouse is let go. */
    public void endMerge() {
        history.endMerge();
    }

    /** Takes back the row of merged edits that is going on, as if it had never been begun. */
    public void putBack() {
        history.putBack().ifPresent(plan -> show(worked(plan)));
    }

    /** Takes the last edit back. */
    public void undo() {
        history.undo(plan()).ifPresent(plan -> step(plan, Change.Way.TAKEN_BACK));
    }

    /** Does the edit again that was taken back last. */
    public void redo() {
        history.redo(plan()).ifPresent(plan -> step(plan, Change.Way.DONE_AGAIN));
    }

    private void step(BoxPlan plan, Change.Way way) {
        BoxModel old = model();
        show(worked(plan));
        lastChange.set(new Change(old, model(), way));
    }

    /** {@return what was done last, null while nothing was} */
    public ReadOnlyObjectProperty<Change> changeProperty() {
        return lastChange.getReadOnlyProperty();
    }

    /** {@return what undo would take back, in a line; empty for nothing} */
    public String undoWords() {
        return history.last().map(before -> PlanDifference.text(before, plan())).orElse("");
    }

    /** {@return what redo would do again, in a line; empty for nothing} */
    public String redoWords() {
        return history.next().map(after -> PlanDifference.text(plan(), after)).orElse("");
    }

    private BoxModel worked(BoxPlan plan) {
        SlowMachine.delay();
        return model().after(plan);
    }

    private void show(BoxModel worked) {
        model.set(worked);
        update();
    }

    private void update() {
        changed.set(!plan().equals(saved));
        canUndo.set(history.canUndo());
        canRedo.set(history.canRedo());
    }

    /**
     * Notes that a plan has been saved.
     *
     * @param plan the plan that was written, which may not be the current one any more
     * @param where the file
     * @param there the file as it was written
     */
    public void savedAs(BoxPlan plan, Path where, Stamp there) {
        saved = plan;
        stamp = there;
        file.set(where);
        update();
    }
}
