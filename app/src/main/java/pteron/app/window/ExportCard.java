package pteron.app.window;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.pdf.Paper;
import pteron.exchange.words.FindingWords;

/** What goes out: which lists and drawings, on which paper, and what stops the job before. */
final class ExportCard extends VBox {

    private static final int MOST_STOPS = 4;

    private final Map<String, CheckBox> kinds = new LinkedHashMap<>();
    private final Map<String, CheckBox> views = new LinkedHashMap<>();
    private final ComboBox<String> paper = new ComboBox<>();
    private final CheckBox alsoMetric = new CheckBox("Millimetres beside the inches in lists");

    ExportCard(BoxModel model, String view) {
        super(6);
        setId("export-card");
        stops(model).ifPresent(getChildren()::add);
        kind(kinds, "csv", "Lists as tables (CSV): cut list, bars, sheets, materials", true);
        kind(kinds, "pdf", "Everything on paper (PDF): summary, cut list, drawings, figures", true);
        kind(kinds, "json", "All figures (JSON)", false);
        Label one = new Label("This view alone: " + view);
        one.getStyleClass().add("group");
        getChildren().add(one);
        kind(views, "svg", "as drawing (SVG)", false);
        kind(views, "pdf-view", "as page (PDF)", false);
        kind(views, "png", "as picture (PNG)", false);
        paper.setId("export-paper");
        paper.setAccessibleText("Paper");
        paper.getItems().setAll("A4", "Letter");
        paper.setValue(model.plan().units() == UnitSystem.METRIC ? "A4" : "Letter");
        getChildren().addAll(new Label("Paper"), paper);
        alsoMetric.setId("export-also-mm");
        if (model.plan().units() == UnitSystem.INCHES) {
            getChildren().add(alsoMetric);
        }
    }

    /** What stops the job is named before anything leaves the house. */
    private static Optional<Node> stops(BoxModel model) {
        List<Finding> stops =
                model.findings().stream()
                        .filter(finding -> finding.severity() == Severity.STOPS)
                        .toList();
        if (stops.isEmpty()) {
            return Optional.empty();
        }
        List<String> lines = new ArrayList<>();
        lines.add(
                stops.size() == 1
                        ? "One finding stops the job:"
                        : stops.size() + " findings stop the job:");
        for (Finding finding : stops.subList(0, Math.min(MOST_STOPS, stops.size()))) {
            lines.add(
                    FindingWords.headline(finding)
                            + ", "
                            + FindingWords.place(finding, model.plan()));
        }
        Label words = new Label(String.join("\n", lines));
        words.setWrapText(true);
        words.setId("export-stops");
        words.getStyleClass().add("refused");
        return Optional.of(words);
    }

    private void kind(Map<String, CheckBox> into, String key, String words, boolean chosen) {
        CheckBox box = new CheckBox(words);
        box.setId("export-" + key);
        box.setSelected(chosen);
        into.put(key, box);
        getChildren().add(box);
    }

    private static Set<String> chosen(Map<String, CheckBox> boxes) {
        Set<String> keys = new LinkedHashSet<>();
        boxes.forEach(
                (key, box) -> {
                    if (box.isSelected()) {
                        keys.add(key);
                    }
                });
        return keys;
    }

    /** {@return which lists and drawings: csv, pdf, json} */
    Set<String> kinds() {
        return chosen(kinds);
    }

    /** {@return as what the view goes out: svg, pdf-view, png} */
    Set<String> views() {
        return chosen(views);
    }

    Paper paper() {
        return Paper.named(paper.getValue());
    }

    /** {@return whether lists in inches give millimetres beside} */
    boolean isAlsoMetric() {
        return alsoMetric.isSelected();
    }
}
