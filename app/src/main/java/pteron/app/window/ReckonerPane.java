package pteron.app.window;

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
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Calculator;
import pteron.core.reckon.Input;
import pteron.core.reckon.Inputs;
import pteron.core.reckon.Reckoner;
import pteron.exchange.words.WorkingWords;

/** The small sums in a window: choose one, type, read the answer with its working. */
final class ReckonerPane extends BorderPane {

    private final UnitSystem units;
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private final VBox answer = new VBox(4);
    private final VBox form = new VBox(10);

    ReckonerPane(UnitSystem units) {
        this.units = units;
        getStyleClass().add("reckoner");
        ListView<Calculator> list = new ListView<>();
        list.setId("reckoner-list");
        list.getItems().setAll(Reckoner.all());
        list.setCellFactory(view -> new NameCell());
        list.setPrefWidth(190);
        list.getSelectionModel().selectedItemProperty().subscribe(chosen -> show(chosen));
        setLeft(list);
        form.getStyleClass().add("reckoner-form");
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        setCenter(scroll);
        list.getSelectionModel().selectFirst();
    }

    private static final class NameCell extends ListCell<Calculator> {
        @Override
        protected void updateItem(Calculator calculator, boolean empty) {
            super.updateItem(calculator, empty);
            setText(empty ? "" : calculator.name());
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
            TextField field = new TextField(input.usual());
            field.setId("reckon-" + input.key());
            field.textProperty().subscribe((before, now) -> reckon(calculator));
            fields.put(input.key(), field);
            Label words = new Label(input.words());
            words.setLabelFor(field);
            grid.addRow(row++, field, words);
        }
        form.getChildren().setAll(title, grid, answer);
        reckon(calculator);
    }

    private void reckon(Calculator calculator) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (Input input : calculator.inputs()) {
            String text = fields.get(input.key()).getText();
            if (!text.equals(input.usual())) {
                typed.put(input.key(), text);
            }
        }
        answer.getChildren().clear();
        try {
            List<Figure> figures = calculator.answer(new Inputs(typed, units));
            for (Figure figure : figures) {
                Label line = new Label(figure.name() + "   " + figure.quantity().text(units));
                line.getStyleClass().add("answer");
                answer.getChildren().add(line);
            }
            WorkingWords.lines(figures.getFirst(), units).stream()
                    .skip(1)
                    .forEach(text -> answer.getChildren().add(quiet(text)));
        } catch (IllegalArgumentException e) {
            Label reason = quiet(e.getMessage());
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
