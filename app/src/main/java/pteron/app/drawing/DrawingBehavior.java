package pteron.app.drawing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import pteron.app.document.PlanDocument;
import pteron.core.drawing.Grip;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.Snapping;
import pteron.core.field.LengthsField;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.geometry.Point2;
import pteron.core.material.MaterialLibrary;
import pteron.core.placing.OpeningEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.RefusalWords;

/** Turns drags, keys and typed dimensions into edits of a document, in mm. */
public final class DrawingBehavior {

    /** Step that a dragged part snaps to (mm), and in inches (mm): a sixteenth. */
    private static final double STEP_MM = 5;

    private static final double STEP_INCH_MM = 25.4 / 16;

    /** Step that a dragged layer snaps to (mm). */
    private static final double LAYER_STEP_MM = 0.5;

    /** How near a handle of the outline must be to snap at the most (mm). */
    private static final double REACH_MM = 45;

    /** How near a handle of the outline must be to snap when the drawing is enlarged (pixels). */
    private static final double REACH_PIXELS = 8;

    private final PlanDocument document;
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper("");
    private Grip dragged;

    /** The plan as the drag has left it: another one is somebody else's. */
    private BoxPlan left;

    private List<String> together = List.of();
    private BoxPlan before;
    private Point2 start = new Point2(0, 0);
    private int drags;

    /** The behaviour of a document's drawing. */
    public DrawingBehavior(PlanDocument document) {
        this.document = document;
    }

    /** {@return what the handle that is dragged has snapped to, in words, or empty} */
    public ReadOnlyStringProperty hintProperty() {
        return hint.getReadOnlyProperty();
    }

    /** Takes hold of something. */
    public void press(Grip grip) {
        press(grip, List.of());
    }

    /** Takes hold of something; openings that are chosen with it go along. */
    public void press(Grip grip, List<String> chosen) {
        dragged = grip;
        together = chosen.contains(grip.part()) ? List.copyOf(chosen) : List.of(grip.part());
        before = document.plan();
        left = before;
        start = place(grip);
        drags++;
    }

    /** {@return where what is held lies: along and up, or thickness} */
    private Point2 place(Grip grip) {
        return switch (grip.kind()) {
            case OPENING -> {
                Opening.Place place = document.plan().opening(grip.part()).place();
                yield new Point2(place.alongMm(), place.sillMm());
            }
            case OUTLINE -> OutlineHandle.of(grip.part()).at(document.plan());
            case LINE -> new Point2(0, 0);
            case LAYER, LAYER_DOWN ->
                    new Point2(
                            0,
                            field(grip.part())
                                    .map(f -> f.value(document.plan()).value())
                                    .orElse(0.0));
        };
    }

    /**
     * Drags what is held.
     *
     * @param rightMm how far to the right since it was taken hold of (mm of the view)
     * @param upMm how far up (mm of the view)
     * @param pixelMm how much a pixel is (mm of the view)
     */
    public void drag(double rightMm, double upMm, double pixelMm) {
        if (dragged == null) {
            return;
        }
        if (!document.plan().equals(left)) {
            // undone, or edited by another hand: what was dragged stays as that left it
            release();
            return;
        }
        String key = "drag-" + drags;
        Point2 by = dragged.axes().moved(new Point2(rightMm, upMm));
        switch (dragged.kind()) {
            case OPENING -> dragOpenings(by.u(), by.v(), key);
            case LINE -> dragLine(by, key);
            case OUTLINE -> dragHandle(start.plus(by), pixelMm, key);
            case LAYER -> dragLayer(start.v() + upMm, key);
            case LAYER_DOWN -> dragLayer(start.v() - upMm, key);
        }
        left = document.plan();
    }

    /**
     * Ends a drag whose handle is gone: another view is looked at, or the window has lost the hand. What was dragged stays
     * where it is, as one edit.
     */
    public void interrupt() {
        if (isDragging()) {
            release();
        }
    }

    /** {@return whether what is held is among some grips} */
    boolean holdsOneOf(List<Grip> grips) {
        return grips.stream().anyMatch(grip -> grip.part().equals(dragged.part()));
    }

    /** All that are held go as far as the one under the pointer; doors stay on the floor. */
    private void dragOpenings(double alongMm, double upMm, String key) {
        double along = snappedFrom(start.u(), alongMm) - start.u();
        double up = snappedFrom(start.v(), upMm) - start.v();
        List<String> doors =
                together.stream().filter(id -> before.opening(id).standsOnFloor()).toList();
        List<String> others = together.stream().filter(id -> !doors.contains(id)).toList();
        edit(
                plan ->
                        OpeningEdits.moved(
                                OpeningEdits.moved(before, doors, along, 0), others, along, up),
                key);
    }

    private void dragLine(Point2 by, String key) {
        int corner = OutlineHandle.arrivesAt(dragged.part());
        OutlinePoint end = before.box().outline().get(corner);
        double along = snappedFrom(end.xMm(), by.u()) - end.xMm();
        double up = snappedFrom(end.zMm(), by.v()) - end.zMm();
        edit(plan -> OutlineTools.lineMoved(before, corner, new Point2(along, up)), key);
    }

