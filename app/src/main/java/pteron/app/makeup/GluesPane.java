package pteron.app.makeup;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.core.figure.Figure;
import pteron.core.glue.Glue;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.exchange.makeup.GlueWords;

/** Every joint of the make-up with what holds it, how much of it, how warm it must be and how long it takes. */
final class GluesPane extends ScrollPane {

    /** Key of the table. */
    static final String KEY = "glues";

    private static final List<String> HEADS =
            List.of("joint", "fixing", "area", "amount", "between", "open", "cure time");

    private final Workbench bench;
    private final GridPane grid = new GridPane();
    private final VBox totals = new VBox(4);

    GluesPane(Workbench bench) {
        this.bench = bench;
        setId("glues-pane");
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "table-pane");
        grid.setHgap(14);
        grid.setVgap(6);
        Label caution =
                new Label(
                        "Solvents and epoxy: air the room, wear gloves, no flame. Try a scrap of the foam first; the label governs.");
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        VBox all = new VBox(12, caution, grid, totals);
        all.getStyleClass().add("rows");
        setContent(all);
        Cells.whileOpen(bench, KEY, this::update);
    }

    private void update() {
        Cells.heads(grid, HEADS);
        totals.getChildren().clear();
        BoxModel model = bench.document().model();
        Glues glues = model.made().map(found -> found.get(Glues.class)).orElse(Glues.NONE);
        int row = 1;
        String part = "";
        for (GlueJoint joint : glues.joints()) {
            if (!joint.part().equals(part)) {
                part = joint.part();
                Label title = Cells.headline(Cells.capital(part));
                grid.add(title, 0, row++, HEADS.size(), 1);
            }
            row(row++, joint);
        }
        for (Figure figure : glues.figures()) {
            totals.getChildren().add(Cells.mono(figure.name() + "  " + figure.text(bench.units())));
        }
    }

    private void row(int row, GlueJoint joint) {
        Label pair = new Label(joint.outer() + " to " + joint.inner().toLowerCase(Locale.ROOT));
        pair.setWrapText(true);
        pair.setPrefWidth(190);
        Label held = new Label(GlueWords.held(joint, bench.document().model().library()));
        held.setWrapText(true);
        held.setPrefWidth(150);
        if (joint.held() == GlueJoint.Held.EATS || joint.held() == GlueJoint.Held.DOES_NOT_HOLD) {
            held.getStyleClass().add("refused");
        }
        grid.addRow(row, pair, held, Cells.mono(area(joint)));
        joint.glue().ifPresent(glue -> glue(row, joint, glue));
    }

    private void glue(int row, GlueJoint joint, Glue glue) {
        Quantity litres = new Quantity(joint.litres(), Unit.LITRE);
        grid.add(Cells.mono(litres.text(bench.units())), 3, row);
        grid.add(Cells.mono(window(glue.window())), 4, row);
        grid.add(Cells.mono(time(glue.times().openMinutes() / 60)), 5, row);
        grid.add(
                Cells.mono(
                        time(glue.times().cureHours())
                                + (glue.times().clamped() ? ", pressed" : "")),
                6,
                row);
    }

    private String area(GlueJoint joint) {
        return new Quantity(joint.areaM2(), Unit.SQUARE_METRE).text(bench.units());
    }

    private String window(Glue.Window window) {
        return "%s to %s %s"
                .formatted(
                        NumberText.format(Unit.CELSIUS.shown(window.leastC(), bench.units()), 0),
                        NumberText.format(Unit.CELSIUS.shown(window.mostC(), bench.units()), 0),
                        Unit.CELSIUS.symbol(bench.units()));
    }

    private static String time(double hours) {
        return hours < 2
                ? NumberText.format(hours * 60, 0) + " min"
                : NumberText.format(hours, 0) + " h";
    }
}
