package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import pteron.app.action.Command;
import pteron.app.station.Workbench;
import pteron.core.figure.Figure;
import pteron.exchange.words.FindingWords;

/** Find, go to, do: every command, figure and finding by a few letters. */
final class SearchCard extends VBox {

    private static final double WIDTH = 460;
    private static final double HEIGHT = 340;

    /** Something found. */
    private record Hit(String words, String kind, Runnable action) {}

    private final Consumer<Node> away;
    private final List<Hit> all = new ArrayList<>();
    private final ListView<Hit> list = new ListView<>();

    SearchCard(Workbench bench, Commands commands, Consumer<Node> away) {
        super(6);
        this.away = away;
        collect(bench, commands);
        TextField typed = new TextField();
        typed.setId("search-field");
        typed.setPromptText("Find a figure, go to a station, do something");
        list.setId("search-list");
        list.getItems().setAll(all);
        list.setCellFactory(view -> new HitCell());
        list.setPrefSize(WIDTH, HEIGHT);
        typed.textProperty().subscribe(text -> filter(text));
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.setOnMouseClicked(event -> take());
        getChildren().addAll(typed, list);
        getStyleClass().add("search-box");
    }

    private void collect(Workbench bench, Commands commands) {
        for (Command command : commands.all()) {
            all.add(new Hit(command.name(), command.keysText(), command::run));
        }
        bench.document()
                .model()
                .findings()
                .forEach(
                        f ->
                                all.add(
                                        new Hit(
                                                FindingWords.headline(f),
                                                "finding",
                                                () -> bench.findingProperty().set(f))));
        for (Figure figure : bench.document().model().figures()) {
            String words = figure.name() + "  " + figure.quantity().text(bench.units());
            all.add(new Hit(words, "working", () -> bench.workingProperty().set(figure.key())));
        }
    }

    private void filter(String text) {
        String[] words = text.toLowerCase(Locale.ROOT).strip().split("\\s+");
        list.getItems()
                .setAll(
                        all.stream()
                                .filter(
                                        hit -> {
                                            String in = hit.words.toLowerCase(Locale.ROOT);
                                            for (String word : words) {
                                                if (!in.contains(word)) {
                                                    return false;
                                                }
                                            }
                                            return true;
                                        })
                                .toList());
        list.getSelectionModel().selectFirst();
    }

    private void key(KeyEvent event) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (event.getCode()) {
            case DOWN -> list.getSelectionModel().select(at + 1);
            case UP -> list.getSelectionModel().select(Math.max(0, at - 1));
            case ENTER -> take();
            default -> {
                return;
            }
        }
        if (event.getCode() != KeyCode.ENTER) {
            list.scrollTo(list.getSelectionModel().getSelectedIndex());
        }
        event.consume();
    }

    private void take() {
        Hit hit = list.getSelectionModel().getSelectedItem();
        away.accept(this);
        if (hit != null) {
            hit.action.run();
        }
    }

    private static final class HitCell extends ListCell<Hit> {
        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            setText(empty ? "" : hit.words + (hit.kind.isEmpty() ? "" : "   ·  " + hit.kind));
        }
    }
}
