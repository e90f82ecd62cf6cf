package pteron.app.opening;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.station.Cells;
import pteron.app.station.FieldRow;
import pteron.app.station.Toolbox;
import pteron.app.station.Workbench;
import pteron.app.style.PlainField;
import pteron.core.drawing.View;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.material.MaterialLibrary;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.WallRoom;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanKeys;
import pteron.core.plan.Wall;

/** The chosen opening: its name, wall, place, size, play and mass; or which are chosen together. */
final class ChosenOpeningPane extends ScrollPane {

    private final Workbench bench;
    private final Toolbox toolbox;
    private final DrawingBehavior behavior;
    private final VBox rows = new VBox();
    private final List<FieldRow> fields = new ArrayList<>();
    private final TextField name = new PlainField();
    private final ComboBox<String> wall = new ComboBox<>();
    private final Label refused = new Label();
    private String shown = "";

    ChosenOpeningPane(Workbench bench) {
        this.bench = bench;
        this.toolbox = new Toolbox(bench);
        this.behavior = new DrawingBehavior(bench.document());
        setContent(rows);
        setFitToWidth(true);
        setId("chosen-opening");
        getStyleClass().add("plain-scroll");
        rows.getStyleClass().add("rows");
        nameField();
        wallBox();
        refused.setWrapText(true);
        toolbox.refusedProperty().subscribe(this::refuse);
        bench.chosenProperty().subscribe(parts -> update());
        bench.document().modelProperty().subscribe(model -> update());
    }

    private void nameField() {
        name.setId("opening-name");
        name.setAccessibleText("Name of the opening");
        name.setOnAction(event -> rename());
        name.addEventFilter(KeyEvent.KEY_PRESSED, this::typedBack);
        name.focusedProperty()
                .subscribe(
                        (before, now) -> {
                            if (before && !now) {
                                rename();
                            }
                        });
    }

    private void wallBox() {
        wall.setId("opening-wall");
        wall.setAccessibleText("Wall of the opening");
        wall.setMaxWidth(Double.MAX_VALUE);
        wall.setOnAction(event -> moveToWall());
    }

    private void typedBack(KeyEvent event) {
        boolean back = event.getCode() == KeyCode.Z && event.isShortcutDown();
        boolean same = chosen().stream().anyMatch(one -> one.name().equals(name.getText()));
        if (back && same) {
            bench.document().undo();
            event.consume();
        }
    }

    private void refuse(String words) {
        refused.setText(words);
        refused.getStyleClass().setAll("label", "refused");
        refused.setVisible(!words.isEmpty());
        refused.setManaged(!words.isEmpty());
    }

    private List<Opening> chosen() {
        return toolbox.plan().openings().stream()
                .filter(one -> bench.chosenProperty().get().contains(one.id()))
                .toList();
    }

    private void update() {
        List<Opening> chosen = chosen();
        if (chosen.size() != 1) {
            shown = "";
            rows.getChildren().setAll(several(chosen));
            return;
        }
        Opening one = chosen.getFirst();
        if (!shown.equals(one.id())) {
            shown = one.id();
            rebuild(one);
        }
        if (!name.isFocused()) {
            name.setText(one.name());
        }
        List<String> walls = WallRoom.walls(toolbox.plan()).stream().map(Wall::label).toList();
        if (!wall.getItems().equals(walls)) {
            wall.getItems().setAll(walls);
        }
        wall.setValue(one.wall().label());
        PlanFields all = PlanFields.of(toolbox.plan(), MaterialLibrary.starting());
        for (FieldRow row : fields) {
            all.number((String) row.getUserData()).ifPresent(row::show);
        }
    }

    private List<Label> several(List<Opening> chosen) {
        List<Label> words = new ArrayList<>();
        if (chosen.isEmpty()) {
            words.add(
                    Cells.quiet(
                            "Nothing selected. Click an opening in the drawing, Shift+click for several. Drag a unit from the shelf to add one."));
        } else {
            words.add(Cells.headline(chosen.size() + " openings"));
            chosen.forEach(one -> words.add(new Label(one.name() + ", " + one.wall().label())));
            words.add(
                    Cells.quiet(
                            "Drag or use the arrow keys to move them together; use the tools above the drawing to align heads or space them evenly."));
        }
        words.forEach(label -> label.setWrapText(true));
        return words;
    }

    private void rebuild(Opening one) {
        fields.clear();
        rows.getChildren().setAll(Cells.quiet("Name"), name, refused, Cells.quiet("Wall"), wall);
        refuse("");
        String prefix = PlanKeys.opening(one.id()) + ".";
        for (NumberField field :
                PlanFields.of(toolbox.plan(), MaterialLibrary.starting()).numbers()) {
            if (field.key().startsWith(prefix)) {
                NumberField plain = named(field, one.name() + ", ");
                FieldRow row = new FieldRow(bench, behavior, plain);
                row.setUserData(field.key());
                fields.add(row);
                rows.getChildren().add(row);
            }
        }
    }

    /** Under the name of its opening a field need not say it again. */
    private static NumberField named(NumberField field, String prefix) {
        String plain = Cells.capital(field.name().substring(prefix.length()));
        return new NumberField(
                field.key(), field.station(), plain, field.unit(), field.get(), field.set());
    }

    private void rename() {
        if (!shown.isEmpty()) {
            String id = shown;
            toolbox.edit(plan -> OpeningEdits.renamed(plan, id, name.getText()));
        }
    }

    private void moveToWall() {
        List<Opening> chosen = chosen();
        String wanted = wall.getValue();
        if (chosen.isEmpty() || wanted == null || chosen.getFirst().wall().label().equals(wanted)) {
            return;
        }
        String id = chosen.getFirst().id();
        Wall.of(wanted.replace(' ', '-'))
                .ifPresent(
                        other -> {
                            toolbox.edit(plan -> OpeningEdits.onWall(plan, List.of(id), other));
                            bench.viewProperty().set(View.of(other));
                        });
    }
}
