package pteron.app.side;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import pteron.app.drawing.DrawingBehavior;
import pteron.app.station.FieldRow;
import pteron.app.station.Workbench;
import pteron.core.edit.OutlineHandle;
import pteron.core.field.Field;
import pteron.core.field.PlanFields;
import pteron.core.plan.PlanKeys;
import pteron.core.station.Station;
import pteron.exchange.words.Cautions;

/** What the station takes: every number and choice of the plan that belongs to it, edited in place. */
public final class InputsPane extends ScrollPane {

    private static final int TRIES = 6;
    private static final double MOMENT_MS = 60;

    private final Workbench bench;
    private final DrawingBehavior behavior;
    private final VBox rows = new VBox();
    private final Map<String, FieldRow> byId = new LinkedHashMap<>();
    private final List<Label> headings = new ArrayList<>();
    private List<String> shownKeys = List.of();

    /** Inputs of the station, following a workbench while they are looked at. */
    public InputsPane(Workbench bench, ObservableBooleanValue shown) {
        this.bench = bench;
        this.behavior = new DrawingBehavior(bench.document());
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "inputs");
        rows.getStyleClass().add("rows");
        WhileShown fresh = new WhileShown(shown, this::update);
        bench.document().modelProperty().subscribe(model -> fresh.changed());
        bench.stationProperty()
                .subscribe(
                        station -> {
                            fresh.changed();
                            setVvalue(0);
                        });
        bench.selectedProperty().subscribe(part -> Platform.runLater(() -> scrollTo(part)));
        bench.inputProperty().subscribe(key -> Platform.runLater(() -> focus(key)));
        shown.subscribe(now -> Platform.runLater(() -> scrollTo(bench.selectedProperty().get())));
    }

    private void update() {
        Station station = bench.stationProperty().get();
        PlanFields fields =
                PlanFields.of(bench.document().plan(), bench.document().model().library());
        Map<String, List<Field>> groups = FieldGroups.of(station, fields, bench.document().plan());
        List<String> keys = new ArrayList<>(List.of(station.key()));
        groups.forEach(
                (heading, own) -> {
                    keys.add(heading);
                    own.forEach(field -> keys.add(FieldRow.id(field)));
                });
        if (keys.equals(shownKeys)) {
            groups.values()
                    .forEach(own -> own.forEach(field -> byId.get(FieldRow.id(field)).show(field)));
        } else {
            shownKeys = keys;
            rebuild(station, groups);
        }
    }

    private void rebuild(Station station, Map<String, List<Field>> groups) {
        rows.getChildren().clear();
        byId.clear();
        headings.clear();
        String caution = Cautions.of(station);
        if (!caution.isEmpty()) {
            Label words = new Label(caution);
            words.setWrapText(true);
            words.getStyleClass().add("caution");
            rows.getChildren().add(words);
        }
        if (groups.isEmpty()) {
            Label none = new Label("No inputs here: this station follows from the others.");
            none.setWrapText(true);
            none.getStyleClass().add("quiet");
            rows.getChildren().add(none);
        }
        groups.forEach(this::group);
    }

    private void group(String name, List<Field> fields) {
        Label heading = new Label(name);
        heading.getStyleClass().add("group");
        heading.setWrapText(true);
        headings.add(heading);
        rows.getChildren().add(heading);
        for (Field field : fields) {
            FieldRow row = new FieldRow(bench, behavior, field);
            byId.put(FieldRow.id(field), row);
            rows.getChildren().add(row);
        }
    }

    /** Brings the inputs of what is chosen into sight. */
    private void scrollTo(String part) {
        if (part.isEmpty() || rows.getScene() == null) {
            return;
        }
        int corner = OutlineHandle.arrivesAt(part);
        String key = corner < 0 ? PlanKeys.opening(part) : PlanKeys.corner(corner);
        byId.entrySet().stream()
                .filter(row -> row.getKey().startsWith("number-" + key + "."))
                .findFirst()
                .ifPresent(row -> show(row.getValue()));
    }

    /** Shows an input that is looked for and gives it the focus. */
    private void focus(String key) {
        FieldRow row = byId.getOrDefault("number-" + key, byId.get("choice-" + key));
        if (!key.isEmpty() && row != null) {
            focus(row, TRIES);
        }
    }

    /** A tab that is only just opened takes no focus yet: asked again a moment later. */
    private void focus(FieldRow row, int tries) {
        show(row);
        Node editor = row.getChildren().get(1);
        editor.requestFocus();
        if (tries > 0) {
            PauseTransition later = new PauseTransition(Duration.millis(MOMENT_MS));
            later.setOnFinished(
                    event -> {
                        if (!editor.isFocused() || getVvalue() == 0) {
                            focus(row, tries - 1);
                        }
                    });
            later.play();
        }
    }

    private void show(Node row) {
        layout();
        int at = rows.getChildren().indexOf(row);
        Node top =
                at > 0 && headings.contains(rows.getChildren().get(at - 1))
                        ? rows.getChildren().get(at - 1)
                        : row;
        double hidden = rows.getHeight() - getViewportBounds().getHeight();
        if (hidden > 0) {
            setVvalue(Math.clamp(top.getBoundsInParent().getMinY() / hidden, 0, 1));
        }
    }
}
