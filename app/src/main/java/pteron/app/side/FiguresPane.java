package pteron.app.side;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pteron.app.station.Workbench;
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;

/** The figures of the station; each opens its working. */
public final class FiguresPane extends ScrollPane {

    /** Letters of a figure that leave room for a name beside it. */
    private static final int LONG = 15;

    private final Workbench bench;
    private final VBox rows = new VBox();
    private List<Figure> shownFigures;
    private UnitSystem shownUnits;

    /** Figures of the station, following a workbench while they are looked at. */
    public FiguresPane(Workbench bench, ObservableBooleanValue shown) {
        this.bench = bench;
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "figures");
        rows.getStyleClass().add("rows");
        WhileShown fresh = new WhileShown(shown, this::update);
        bench.document().modelProperty().subscribe(model -> fresh.changed());
        bench.cutting().cuttingProperty().subscribe(cutting -> fresh.changed());
        bench.stationProperty().subscribe(station -> fresh.changed());
    }

    private void update() {
        List<Figure> figures =
                Stream.concat(
                                bench.document().model().figures().stream(),
                                bench.cutting().cuttingProperty().get().figures().stream())
                        .filter(figure -> bench.stationProperty().get().has(figure.key()))
                        .toList();
        if (figures.equals(shownFigures) && bench.units() == shownUnits) {
            // a row that goes from under the pointer for the same row is a click lost
            return;
        }
        shownFigures = figures;
        shownUnits = bench.units();
        rows.getChildren().setAll(nodes(figures));
        if (figures.isEmpty()) {
            Label none = new Label("No figures yet. See Findings.");
            none.setWrapText(true);
            none.getStyleClass().add("quiet");
            rows.getChildren().add(none);
        }
    }

    /** The figures under the headings that their keys tell. */
    private List<Node> nodes(List<Figure> figures) {
        List<Node> nodes = new ArrayList<>();
        FigureHeadings.of(figures)
                .forEach(
                        (words, own) -> {
                            Label heading = new Label(words);
                            heading.getStyleClass().add("group");
                            heading.setWrapText(true);
                            nodes.add(heading);
                            own.forEach(figure -> nodes.add(row(figure)));
                        });
        return nodes;
    }

    private Node row(Figure figure) {
        Label name = new Label(figure.name());
        name.setWrapText(true);
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Label value = new Label(figure.text(bench.units()));
        value.getStyleClass().add("mono");
        value.setMinWidth(USE_PREF_SIZE);
        Pane words = value.getText().length() > LONG ? below(name, value) : beside(name, value);
        VBox row = new VBox(2, words);
        FigureLimits.margin(figure, bench.document().model())
                .ifPresent(margin -> row.getChildren().add(bar(margin)));
        row.getStyleClass().add("figure-row");
        row.setId("figure-" + figure.key());
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(figure.name() + " " + value.getText() + ", opens the working");
        row.setOnMouseClicked(event -> bench.workingProperty().set(figure.key()));
        row.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                        bench.workingProperty().set(figure.key());
                        event.consume();
                    }
                });
        return row;
    }

    private static Node bar(double margin) {
        MarginBar bar = new MarginBar(120, 10);
        bar.set(margin);
        Label word = new Label(MarginBar.word(margin));
        word.getStyleClass().setAll("label", "verdict", MarginBar.word(margin));
        HBox row = new HBox(8, bar, word);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Pane beside(Label name, Label value) {
        HBox row = new HBox(8, name, value);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** A long figure stands under its name, so that the name is not squeezed. */
    private static Pane below(Label name, Label value) {
        value.setMaxWidth(Double.MAX_VALUE);
        value.setAlignment(Pos.CENTER_RIGHT);
        return new VBox(2, name, value);
    }
}
