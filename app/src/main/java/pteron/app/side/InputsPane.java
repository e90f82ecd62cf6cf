package pteron.app.side;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.station.Workbench;
import pteron.core.field.ChoiceField;
import pteron.core.field.Field;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.material.MaterialLibrary;
import pteron.core.station.Station;
import pteron.exchange.words.Cautions;

/** What the station takes: every number and choice of the plan that belongs to it, edited in place. */
public final class InputsPane extends ScrollPane {

    private final Workbench bench;
    private final DrawingBehavior behavior;
    private final VBox rows = new VBox();
    private List<String> shownKeys = List.of();

    /** Inputs of the station, following a workbench while they are looked at. */
    public InputsPane(Workbench bench, ObservableBooleanValue shown) {
        this.bench = bench;
        this.behavior = new DrawingBehavior(bench.document());
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "inputs");
        rows.getStyleClass().add("rows");
        WhileShown fresh = new WhileShown(shown, this::update);
        bench.document().modelProperty().subscribe(model -> fresh.changed());
        bench.stationProperty().subscribe(station -> fresh.changed());
    }

    private void update() {
        Station station = bench.stationProperty().get();
        PlanFields fields =
                PlanFields.of(bench.document().plan(), bench.document().model().library());
        List<Field> shown = fields(station, fields);
        List<String> keys = shown.stream().map(InputsPane::key).toList();
        if (!keys.equals(shownKeys)) {
            shownKeys = keys;
            rebuild(station, shown);
        }
        refresh(shown);
    }

    /** {@return choices, each followed by the numbers that go with it, then all other numbers} */
    private static List<Field> fields(Station station, PlanFields fields) {
        List<Field> shown = new ArrayList<>();
        List<NumberField> numbers =
                new ArrayList<>(
                        fields.numbers().stream()
                                .filter(number -> number.station().equals(station))
                                .toList());
        for (ChoiceField choice : fields.choices()) {
            if (choice.station().equals(station)) {
                shown.add(choice);
                List<NumberField> own =
                        numbers.stream()
                                .filter(n -> n.key().startsWith(choice.key() + "."))
                                .toList();
                shown.addAll(own);
                numbers.removeAll(own);
            }
        }
        shown.addAll(numbers);
        return shown;
    }

    private static String key(Field field) {
        return switch (field) {
            case NumberField number -> "number-" + number.key();
            case ChoiceField choice -> "choice-" + choice.key();
        };
    }

    private void rebuild(Station station, List<Field> shown) {
        rows.getChildren().clear();
        String caution = Cautions.of(station);
        if (!caution.isEmpty()) {
            Label words = new Label(caution);
            words.setWrapText(true);
            words.getStyleClass().add("caution");
            rows.getChildren().add(words);
        }
        if (shown.isEmpty()) {
            Label none =
                    new Label("Nothing is typed here: it all follows from the other stations.");
            none.setWrapText(true);
            none.getStyleClass().add("quiet");
            rows.getChildren().add(none);
        }
        for (Field field : shown) {
            rows.getChildren().add(row(field));
        }
    }

    private Node row(Field field) {
        Label name = new Label(field.name());
        name.setWrapText(true);
        name.getStyleClass().add("field-name");
        Node editor =
                switch (field) {
                    case NumberField number -> number(number);
                    case ChoiceField choice -> choice(choice);
                };
        name.setLabelFor(editor);
        VBox row = new VBox(2, name, editor);
        row.getStyleClass().add("field-row");
        return row;
    }

    private TextField number(NumberField field) {
        TextField text = new TextField();
        text.setId("number-" + field.key());
        text.setOnAction(event -> take(field, text));
        text.focusedProperty()
                .subscribe(
                        (before, now) -> {
                            if (before && !now) {
                                take(field, text);
                            }
                        });
        text.addEventFilter(
                KeyEvent.KEY_PRESSED,
                event -> {
                    if (event.getCode() == KeyCode.ESCAPE) {
                        clearRefusal(text);
                        text.setText(shown(field));
                    }
                });
        return text;
    }

    private String shown(NumberField field) {
        return field.value(bench.document().plan()).text(bench.units());
    }

    private void take(NumberField field, TextField text) {
        if (text.getText().equals(shown(field))) {
            clearRefusal(text);
            return;
        }
        Optional<String> refused = behavior.type(field.key(), text.getText());
        clearRefusal(text);
        if (refused.isEmpty()) {
            text.setText(shown(field));
        } else {
            text.getStyleClass().add("bad");
            Label reason = new Label(refused.get());
            reason.setWrapText(true);
            reason.getStyleClass().add("refused");
            ((VBox) text.getParent()).getChildren().add(reason);
        }
    }

    private static void clearRefusal(TextField text) {
        text.getStyleClass().remove("bad");
        VBox row = (VBox) text.getParent();
        row.getChildren().removeIf(node -> node.getStyleClass().contains("refused"));
    }

    private ComboBox<String> choice(ChoiceField field) {
        ComboBox<String> box = new ComboBox<>();
        box.setId("choice-" + field.key());
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().setAll(field.options());
        box.setConverter(new Materials());
        box.setOnAction(event -> take(field, box));
        return box;
    }

    private void take(ChoiceField field, ComboBox<String> box) {
        String id = box.getValue();
        boolean chosen = id != null && !id.equals(field.get().apply(bench.document().plan()));
        if (chosen && !bench.edit(plan -> field.set().apply(plan, id))) {
            box.setValue(field.get().apply(bench.document().plan()));
        }
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

    private void refresh(List<Field> shown) {
        for (Field field : shown) {
            switch (field) {
                case NumberField number -> {
                    TextField text = (TextField) find(key(field));
                    if (!text.isFocused() && !text.getStyleClass().contains("bad")) {
                        text.setText(shown(number));
                    }
                }
                case ChoiceField choice -> {
                    @SuppressWarnings("unchecked")
                    ComboBox<String> box = (ComboBox<String>) find(key(field));
                    box.setValue(choice.get().apply(bench.document().plan()));
                }
            }
        }
    }

    private Node find(String id) {
        return rows.getChildren().stream()
                .filter(VBox.class::isInstance)
                .map(row -> ((VBox) row).getChildren().get(1))
                .filter(node -> id.equals(node.getId()))
                .findFirst()
                .orElseThrow();
    }
}
