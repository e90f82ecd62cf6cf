package pteron.app.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.station.Workbench;
import pteron.core.buildup.SectionText;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.cutting.CuttingPlan;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.station.OtherUnits;

/** Every bar with what is cut from it, to scale, in the order of cutting. */
public final class CutPane extends ScrollPane {

    /** Room for a letter of a length on its piece (pixels); shorter pieces are told under their bar. */
    private static final double LETTER = 8.5;

    private static final double NAME_WIDTH = 122;
    private static final double SIDES = 70;

    private final Workbench bench;
    private final VBox rows = new VBox(5);

    /** Bars with their cuts, following a workbench. */
    public CutPane(Workbench bench) {
        this.bench = bench;
        setId("cut-pane");
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "cut-pane");
        rows.getStyleClass().add("rows");
        bench.cutting().cuttingProperty().subscribe(cutting -> update());
        bench.cutting().workingProperty().subscribe(working -> update());
        bench.document().modelProperty().subscribe(model -> update());
        widthProperty().subscribe(width -> update());
    }

    private void update() {
        rows.getChildren().clear();
        BarCutting cutting = bench.cutting().cuttingProperty().get();
        if (bench.cutting().workingProperty().get()) {
            rows.getChildren()
                    .add(quiet("Updating … the cutting plan below is from before the last edit."));
        }
        OtherUnits.sentence(bench.document().model())
                .ifPresent(words -> rows.getChildren().add(quiet(words)));
        for (Map.Entry<BarCutting.Kind, CuttingPlan> kind : cutting.kinds().entrySet()) {
            rows.getChildren().add(heading(kind.getKey(), kind.getValue()));
            double longest =
                    kind.getValue().bars().stream().mapToDouble(Bar::stockMm).max().orElse(1);
            double scale = (getWidth() - SIDES - nameWidth()) / longest;
            Bar.alike(kind.getValue().bars(), bench.units()).forEach(bars -> bars(bars, scale));
            tooLong(kind.getValue().tooLong());
        }
        if (cutting.kinds().isEmpty()) {
            rows.getChildren().add(quiet("No cutting plan yet. See Findings."));
        }
    }

    private double nameWidth() {
        return NAME_WIDTH * bench.lettersProperty().get();
    }

    private void tooLong(List<CutPart> parts) {
        for (CutPart part : parts) {
            rows.getChildren()
                    .add(quiet(part.name() + " is longer than any stock bar and is left out."));
        }
    }

    private Label heading(BarCutting.Kind kind, CuttingPlan plan) {
        UnitSystem units = bench.units();
        String best =
                plan.provenBest()
                        ? "proven minimum"
                        : "at least " + Quantity.mm(plan.boundMm()).text(units);
        Label label =
                new Label(
                        "%s, %s: buy %d bars, %s (%s), %s %% waste"
                                .formatted(
                                        SectionText.of(kind.section(), units),
                                        bench.document()
                                                .model()
                                                .library()
                                                .get(kind.timber())
                                                .name(),
                                        plan.bars().size(),
                                        Quantity.mm(plan.boughtMm()).text(units),
                                        best,
                                        NumberText.format(plan.wastePercent(), 1)));
        label.getStyleClass().add("headline");
        label.setWrapText(true);
        return label;
    }

    private void bars(List<Bar> bars, double scale) {
        rows.getChildren().add(row(bars.getFirst(), bars.size(), scale));
        String cuts = cuts(bars.getFirst());
        Label words = quiet(cuts);
        words.setPadding(new Insets(0, 0, 4, nameWidth() + 8));
        rows.getChildren().add(words);
    }

    /** {@return the cuts of a bar, equal ones counted: 6 × 521, 339} */
    private String cuts(Bar bar) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (CutPart piece : bar.pieces()) {
            counts.merge(LengthText.format(piece.lengthMm(), bench.units()), 1, Integer::sum);
        }
        List<String> words = new ArrayList<>();
        counts.forEach((length, count) -> words.add(count > 1 ? count + " × " + length : length));
        return String.join(",  ", words)
                + ", offcut "
                + Quantity.mm(bar.restMm()).text(bench.units());
    }

    private Node row(Bar bar, int count, double scale) {
        String times = count > 1 ? count + " × " : "";
        Label stock = new Label(times + Quantity.mm(bar.stockMm()).text(bench.units()));
        stock.getStyleClass().add("mono");
        stock.setMinWidth(nameWidth());
        HBox strip = new HBox();
        strip.setAlignment(Pos.CENTER_LEFT);
        double trim = bar.saw().endTrimMm() * scale;
        strip.getChildren().add(trim(bar, trim));
        for (CutPart piece : bar.pieces()) {
            strip.getChildren().add(piece(piece, piece.lengthMm() * scale));
            strip.getChildren().add(gap("kerf", Math.max(1, bar.kerfMm() * scale)));
        }
        Region rest = gap("rest", Math.max(0, bar.restMm() * scale));
        Tooltip.install(
                rest, new Tooltip("offcut: " + Quantity.mm(bar.restMm()).text(bench.units())));
        strip.getChildren().addAll(rest, trim(bar, trim));
        HBox.setHgrow(strip, Priority.ALWAYS);
        HBox row = new HBox(8, stock, strip);
        row.getStyleClass().add("bar-row");
        row.setUserData(count);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** What is cut off an end; nothing where ends are kept. */
    private Region trim(Bar bar, double width) {
        Region trim = gap("trim", width);
        Tooltip.install(
                trim,
                new Tooltip("end trim: " + Quantity.mm(bar.saw().endTrimMm()).text(bench.units())));
        return trim;
    }

    private Label piece(CutPart piece, double width) {
        String length = LengthText.format(piece.lengthMm(), bench.units());
        double letter = LETTER * bench.lettersProperty().get();
        Label label = new Label(width < length.length() * letter ? "" : length);
        label.getStyleClass().add("cut-piece");
        label.setMinWidth(width);
        label.setMaxWidth(width);
        label.setTooltip(new Tooltip(piece.name() + ", " + length));
        label.setAccessibleText(piece.name() + " " + length);
        return label;
    }

    private static Region gap(String style, double width) {
        Region region = new Region();
        region.getStyleClass().add(style);
        region.setMinSize(width, 22);
        region.setMaxSize(width, 22);
        return region;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }
}
