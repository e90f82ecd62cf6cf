package pteron.app.outline;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.app.style.PlainField;
import pteron.core.outline.Outline;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.RefusalWords;

/** The uprights under the outline for any spacing, and the outline at one place: what is marked on the bar. */
final class UprightsPane extends ScrollPane {

    /** Key of the table. */
    static final String KEY = "uprights";

    private static final List<String> HEADS =
            List.of(
                    "",
                    "front edge at",
                    "stands at",
                    "front side",
                    "rear side",
                    "cut bar to",
                    "bevel");

    private final Workbench bench;
    private final TextField spacing = field("uprights-spacing", "Uprights every");
    private final TextField thickness = field("uprights-thickness", "Thickness of the uprights");
    private final TextField place = field("uprights-place", "One place, behind front of box");
    private final Label there = new Label();
    private final Label refused = new Label();
    private final GridPane grid = new GridPane();
    private UnitSystem shown;

    UprightsPane(Workbench bench) {
        this.bench = bench;
        setId("uprights-pane");
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "table-pane");
        grid.setHgap(22);
        grid.setVgap(6);
        there.setId("uprights-there");
        there.getStyleClass().add("mono");
        refused.setWrapText(true);
        FlowPane asked =
                new FlowPane(
                        14,
                        6,
                        named("every", spacing),
                        named("thick", thickness),
                        named("one place", place),
                        there);
        asked.setRowValignment(VPos.BOTTOM);
        VBox all = new VBox(12, asked, refused, grid);
        all.getStyleClass().add("rows");
        setContent(all);
        for (TextField field : List.of(spacing, thickness, place)) {
            field.textProperty().subscribe((before, now) -> list());
        }
        Cells.whileOpen(bench, KEY, this::refresh);
    }

    private static TextField field(String id, String words) {
        TextField field = new PlainField();
        field.setId(id);
        field.setAccessibleText(words);
        field.setPrefColumnCount(8);
        return field;
    }

    private static VBox named(String name, TextField field) {
        Label label = Cells.quiet(name);
        label.setLabelFor(field);
        return new VBox(3, label, field);
    }

    /** Writes the plan's own setting the first time and when the units change. */
    private void refresh() {
        UnitSystem units = bench.units();
        if (units != shown) {
            shown = units;
            UprightSetting usual = UprightSetting.of(bench.document().plan().makeUp());
            Outline outline = bench.document().model().outline();
            double middle = Math.rint((outline.foremostMm() + outline.rearmostMm()) / 2);
            spacing.setText(LengthText.format(usual.spacingMm(), units));
            thickness.setText(LengthText.format(usual.thicknessMm(), units));
            place.setText(LengthText.format(middle, units));
        }
        list();
    }

    private void list() {
        refused.setText("");
        refused.getStyleClass().setAll("label");
        attempt(this::rows);
        attempt(this::there);
        Cells.whole(grid);
        there.setMinWidth(USE_PREF_SIZE);
    }

    private void attempt(Consumer<Outline> step) {
        try {
            step.accept(bench.document().model().outline());
        } catch (IllegalArgumentException e) {
            refused.setText(RefusalWords.of(e, bench.units()));
            refused.getStyleClass().setAll("label", "refused");
        }
    }

    private double typed(TextField field) {
        return LengthText.parse(field.getText(), bench.units());
    }

    private void rows(Outline outline) {
        List<Upright> uprights =
                new UprightSetting(typed(spacing), typed(thickness)).under(outline);
        Cells.heads(grid, HEADS);
        for (int i = 0; i < uprights.size(); i++) {
            Upright upright = uprights.get(i);
            grid.addRow(
                    i + 1,
                    new Label(String.valueOf(i + 1)),
                    mono(Quantity.mm(upright.placeMm())),
                    mono(Quantity.mm(upright.footMm())),
                    mono(Quantity.mm(upright.frontSideMm())),
                    mono(Quantity.mm(upright.rearSideMm())),
                    mono(Quantity.mm(upright.longSideMm())),
                    mono(Quantity.degrees(upright.bevelDegrees())));
        }
    }

    private void there(Outline outline) {
        double at = typed(place);
        if (!outline.usable() || outline.heightAt(at).isEmpty()) {
            there.setText("outside the outline");
            return;
        }
        String height = text(Quantity.mm(outline.heightAt(at).getAsDouble()));
        String slope =
                outline.slopeAt(at).isPresent()
                        ? ", slope and bevel "
                                + text(Quantity.degrees(outline.slopeAt(at).getAsDouble()))
                        : "";
        there.setText(height + " high" + slope);
    }

    private String text(Quantity quantity) {
        return quantity.text(bench.units());
    }

    private Label mono(Quantity quantity) {
        return Cells.mono(text(quantity));
    }
}
