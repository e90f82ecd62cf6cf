package pteron.app.window;

import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import javafx.util.Duration;
import pteron.app.document.Change;
import pteron.app.side.MarginBar;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.app.style.Palette;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Trailer;

/** The foot: mass against rating, the beam, the share on the coupler. */
final class FootPane extends BorderPane {

    private static final double TWO_LINES = 40;

    private static final String NOT_KEPT = "No automatic copy: save the plan";

    /** Letters of the foot over those of the window, where it is narrow for its letters. */
    private static final double NARROW_LETTERS = 0.75;

    private final Workbench bench;
    private final Label mass = new Label();
    private final Label rating = new Label();
    private final MarginBar bar = new MarginBar(150, 13);
    private final Label verdict = new Label();
    private final Label share = new Label();
    private final Label what = new Label();
    private final Label support = new Label();
    private final Label advice = new Label();
    private final PauseTransition silence = new PauseTransition(Duration.seconds(12));
    private final Canvas band = new Canvas(214, 40);

    FootPane(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("foot");
        mass.getStyleClass().add("telling-figure");
        mass.setId("total-mass");
        rating.getStyleClass().add("mono");
        verdict.getStyleClass().add("verdict");
        what.getStyleClass().add("quiet");
        HBox margin = new HBox(8, bar, verdict);
        margin.setAlignment(Pos.CENTER_LEFT);
        VBox left = new VBox(3, mass, what, rating, margin);
        left.getStyleClass().add("foot-side");
        Letters.wide(left, 254, bench.lettersProperty(), bench.narrowProperty());
        setLeft(left);
        setCenter(new BeamPane(bench));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        share.getStyleClass().addAll("mono", "big");
        share.setId("coupler-share");
        HBox head = new HBox(support, gap, share);
        telling();
        VBox right = new VBox(4, head, band, advice);
        right.getStyleClass().add("foot-side");
        Letters.wide(right, 254, bench.lettersProperty(), bench.narrowProperty());
        setMinHeight(112);
        setRight(right);
        bench.document().modelProperty().subscribe(model -> update());
        bench.themeProperty().subscribe(theme -> update());
    }

    private void telling() {
        advice.getStyleClass().add("quiet");
        advice.setWrapText(true);
        advice.setId("foot-words");
        bench.lettersProperty().subscribe(scale -> keepLines());
        bench.narrowProperty().subscribe(narrow -> keepLines());
        silence.setOnFinished(event -> quiet());
        bench.document().notKeptProperty().subscribe(sentence -> quiet());
        quiet();
        bench.document().changeProperty().subscribe(this::tell);
    }

    /** Two lines are kept, so that telling something moves nothing; a narrow window has smaller letters here. */
    private void keepLines() {
        double scale = bench.lettersProperty().get();
        boolean narrow = bench.narrowProperty().get();
        double letters = narrow ? Math.max(1, scale * NARROW_LETTERS) : scale;
        setStyle("-fx-font-size: %.1fpx;".formatted(Letters.USUAL * letters));
        advice.setMinHeight(TWO_LINES * letters);
        advice.setMaxHeight(TWO_LINES * letters);
        what.setVisible(!narrow);
        what.setManaged(!narrow);
    }

    /** Tells what an edit has changed, for a moment. */
    private void tell(Change change) {
        if (change != null) {
            advice.setText(ChangeWords.of(change));
            advice.setTooltip(new Tooltip(change.words()));
            advice.getStyleClass().setAll("label", "changed");
            silence.playFromStart();
        }
    }

    /** What must not be overlooked stays until it is so no longer. */
    private void quiet() {
        String notKept = bench.document().notKeptProperty().get();
        boolean kept = notKept.isEmpty();
        advice.setText(kept ? "Weigh it before you tow or drive" : NOT_KEPT);
        advice.setTooltip(kept ? null : new Tooltip(notKept));
        advice.getStyleClass().setAll("label", kept ? "quiet" : "stops");
    }

    private void update() {
        BoxModel model = bench.document().model();
        double gross = model.plan().vehicle().gear().grossKg();
        double margin = model.balance().massKg() / gross;
        String unit = Unit.KILOGRAM.symbol(bench.units());
        mass.setText(BeamPane.whole(model.balance().massKg(), bench.units()) + " " + unit);
        rating.setText("rating " + BeamPane.whole(gross, bench.units()) + " " + unit);
        bar.set(margin);
        verdict.setText(MarginBar.word(margin));
        verdict.getStyleClass().setAll("verdict", MarginBar.word(margin));
        double percent = model.balance().load().frontPercent();
        share.setText(NumberText.format(percent, 1) + " %");
        boolean trailer = model.plan().vehicle() instanceof Trailer;
        what.setText((trailer ? "trailer" : "truck") + " and box, unladen");
        support.setText(model.carrier().front().name() + " share");
        band.setVisible(trailer);
        band(percent);
    }

    /** The band from 10 to 15 percent with the share marked in it. */
    private void band(double percent) {
        GraphicsContext g = band.getGraphicsContext2D();
        Palette palette = Palette.of(bench.themeProperty().get());
        double w = band.getWidth();
        double most = 25;
        g.clearRect(0, 0, w, band.getHeight());
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        g.strokeRect(0.5, 5.5, w - 1, 10);
        g.setFill(palette.holds().deriveColor(0, 1, 1, 0.35));
        g.fillRect(10 / most * w, 6, 5 / most * w, 9);
        double x = Math.clamp(percent / most * w, 1, w - 2);
        g.setFill(percent < 10 ? palette.stops() : percent > 15 ? palette.watch() : palette.ink());
        g.fillRect(x - 1.5, 1, 3, 19);
        g.setFont(Font.font("Overpass Mono", 12));
        g.setFill(palette.quiet());
        g.setTextAlign(TextAlignment.CENTER);
        for (int tick : new int[] {10, 15}) {
            g.fillText(Integer.toString(tick), tick / most * w, 34);
        }
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("0", 0, 34);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("25 %", w, 34);
    }
}
