package pteron.app.drawing;

import java.util.Optional;
import pteron.app.document.PlanDocument;
import pteron.core.drawing.Grip;
import pteron.core.edit.NumberField;
import pteron.core.edit.PlanFields;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** Turns drags, keys and typed dimensions into edits of a document, in mm. */
public final class DrawingBehavior {

    /** Step that a dragged opening snaps to (mm), and in inches (mm): a sixteenth. */
    private static final double STEP_MM = 5;

    private static final double STEP_INCH_MM = 25.4 / 16;

    private final PlanDocument document;
    private Grip dragged;
    private Opening.Place start;
    private int drags;

    /** The behaviour of a document's drawing. */
    public DrawingBehavior(PlanDocument document) {
        this.document = document;
    }

    /** Takes hold of an opening. */
    public void press(Grip grip) {
        dragged = grip;
        start = document.plan().opening(grip.opening()).place();
        drags++;
    }

    /**
     * Drags the opening that is held.
     *
     * @param rightMm how far to the right since it was taken hold of (mm of the view)
     * @param upMm how far up (mm of the view)
     */
    public void drag(double rightMm, double upMm) {
        if (dragged == null) {
            return;
        }
        double along = snapped(start.alongMm() + rightMm * dragged.alongPerRight());
        boolean door = document.plan().opening(dragged.opening()).kind() == Opening.Kind.DOOR;
        double sill = door ? start.sillMm() : snapped(start.sillMm() + upMm);
        move(dragged.opening(), new Opening.Place(along, sill), "drag-" + drags);
    }

    /** Lets go. */
    public void release() {
        dragged = null;
        document.endMerge();
    }

    /** Moves an opening by keys (mm along its wall and up); presses in a row count as one edit. */
    public void nudge(String opening, double alongMm, double upMm) {
        Opening.Place old = document.plan().opening(opening).place();
        Opening.Place to = new Opening.Place(old.alongMm() + alongMm, old.sillMm() + upMm);
        move(opening, to, "nudge-" + opening);
    }

    private void move(String opening, Opening.Place to, String mergeKey) {
        document.edit(plan -> plan.withOpening(opening, o -> o.withPlace(to)), mergeKey);
    }

    private double snapped(double mm) {
        double step = document.plan().units() == UnitSystem.INCHES ? STEP_INCH_MM : STEP_MM;
        return Math.rint(mm / step) * step;
    }

    /**
     * Sets a field by what was typed.
     *
     * @param key key of the field
     * @param text what was typed
     * @return a sentence for the builder when it was refused, empty when it was taken
     */
    public Optional<String> type(String key, String text) {
        BoxPlan plan = document.plan();
        try {
            NumberField field =
                    PlanFields.of(plan, MaterialLibrary.starting())
                            .number(key)
                            .orElseThrow(() -> new IllegalArgumentException("this part is gone"));
            double value = value(field, text, plan.units());
            document.edit(before -> field.with(before, value));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    private static double value(NumberField field, String text, UnitSystem units) {
        if (field.unit() == Unit.MILLIMETRE) {
            return LengthText.parse(text, units);
        }
        String number = text.replaceAll("[^0-9.,+-]", "").replace(',', '.');
        try {
            return field.unit().fromShown(Double.parseDouble(number), units);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "“%s” is not a number; write it like 12.5".formatted(text), e);
        }
    }
}
