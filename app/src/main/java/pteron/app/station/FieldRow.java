package pteron.app.station;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.style.PlainField;
import pteron.core.field.ChoiceField;
import pteron.core.field.Field;
import pteron.core.field.LengthsField;
import pteron.core.field.NumberField;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;

/** One number or choice of the plan, or several lengths, under its name, edited in place; what is refused says why under it. */
public final class FieldRow extends VBox {

    private final Workbench bench;
    private final DrawingBehavior behavior;
    private final Node editor;
    private Field field;
    private String lastShown = "";

    /** A row of a field. */
    public FieldRow(Workbench bench, DrawingBehavior behavior, Field field) {
        super(2);
        this.bench = bench;
        this.behavior = behavior;
        this.field = field;
        Label name = new Label(field.name());
        name.setWrapText(true);
        name.getStyleClass().add("field-name");
        editor =
                switch (field) {
                    case NumberField number -> text();
                    case LengthsField lengths -> text();
                    case ChoiceField choice -> choice(choice);
                };
        editor.setId(id(field));
        editor.setAccessibleText(field.name());
        name.setLabelFor(editor);
        getChildren().addAll(name, editor);
        if (field instanceof ChoiceField choice && isMaterial(choice)) {
            getChildren().add(ownMaterial(choice));
        }
        getStyleClass().add("field-row");
        show(field);
    }

    private boolean isMaterial(ChoiceField choice) {
        MaterialLibrary library = bench.document().model().library();
        return choice.station() == MakeUpStation.MAKE_UP
                && choice.options().stream().allMatch(library::contains);
    }

    /** Opens the form of an own material under the choice, and closes it again. */
    private Button ownMaterial(ChoiceField choice) {
        Button own = new Button("Own material …");
        own.setId("own-" + choice.key());
        own.getStyleClass().add("input-link");
        own.setOnAction(
                event -> {
                    if (!getChildren().removeIf(OwnMaterialForm.class::isInstance)) {
                        getChildren().add(new OwnMaterialForm(bench, choice));
                    }
                });
        return own;
    }

    /** {@return the name of the control that edits a field} */
    public static String id(Field field) {
        return switch (field) {
            case NumberField number -> "number-" + number.key();
            case LengthsField lengths -> "lengths-" + lengths.key();
            case ChoiceField choice -> "choice-" + choice.key();
        };
    }

    private BoxPlan plan() {
        return bench.document().plan();
    }

    private TextField text() {
        TextField text = new PlainField();
        text.setOnAction(event -> take(text));
        text.focusedProperty()
                .subscribe(
                        (before, now) -> {
                            if (before && !now) {
                                take(text);
                            }
                        });
        text.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(event, text));
        return text;
    }

    private void key(KeyEvent event, TextField text) {
        boolean back =
                event.getCode() == KeyCode.Z && event.isShortcutDown() && !event.isShiftDown();
        boolean typed = !text.getText().equals(shown());
        if (event.getCode() == KeyCode.ESCAPE && typed || back && typed) {
            clearRefusal();
            text.setText(shown());
            text.selectAll();
            event.consume();
        } else if (back) {
            bench.document().undo();
            event.consume();
        } else if (event.getCode() == KeyCode.Z && event.isShortcutDown()) {
            bench.document().redo();
            event.consume();
        }
    }

    private String shown() {
        return field instanceof LengthsField lengths
                ? lengths.text(plan())
                : ((NumberField) field).value(plan()).text(bench.units());
    }

    private void take(TextField text) {
        if (text.getText().equals(shown())) {
            clearRefusal();
            return;
        }
        Optional<String> refused = behavior.type(field.key(), text.getText());
        clearRefusal();
        if (refused.isEmpty()) {
            text.setText(shown());
        } else {
            text.getStyleClass().add("bad");
            Label reason = new Label(refused.get());
            reason.setWrapText(true);
            reason.getStyleClass().add("refused");
            getChildren().add(reason);
        }
    }

    private void clearRefusal() {
        editor.getStyleClass().remove("bad");
        getChildren().removeIf(node -> node.getStyleClass().contains("refused"));
    }

    private ComboBox<String> choice(ChoiceField choice) {
        ComboBox<String> box = new ComboBox<>();
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().setAll(choice.options());
        box.setConverter(new Materials());
        box.setOnAction(event -> take(box));
        return box;
    }

    private void take(ComboBox<String> box) {
        ChoiceField choice = (ChoiceField) field;
        String id = box.getValue();
        boolean chosen = id != null && !id.equals(choice.get().apply(plan()));
        if (chosen && !bench.edit(plan -> choice.set().apply(plan, id))) {
            box.setValue(choice.get().apply(plan()));
        }
    }

    /** Shows the value that the field has now; what is being typed stays. */
    public void show(Field now) {
        field = now;
        switch (editor) {
            case TextField text -> {
                boolean typing = text.isFocused() && !text.getText().equals(lastShown);
                if (!typing && !text.getStyleClass().contains("bad")) {
                    text.setText(shown());
                }
                lastShown = shown();
            }
            case ComboBox<?> box -> refresh((ChoiceField) now, box);
            default -> throw new IllegalStateException("Impossible state: editor " + editor);
        }
    }

    private void refresh(ChoiceField choice, ComboBox<?> box) {
        @SuppressWarnings("unchecked")
        ComboBox<String> texts = (ComboBox<String>) box;
        if (!texts.getItems().equals(choice.options())) {
            texts.getItems().setAll(choice.options());
        }
        texts.setValue(choice.get().apply(plan()));
    }

    /** Names materials; other choices are called by their ids. */
    private final class Materials extends StringConverter<String> {

        @Override
        public String toString(String id) {
            MaterialLibrary library = bench.document().model().library();
            return id == null ? "" : library.contains(id) ? library.get(id).name() : id;
        }

        @Override
        public String fromString(String name) {
            return name;
        }
    }
}
