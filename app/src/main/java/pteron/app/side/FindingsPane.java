package pteron.app.side;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.reckon.Sketch;
import pteron.app.station.Workbench;
import pteron.core.cure.CureField;
import pteron.core.cure.CureTrial.Tried;
import pteron.core.drawing.View;
import pteron.core.edit.Cures;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
import pteron.core.frame.FrameStation;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.Named;
import pteron.core.shell.PanelKind;
import pteron.core.station.Station;
import pteron.exchange.words.CureWords;
import pteron.exchange.words.FindingWords;

/** The findings, those of the station on top, most serious first, each with its place, margin and cure. */
public final class FindingsPane extends VBox {

    private final Workbench bench;
    private final Label count = new Label();
    private final VBox list = new VBox();

    /** Findings of a plan, following a workbench. */
    public FindingsPane(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("findings");
        count.getStyleClass().add("count");
        count.setWrapText(true);
        count.setMinHeight(USE_PREF_SIZE);
        list.getStyleClass().add("list");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(count, scroll);
        bench.document().modelProperty().subscribe(model -> update());
        bench.cures().triedProperty().subscribe(tried -> update());
        bench.themeProperty().subscribe(theme -> update());
        bench.stationProperty().subscribe(station -> update());
    }

    private void update() {
        List<Finding> findings = bench.document().model().findings();
        Finding shown = bench.findingProperty().get();
        if (shown != null && findings.stream().noneMatch(f -> f.id().equals(shown.id()))) {
            bench.findingProperty().set(null);
        }
        bench.previewProperty().set(null);
        count.setText(
                "%s · %s · %s"
                        .formatted(
                                counted(
                                        number(findings, Severity.STOPS),
                                        "stops the job",
                                        "stop the job"),
                                counted(number(findings, Severity.WATCH), "to watch", "to watch"),
                                counted(number(findings, Severity.NOTE), "note", "notes")));
        list.getChildren().setAll(cards(findings));
        if (findings.isEmpty()) {
            Label none = new Label("No findings.");
            none.getStyleClass().add("quiet");
            list.getChildren().add(none);
        }
    }

    /** Those of the station, then how many there are elsewhere, and these. */
    private List<Node> cards(List<Finding> findings) {
        Station here = bench.stationProperty().get();
        Map<Boolean, List<Finding>> parted =
                findings.stream()
                        .collect(Collectors.partitioningBy(one -> one.place().station() == here));
        List<Node> nodes = new ArrayList<>();
        parted.get(true).forEach(finding -> nodes.add(card(finding)));
        if (!parted.get(false).isEmpty()) {
            Label others = wrapped(elsewhere(parted.get(false)), "elsewhere");
            others.setMinHeight(USE_PREF_SIZE);
            nodes.add(others);
        }
        parted.get(false).forEach(finding -> nodes.add(card(finding)));
        return nodes;
    }

    private static String elsewhere(List<Finding> others) {
        Map<String, Long> counts = new LinkedHashMap<>();
        others.forEach(one -> counts.merge(one.place().station().label(), 1L, Long::sum));
        return counts.entrySet().stream()
                .map(entry -> entry.getKey() + " " + entry.getValue())
                .collect(Collectors.joining(" · "));
    }

    private static String counted(long number, String one, String several) {
        return number + " " + (number == 1 ? one : several);
    }

    private static long number(List<Finding> findings, Severity severity) {
        return findings.stream().filter(finding -> finding.severity() == severity).count();
    }

    private static Label wrapped(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }

    private Node card(Finding finding) {
        BoxPlan plan = bench.document().plan();
        Region sign = new Region();
        sign.getStyleClass().addAll("sign", Named.small(finding.severity()));
        Label headline = wrapped(FindingWords.headline(finding), "headline");
        Label place = wrapped(FindingWords.place(finding, plan), "quiet");
        String measured = FindingWords.measure(finding, plan.units());
        VBox words = new VBox(2, headline, place);
        if (finding.margin() > 0 && finding.severity() != Severity.NOTE) {
            words.getChildren().add(margin(finding));
        }
        if (!measured.isEmpty()) {
            words.getChildren().add(wrapped(measured, "measure"));
        }
        Sketch.ofFinding(finding.code(), bench.themeProperty().get())
                .ifPresent(words.getChildren()::add);
        words.getChildren().add(cure(finding, plan));
        input(finding).ifPresent(words.getChildren()::add);
        HBox card = new HBox(10, sign, words);
        card.getStyleClass().addAll("card", Named.small(finding.severity()));
        card.setId("finding-" + finding.code());
        card.setFocusTraversable(true);
        card.setAccessibleText(FindingWords.sentence(finding, plan));
        card.setOnMouseClicked(event -> show(finding));
        card.setOnKeyPressed(event -> pressed(event, finding));
        return card;
    }

