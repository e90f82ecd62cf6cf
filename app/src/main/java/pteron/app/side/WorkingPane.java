package pteron.app.side;

import java.util.ArrayDeque;
import java.util.Deque;
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
import pteron.core.figure.Working;
import pteron.core.model.BoxModel;
import pteron.exchange.words.WorkingWords;

/** The working of a figure: formula, numbers, source. */
public final class WorkingPane extends VBox {

    private static final double MOST_HIGH = 210;
    private static final double HEAD_HIGH = 104;
    private static final double ROW_HIGH = 20;

    /** One working on the way from the figure that was asked for. */
    private record Step(String title, Working working) {}

    private final Workbench bench;
    private final Deque<Step> way = new ArrayDeque<>();
    private final Hyperlink back = new Hyperlink("‹ back");
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
        back.setId("working-back");
        back.setOnAction(event -> goBack());
        HBox head = new HBox(8, back, title, close);
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

    /** Begins anew at the figure that is asked for: after an edit the numbers on the way to another are old. */
    private void update() {
        Figure figure = bench.figure(bench.workingProperty().get());
        setVisible(figure != null);
        setManaged(figure != null);
        way.clear();
        if (figure != null) {
            go(step(figure));
        }
    }

    private Step step(Figure figure) {
        return new Step(figure.name() + " = " + figure.text(bench.units()), figure.working());
    }

    private void go(Step step) {
        way.push(step);
        show();
    }

    private void goBack() {
        way.pop();
        show();
    }

    private void show() {
        Step step = way.peek();
        back.setVisible(way.size() > 1);
        back.setManaged(way.size() > 1);
        Working working = step.working();
        title.setText("Working: " + step.title());
        formula.setText(MathText.of(working.formula()));
        terms.getChildren().clear();
        int row = 0;
        for (Working.Term term : working.terms()) {
            terms.addRow(
                    row++,
                    cell(MathText.of(term.symbol()), "mono"),
                    cell(MathText.of(term.quantity().workedText(bench.units())), "mono"),
                    cell(term.meaning(), "words"),
                    origin(term));
        }
        source.setText("Source: " + working.source());
        double letters = bench.lettersProperty().get();
        setMaxHeight(MOST_HIGH * letters);
        setPrefHeight(Math.min(MOST_HIGH, HEAD_HIGH + ROW_HIGH * row) * letters);
    }

    /** Where a number came from; a press follows it there. */
    private Node origin(Working.Term term) {
        String words = WorkingWords.origin(term.origin());
        return follow(term)
                .<Node>map(
                        action -> {
                            Hyperlink link = new Hyperlink(words + " ›");
                            link.setId("follow-" + term.symbol().replace(' ', '-'));
                            link.setOnAction(event -> action.run());
                            return link;
                        })
                .orElseGet(() -> cell(words, "quiet"));
    }

    private Optional<Runnable> follow(Working.Term term) {
        BoxModel model = bench.document().model();
        return switch (term.lead()) {
            case Working.Lead.ToFigure to ->
                    Optional.ofNullable(bench.figure(to.key()))
                            .map(figure -> () -> go(step(figure)));
            case Working.Lead.ToWorking to -> Optional.of(() -> go(step(term, to.working().get())));
            case Working.Lead.End _ -> decided(term, model);
        };
    }

    private Step step(Working.Term term, Working working) {
        String name = term.meaning().isEmpty() ? term.symbol() : term.meaning();
        return new Step(name + " = " + term.quantity().workedText(bench.units()), working);
    }

    /** A number that was decided is shown where it was: its input, its material. */
    private Optional<Runnable> decided(Working.Term term, BoxModel model) {
        return switch (term.origin()) {
            case PLAN -> WorkingLinks.field(term, model).map(field -> () -> bench.goTo(field));
            case MATERIAL ->
                    WorkingLinks.material(term, model)
                            .map(material -> () -> bench.showMaterial(material.id()));
            case WORKED_OUT, STANDARD -> Optional.empty();
        };
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }
}
