package pteron.app.station;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * A list at the right whose rows are parts of the drawing: choosing one chooses the other. What is chosen is told
 * over the list.
 */
public final class ListAside extends VBox {

    /**
     * A row. Immutable.
     *
     * @param part what it chooses in the drawing, empty for nothing
     * @param words what it says
     * @param figure the figure at its end
     * @param more a further line, empty for none
     */
    public record Row(String part, String words, String figure, String more) {}

    /** What an aside tells of a plan. */
    public interface Content {
        /** {@return the rows} */
        List<Row> rows();

        /** {@return what is told of the chosen part, null for nothing} */
        Node chosen(String part);

        /** {@return what stands under the list, empty for nothing} */
        String sum();
    }

    /** Least height of the list under what is told of one part (pixels). */
    private static final double LEAST_LIST = 120;

    private final Workbench bench;
    private final Content content;
    private final VBox head = new VBox(4);
    private final ScrollPane told;
    private final VBox list = new VBox(2);
    private final Label sum = new Label();
    private final Map<String, Node> byPart = new LinkedHashMap<>();
    private List<Row> shown = List.of();

    /** A list of a station, following a workbench. */
    public ListAside(Workbench bench, String id, Content content) {
        super(6);
        this.bench = bench;
        this.content = content;
        setId(id);
        getStyleClass().addAll("rows", "list-aside");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        scroll.setMinHeight(LEAST_LIST);
        // a box that is too low takes as much from each child, and a long list would leave nothing
        // of the other
        scroll.setPrefHeight(LEAST_LIST);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        told = new ScrollPane(head);
        told.setFitToWidth(true);
        told.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        told.setMinHeight(0);
        // as high as its words are once they are wrapped, which it does not ask for by itself
        told.prefViewportHeightProperty().bind(head.heightProperty());
        told.getStyleClass().add("plain-scroll");
        VBox.setVgrow(told, Priority.SOMETIMES);
        sum.setWrapText(true);
        sum.setMinHeight(USE_PREF_SIZE);
        sum.getStyleClass().add("sum");
        getChildren().addAll(told, scroll, sum);
        bench.document().modelProperty().subscribe(model -> update());
        bench.selectedProperty().subscribe(part -> mark());
    }

    private void update() {
        List<Row> rows = content.rows();
        if (!rows.equals(shown)) {
            shown = rows;
            byPart.clear();
            List<Node> nodes = new ArrayList<>();
            for (Row row : rows) {
                Node node = row(row);
                nodes.add(node);
                if (!row.part().isEmpty()) {
                    byPart.put(row.part(), node);
                }
            }
            list.getChildren().setAll(nodes);
        }
        sum.setText(content.sum());
        sum.setManaged(!sum.getText().isEmpty());
        mark();
    }

    private void mark() {
        String part = bench.selectedProperty().get();
        byPart.forEach(
                (key, node) -> {
                    node.getStyleClass().remove("is-chosen");
                    if (key.equals(part)) {
                        node.getStyleClass().add("is-chosen");
                    }
                });
        Node one = content.chosen(part);
        head.getChildren().setAll(one == null ? List.of() : List.of(one));
        told.setManaged(one != null);
        told.setVisible(one != null);
    }

    private Node row(Row row) {
        Label words = new Label(row.words());
        words.setWrapText(true);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        Label figure = Cells.mono(row.figure());
        VBox box = new VBox(new HBox(8, words, figure));
        if (!row.more().isEmpty()) {
            Label more = Cells.quiet(row.more());
            more.setWrapText(true);
            box.getChildren().add(more);
        }
        box.getStyleClass().add("figure-row");
        box.setFocusTraversable(true);
        box.setAccessibleRole(AccessibleRole.BUTTON);
        box.setAccessibleText(row.words() + " " + row.figure() + " " + row.more());
        box.setOnMouseClicked(event -> choose(row));
        box.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                        choose(row);
                        event.consume();
                    }
                });
        return box;
    }

    private void choose(Row row) {
        if (!Objects.equals(row.part(), "")) {
            bench.selectedProperty().set(row.part());
        }
    }
}