    private static Node margin(Finding finding) {
        MarginBar bar = new MarginBar(96, 11);
        bar.set(finding.margin(), Verdict.of(finding.severity()));
        Label margin = new Label(FindingWords.margin(finding));
        margin.getStyleClass().add("mono");
        margin.setMinWidth(USE_PREF_SIZE);
        return new HBox(8, bar, margin);
    }

    private void pressed(KeyEvent event, Finding finding) {
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            show(finding);
            event.consume();
        }
    }

    private void show(Finding finding) {
        bench.findingProperty().set(finding);
        boolean opening =
                bench.document().plan().openings().stream()
                        .anyMatch(o -> o.id().equals(finding.place().part()));
        bench.selectedProperty().set(finding.place().part());
        if (opening) {
            Opening chosen = bench.document().plan().opening(finding.place().part());
            bench.viewProperty().set(View.of(chosen.wall()));
        }
        bench.document().model().members().stream()
                .filter(member -> member.name().equals(finding.place().part()))
                .findFirst()
                .ifPresent(this::show);
    }

    /** A member is seen at the frame, in the view that its panel is looked at in. */
    private void show(Member member) {
        bench.stationProperty().set(FrameStation.FRAME);
        PanelKind.viewOf(member.panel().kind()).ifPresent(bench.viewProperty()::set);
        bench.selectedProperty().set(member.name());
    }

    /** The button of a cure that was tried, advice, or nothing while it is being tried. */
    private Node cure(Finding finding, BoxPlan plan) {
        Tried tried = bench.cures().triedProperty().get().get(finding);
        if (tried == null && finding.cure().canBeApplied()) {
            return wrapped("Looking for a cure …", "quiet");
        }
        Finding shown = tried == null ? finding : tried.finding();
        String words = CureWords.of(shown.cure(), plan);
        if (!shown.cure().canBeApplied()) {
            return wrapped(words, "advice");
        }
        Button apply = new Button(words);
        apply.getStyleClass().add("cure");
        apply.setId("cure-" + finding.code());
        apply.setWrapText(true);
        apply.setTooltip(new Tooltip("Point at it to see it in the drawing; you can undo it"));
        apply.hoverProperty()
                .subscribe(hovers -> bench.previewProperty().set(preview(tried, hovers)));
        apply.setOnAction(
                event -> {
                    bench.previewProperty().set(null);
                    bench.edit(before -> Cures.apply(before, shown.cure()));
                });
        return apply;
    }

    /** The input that acts on a finding, one press away. */
    private Optional<Node> input(Finding finding) {
        Tried tried = bench.cures().triedProperty().get().get(finding);
        Cure cure =
                tried != null && tried.finding().cure().canBeApplied()
                        ? tried.finding().cure()
                        : finding.cure();
        BoxModel model = bench.document().model();
        return CureField.key(cure)
                .or(() -> CureField.key(finding, model))
                .flatMap(PlanFields.of(model.plan(), model.library())::number)
                .map(field -> input(finding, field));
    }

    private Node input(Finding finding, NumberField field) {
        String value = field.value(bench.document().plan()).text(bench.units());
        Button input = new Button("Input: " + field.name() + ", " + value);
        input.getStyleClass().add("input-link");
        input.setId("input-" + finding.code());
        input.setWrapText(true);
        input.setOnAction(event -> bench.goTo(field));
        return input;
    }

    private static BoxModel preview(Tried tried, boolean hovers) {
        return hovers ? tried.cured().orElse(null) : null;
    }
}
