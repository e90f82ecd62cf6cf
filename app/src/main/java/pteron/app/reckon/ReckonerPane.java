package pteron.app.reckon;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import pteron.app.style.PlainField;
import pteron.app.style.Theme;
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Calculator;
import pteron.core.reckon.Input;
import pteron.core.reckon.Inputs;
import pteron.core.reckon.Reckoner;
import pteron.exchange.words.RefusalWords;
import pteron.exchange.words.WorkingWords;

/** The small sums in a window: choose one, type, read the answer with its working. */
public final class ReckonerPane extends BorderPane {

    private final UnitSystem units;
    private final Theme theme;
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private final VBox answer = new VBox(4);
    private final VBox form = new VBox(10);

    /** The small sums, answered in units, in a theme. */
    public ReckonerPane(UnitSystem units, Theme theme) {
        this.units = units;
        this.theme = theme;
        getStyleClass().add("reckoner");
        ListView<Object> list = new ListView<>();
        list.setId("reckoner-list");
        Reckoner.groups()
                .forEach(
                        (words, own) -> {
                            list.getItems().add(words);
                            list.getItems().addAll(own);
                        });
        list.setCellFactory(view -> new NameCell());
        list.setPrefWidth(300);
        list.getSelectionModel()
                .selectedItemProperty()
                .subscribe(
                        chosen -> {
                            if (chosen instanceof Calculator calculator) {
                                show(calculator);
                            }
                        });
        setLeft(list);
        form.getStyleClass().add("reckoner-form");
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        setCenter(scroll);
        list.getSelectionModel().select(1);
    }

    /** A calculator by what it answers, or the heading of a group. */
    private static final class NameCell extends ListCell<Object> {
        @Override
        protected void updateItem(Object item, boolean empty) {
            super.updateItem(item, empty);
            getStyleClass().remove("group");
            setDisable(!empty && item instanceof String);
            if (empty || item == null) {
                setText("");
            } else if (item instanceof Calculator calculator) {
                setText(calculator.title());
                setWrapText(true);
                setPrefWidth(0);
            } else {
                setText(item.toString());
                getStyleClass().add("group");
            }
        }
    }

    private void show(Calculator calculator) {
        if (calculator == null) {
            return;
        }
        fields.clear();
        Label title = new Label(calculator.title());
        title.getStyleClass().add("headline");
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(6);
        int row = 0;
        for (Input input : calculator.inputs()) {
            TextField field = new PlainField(InputText.usual(input, units));
            field.setId("reckon-" + input.key());
            field.textProperty().subscribe((before, now) -> reckon(calculator));
            fields.put(input.key(), field);
            Label words = new Label(InputText.words(input, units));
            words.setLabelFor(field);
            grid.addRow(row++, field, words);
        }
        form.getChildren().setAll(title, new Sketch(calculator.name(), theme), grid, answer);
        reckon(calculator);
    }

    private void reckon(Calculator calculator) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (Input input : calculator.inputs()) {
            String text = fields.get(input.key()).getText();
            if (!text.equals(InputText.usual(input, units))) {
                typed.put(input.key(), InputText.typed(input, text, units));
            }
        }
        answer.getChildren().clear();
        try {
            List<Figure> figures = calculator.answer(new Inputs(typed, units));
            for (Figure figure : figures) {
                Label line = new Label(figure.name() + "   " + figure.text(units));
                line.getStyleClass().add("answer");
                answer.getChildren().add(line);
            }
            WorkingWords.lines(figures.getFirst(), units).stream()
                    .skip(1)
                    // there is no plan here: what stands for it was typed above
                    .map(text -> text.endsWith("(plan)") ? text.replace("(plan)", "(typed)") : text)
                    .forEach(text -> answer.getChildren().add(quiet(text)));
        } catch (IllegalArgumentException e) {
            Label reason = quiet(RefusalWords.of(e, units));
            reason.getStyleClass().add("refused");
            answer.getChildren().add(reason);
        }
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }
}
