package pteron.app.side;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.station.Cells;
import pteron.app.station.FieldRow;
import pteron.app.station.Workbench;
import pteron.core.edit.OutlineHandle;
import pteron.core.field.Field;
import pteron.core.field.PlanFields;
import pteron.core.plan.PlanKeys;

/** The inputs of what is chosen in the drawing, and nothing else. */
public final class ChosenPane extends ScrollPane {

    private final Workbench bench;
    private final DrawingBehavior behavior;
    private final VBox rows = new VBox();
    private final List<FieldRow> shown = new ArrayList<>();
    private List<String> shownKeys = List.of();

    /** Inputs of what is chosen, following a workbench. */
    public ChosenPane(Workbench bench) {
        this.bench = bench;
        this.behavior = new DrawingBehavior(bench.document());
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().add("plain-scroll");
        rows.getStyleClass().add("rows");
        bench.selectedProperty().subscribe(part -> update());
        bench.document().modelProperty().subscribe(model -> update());
    }

    private void update() {
        List<Field> fields = fields(bench.selectedProperty().get());
        List<String> keys = fields.stream().map(FieldRow::id).toList();
        if (!keys.equals(shownKeys) || keys.isEmpty()) {
            shownKeys = keys;
            rebuild(fields);
            return;
        }
        for (int i = 0; i < fields.size(); i++) {
            shown.get(i).show(fields.get(i));
        }
    }

    private void rebuild(List<Field> fields) {
        rows.getChildren().clear();
        shown.clear();
        if (fields.isEmpty()) {
            String part = bench.selectedProperty().get();
            Label none =
                    Cells.quiet(
                            part.isEmpty()
                                    ? "Nothing selected. Click a part in the drawing to edit its sizes here."
                                    : "This part has no size of its own; it follows from the plan. Frame shows members with their cuts.");
            none.setWrapText(true);
            rows.getChildren().add(none);
        }
        for (Field field : fields) {
            FieldRow row = new FieldRow(bench, behavior, field);
            shown.add(row);
            rows.getChildren().add(row);
        }
    }

    /** Both corners of a line, a corner with its rounding, a spot. */
    private List<Field> fields(String part) {
        List<String> prefixes = new ArrayList<>();
        int corner = OutlineHandle.arrivesAt(part);
        if (OutlineHandle.isLine(part)) {
            prefixes.add(PlanKeys.corner(corner - 1) + ".");
        }
        prefixes.add(part);
        prefixes.add(corner >= 0 ? PlanKeys.corner(corner) + "." : PlanKeys.opening(part) + ".");
        PlanFields all = PlanFields.of(bench.document().plan(), bench.document().model().library());
        List<Field> own = new ArrayList<>();
        if (!part.isEmpty()) {
            all.choices().stream().filter(f -> startsWith(f, prefixes)).forEach(own::add);
            all.numbers().stream().filter(f -> startsWith(f, prefixes)).forEach(own::add);
        }
        return own;
    }

    private static boolean startsWith(Field field, List<String> prefixes) {
        return prefixes.stream().anyMatch(field.key()::startsWith);
    }
}
