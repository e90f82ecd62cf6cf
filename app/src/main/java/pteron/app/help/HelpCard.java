package pteron.app.help;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tab;
import javafx.scene.control.TabPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.action.Command;
import pteron.app.style.PlainField;

/** Help over the window: how-tos, words of the trade, keys. */
public final class HelpCard extends VBox {

    private final TabPane tabs = new TabPane();

    /**
     * Help.
     *
     * @param commands what has keys
     * @param away takes the card away
     */
    public HelpCard(List<Command> commands, Runnable away) {
        super(8);
        setId("help");
        getStyleClass().add("help-card");
        Label title = new Label("Help");
        title.getStyleClass().add("plan-name");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button close = new Button("Close   Esc");
        close.setId("help-close");
        close.setOnAction(event -> away.run());
        tabs.setTabClosingPolicy(TabPane.TabClosingPolicy.UNAVAILABLE);
        tabs.getTabs()
                .setAll(
                        new Tab("How-tos", scrolled(topics(HelpTexts.howTos()))),
                        new Tab("Words of the trade", words()),
                        new Tab("Keys", scrolled(keys(commands))));
        VBox.setVgrow(tabs, Priority.ALWAYS);
        getChildren().addAll(new HBox(title, gap, close), tabs);
        setPrefSize(720, 520);
    }

    /** Opens the words of the trade at one of them. */
    public void showWord(String word) {
        tabs.getSelectionModel().select(1);
        ((TextField) lookup("#help-find")).setText(word);
    }

    private static Node scrolled(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        return scroll;
    }

    private static VBox topics(List<Topic> topics) {
        VBox all = new VBox(10);
        all.getStyleClass().add("rows");
        for (Topic topic : topics) {
            all.getChildren().add(topic(topic));
        }
        return all;
    }

    private static Node topic(Topic topic) {
        Label title = new Label(topic.title());
        title.getStyleClass().add("headline");
        VBox lines = new VBox(2, title);
        int number = 1;
        for (String line : topic.lines()) {
            Label words = new Label(topic.lines().size() > 1 ? number++ + ".  " + line : line);
            words.setWrapText(true);
            lines.getChildren().add(words);
        }
        return lines;
    }

    private static Node words() {
        TextField find = new PlainField();
        find.setId("help-find");
        find.setPromptText("find a word");
        find.setAccessibleText("Find a word of the trade");
        List<Topic> all = HelpTexts.words();
        ScrollPane scroll = (ScrollPane) scrolled(topics(all));
        find.textProperty()
                .subscribe(
                        text -> {
                            String part = text.toLowerCase(Locale.ROOT).strip();
                            scroll.setContent(
                                    topics(
                                            all.stream()
                                                    .filter(topic -> has(topic, part))
                                                    .toList()));
                        });
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox words = new VBox(6, find, scroll);
        words.getStyleClass().add("rows");
        return words;
    }

    private static boolean has(Topic topic, String part) {
        return topic.title().toLowerCase(Locale.ROOT).contains(part)
                || topic.lines().getFirst().toLowerCase(Locale.ROOT).contains(part);
    }

    private static Node keys(List<Command> commands) {
        GridPane grid = new GridPane();
        grid.setHgap(24);
        grid.setVgap(3);
        grid.getStyleClass().add("rows");
        int row = 0;
        for (String[] line : HAND) {
            grid.addRow(row++, mono(line[0]), new Label(line[1]));
        }
        for (Command command : commands) {
            if (command.keys() != null) {
                grid.addRow(row++, mono(command.keysText()), new Label(command.name()));
            }
        }
        return grid;
    }

    private static Label mono(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("mono");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** Keys that belong to no command. */
    private static final String[][] HAND = {
        {"Tab", "Go from size to size, from part to part"},
        {"Enter", "Edit the size that has the focus; confirm what you typed"},
        {"Escape", "Keep the old value; undo the drag; close the top pane"},
        {"Arrow keys", "Move the selection by 10 mm, with Alt by 1 mm"},
        {"Shift+click", "Add an opening to the selection"},
        {"Shift+F10", "Commands for the selection"},
        {"Wheel", "Zoom in and out; drag the background to move the drawing"},
    };
}
