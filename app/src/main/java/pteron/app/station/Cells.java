package pteron.app.station;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** Cells that tables are made of, and the moment at which a table is worth filling. */
public final class Cells {

    private Cells() {}

    /** {@return words that stand back} */
    public static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        return label;
    }

    /** {@return a figure, never cut off} */
    public static Label mono(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("mono");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** {@return a heading} */
    public static Label headline(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("headline");
        return label;
    }

    /** Empties a table and writes its heads into the first row. */
    public static void heads(GridPane grid, List<String> heads) {
        grid.getChildren().clear();
        for (int i = 0; i < heads.size(); i++) {
            Label head = quiet(heads.get(i));
            head.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(head, i, 0);
        }
    }

    /** Lets no words of a table be cut off: the table scrolls where there is no room for them. */
    public static void whole(Pane table) {
        for (Node node : table.getChildren()) {
            if (node instanceof Labeled labeled && !labeled.isWrapText()) {
                labeled.setMinWidth(Region.USE_PREF_SIZE);
            } else if (node instanceof Pane inner) {
                whole(inner);
            }
        }
    }

    public static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    /** Fills a table when it is opened and, while it is open, after every edit: a drag fills no hidden one. */
    public static void whileOpen(Workbench bench, String table, Runnable fill) {
        Runnable ifOpen =
                () -> {
                    if (bench.tableProperty().get().equals(table)) {
                        fill.run();
                    }
                };
        bench.tableProperty().subscribe(opened -> ifOpen.run());
        bench.document().modelProperty().subscribe(model -> ifOpen.run());
    }
}
