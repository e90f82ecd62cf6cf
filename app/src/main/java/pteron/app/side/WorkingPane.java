package pteron.app.side;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pteron.app.station.Workbench;
import pteron.core.figure.Figure;
import pteron.core.figure.Term;
import pteron.core.figure.Working;
import pteron.core.model.BoxModel;
import pteron.exchange.words.WorkingWords;

/** The working of a figure: formula, numbers, source. */
public final class WorkingPane extends VBox {

    private static final double MOST_HIGH = 210;
    private static final double HEAD_HIGH = 104;
    private static final double ROW_HIGH = 20;

    private final Workbench bench;
    private final Label title = new Label();
    private final Label formula = new Label();
    private final GridPane terms = new GridPane();
    private final Label source = new Label();

    /** The working of the figure that is opened, following a workbench. */
    public WorkingPane(Workbench bench) {
        this.bench = bench;
        setId("working");
        getStyleClass().add("working");
        title.getStyleClass().add("headline");
        formula.getStyleClass().add("formula");
        formula.setWrapText(true);
        source.getStyleClass().add("quiet");
        source.setWrapText(true);
        terms.setHgap(14);
        terms.setVgap(1);
        Hyperlink close = new Hyperlink("close Esc");
        close.setOnAction(event -> bench.workingProperty().set(""));
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        HBox head = new HBox(8, title, close);
        head.setAlignment(Pos.CENTER_LEFT);
        ScrollPane scroll = new ScrollPane(new VBox(4, formula, terms, source));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        setMaxHeight(MOST_HIGH);
        setMinHeight(USE_PREF_SIZE);
        bench.workingProperty().subscribe(key -> update());
        bench.document().modelProperty().subscribe(model -> update());
        bench.cutting().cuttingProperty().subscribe(cutting -> update());
    }

    private void update() {
        Figure figure = bench.figure(bench.workingProperty().get());
        setVisible(figure != null);
        setManaged(figure != null);
        if (figure == null) {
            return;
        }
        Working working = figure.working();
        title.setText("Working: " + figure.name() + " = " + figure.quantity().text(bench.units()));
        formula.setText(MathText.of(working.formula()));
        terms.getChildren().clear();
        int row = 0;
        for (Term term : working.terms()) {
            terms.addRow(
                    row++,
                    cell(MathText.of(term.symbol()), "mono"),
                    cell(MathText.of(term.quantity().text(bench.units())), "mono"),
                    cell(term.meaning(), "words"),
                    origin(term, figure));
        }
        source.setText("Source: " + working.source());
        setPrefHeight(Math.min(MOST_HIGH, HEAD_HIGH + ROW_HIGH * row));
    }

    /** Where a number came from; a press follows it there. */
    private Node origin(Term term, Figure from) {
        String words = WorkingWords.origin(term.origin());
        return follow(term, from)
                .<Node>map(
                        action -> {
                            Hyperlink link = new Hyperlink(words + " ›");
                            link.setId("follow-" + term.symbol().replace(' ', '-'));
                            link.setOnAction(event -> action.run());
                            return link;
                        })
                .orElseGet(() -> cell(words, "quiet"));
    }

    private Optional<Runnable> follow(Term term, Figure from) {
        BoxModel model = bench.document().model();
        return switch (term.origin()) {
            case WORKED_OUT ->
                    WorkingLinks.figure(term, from, model.figures())
                            .map(figure -> () -> bench.workingProperty().set(figure.key()));
            case PLAN -> WorkingLinks.field(term, model).map(field -> () -> bench.goTo(field));
            case MATERIAL ->
                    WorkingLinks.material(term, model)
                            .map(material -> () -> bench.showMaterial(material.id()));
            case STANDARD -> Optional.empty();
        };
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }
}