    private void dragHandle(Point2 to, double pixelMm, String key) {
        OutlineHandle handle = OutlineHandle.of(dragged.part());
        double reach = Math.min(REACH_MM, REACH_PIXELS * pixelMm);
        Point2 stepped = new Point2(snapped(to.u()), snapped(to.v()));
        Snapping.Snap snap = handle.snapped(document.plan(), stepped, reach);
        hint.set(snap.words());
        edit(plan -> handle.moved(plan, snap.at()), key);
    }

    private void dragLayer(double thickness, String key) {
        double step =
                document.plan().units() == UnitSystem.INCHES ? STEP_INCH_MM / 2 : LAYER_STEP_MM;
        double rounded = Math.rint(thickness / step) * step;
        Optional<NumberField> field = field(dragged.part());
        if (field.isPresent() && rounded >= step) {
            edit(plan -> field.get().with(plan, rounded), key);
        }
    }

    private Optional<NumberField> field(String key) {
        return PlanFields.of(document.plan(), MaterialLibrary.starting()).number(key);
    }

    /** {@return whether something is held} */
    public boolean isDragging() {
        return dragged != null;
    }

    /** Puts back what is held, as if it had never been moved. */
    public void putBack() {
        boolean own = document.plan().equals(left);
        dragged = null;
        hint.set("");
        if (own && !document.plan().equals(before)) {
            document.putBack();
        }
    }

    /** Lets go. */
    public void release() {
        dragged = null;
        hint.set("");
        document.endMerge();
    }

    /** Moves what is chosen by keys (mm along and up); presses in a row count as one edit. */
    public void nudge(Grip grip, double alongMm, double upMm) {
        nudge(grip, alongMm, upMm, List.of());
    }

    /** Moves what is chosen by keys, openings that are chosen with it alike. */
    public void nudge(Grip grip, double alongMm, double upMm, List<String> chosen) {
        String key = "nudge-" + grip.part();
        if (grip.kind() == Grip.Kind.LINE) {
            int corner = OutlineHandle.arrivesAt(grip.part());
            edit(plan -> OutlineTools.lineMoved(plan, corner, new Point2(alongMm, upMm)), key);
            return;
        }
        if (grip.kind() == Grip.Kind.OPENING) {
            List<String> all = chosen.contains(grip.part()) ? chosen : List.of(grip.part());
            edit(plan -> OpeningEdits.moved(plan, all, alongMm, upMm), key);
            return;
        }
        Point2 old = place(grip);
        switch (grip.kind()) {
            case OPENING, LINE -> {}
            case OUTLINE -> {
                Point2 to = old.plus(new Point2(alongMm, upMm));
                edit(plan -> OutlineHandle.of(grip.part()).moved(plan, to), key);
            }
            case LAYER, LAYER_DOWN -> {
                dragged = grip;
                dragLayer(old.v() + Math.signum(upMm) * LAYER_STEP_MM, key);
                dragged = null;
            }
        }
    }

    /** Edits the plan; past what it allows the last good place stays, and the hint says why. */
    private void edit(UnaryOperator<BoxPlan> edit, String mergeKey) {
        try {
            document.edit(edit, mergeKey);
        } catch (IllegalArgumentException e) {
            hint.set(RefusalWords.of(e, document.plan().units()));
        }
    }

    /** A way that is shorter than half a step leaves a place that lies between steps as it is. */
    private double snappedFrom(double from, double by) {
        double step = document.plan().units() == UnitSystem.INCHES ? STEP_INCH_MM : STEP_MM;
        return Math.abs(by) < step / 2 ? from : snapped(from + by);
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
            PlanFields fields = PlanFields.of(plan, MaterialLibrary.starting());
            Optional<LengthsField> lengths = fields.lengths(key);
            if (lengths.isPresent()) {
                document.edit(before -> lengths.get().typed(before, typed(text)));
                return Optional.empty();
            }
            NumberField field =
                    fields.number(key)
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "This part no longer exists"));
            double value = value(field, typed(text), plan.units());
            document.edit(before -> field.with(before, value));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(RefusalWords.of(e, plan.units()));
        }
    }

    private static String typed(String text) {
        if (text.isBlank()) {
            throw new IllegalArgumentException(
                    "Enter a value, or press Escape to keep the old one");
        }
        return text;
    }

    private static double value(NumberField field, String text, UnitSystem units) {
        if (field.unit() == Unit.MILLIMETRE) {
            return LengthText.parse(text, units);
        }
        String symbol = field.unit().symbol(units);
        String plain = text.strip();
        String number =
                !symbol.isEmpty() && plain.endsWith(symbol)
                        ? plain.substring(0, plain.length() - symbol.length())
                        : plain;
        OptionalDouble parsed = NumberText.parse(number);
        if (parsed.isEmpty()) {
            throw new IllegalArgumentException(
                    "“%s” is not a number: enter one like 12.5".formatted(text));
        }
        return field.unit().fromShown(parsed.getAsDouble(), units);
    }
}
