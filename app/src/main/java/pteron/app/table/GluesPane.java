package pteron.app.table;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import pteron.app.station.Workbench;
import pteron.core.figure.Figure;
import pteron.core.glue.Glue;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.model.BoxModel;
import pteron.core.model.Made;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Every joint of the make-up with what holds it, how much of it, how warm it must be and how long it takes. */
final class GluesPane extends ScrollPane {

    private static final List<String> HEADS =
            List.of("joint", "held by", "area", "amount", "between", "open", "ready after");

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
        bench.document().modelProperty().subscribe(this::update);
    }

    private void update(BoxModel model) {
        grid.getChildren().clear();
        totals.getChildren().clear();
        Glues glues = model.made().map(Made::glues).orElse(Glues.NONE);
        for (int i = 0; i < HEADS.size(); i++) {
            grid.add(quiet(HEADS.get(i)), i, 0);
        }
        int row = 1;
        String part = "";
        for (GlueJoint joint : glues.joints()) {
            if (!joint.part().equals(part)) {
                part = joint.part();
                Label title = new Label(capital(part));
                title.getStyleClass().add("headline");
                grid.add(title, 0, row++, HEADS.size(), 1);
            }
            row(row++, joint);
        }
        for (Figure figure : glues.figures()) {
            totals.getChildren()
                    .add(mono(figure.name() + "  " + figure.quantity().text(bench.units())));
        }
    }

    private void row(int row, GlueJoint joint) {
        Label pair = new Label(joint.outer() + " to " + joint.inner().toLowerCase(Locale.ROOT));
        pair.setWrapText(true);
        pair.setPrefWidth(190);
        Label held = new Label(held(joint));
        held.setWrapText(true);
        held.setPrefWidth(150);
        if (joint.held() == GlueJoint.Held.EATS || joint.held() == GlueJoint.Held.DOES_NOT_HOLD) {
            held.getStyleClass().add("refused");
        }
        grid.addRow(row, pair, held, mono(area(joint)));
        joint.glue().ifPresent(glue -> glue(row, joint, glue));
    }

    private void glue(int row, GlueJoint joint, Glue glue) {
        Quantity litres = new Quantity(joint.litres(), Unit.LITRE);
        grid.add(mono(litres.text(bench.units())), 3, row);
        grid.add(mono(window(glue.window())), 4, row);
        grid.add(mono(time(glue.times().openMinutes() / 60)), 5, row);
        grid.add(
                mono(time(glue.times().cureHours()) + (glue.times().clamped() ? ", pressed" : "")),
                6,
                row);
    }

    private String held(GlueJoint joint) {
        String glue =
                joint.glue()
                        .map(found -> bench.document().model().library().get(found.id()).name())
                        .orElse("");
        return switch (joint.held()) {
            case GLUED -> glue;
            case DOES_NOT_HOLD -> glue + " does not hold it";
            case EATS -> glue + " eats it";
            case SCREWED -> "screws";
            case LOOSE -> "laid in loose";
            case NOTHING_SUITS -> "nothing suits: screw it";
        };
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

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        return label;
    }

    private static Label mono(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("mono");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
