package pteron.app.start;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.side.MarginBar;
import pteron.core.carrier.Support;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.FindingWords;

/** What comes out at once: rough figures of the new plan, what was guessed for them, and the way on. */
final class AtOnce extends VBox {

    /** How far off a weight may be while all but the outline is guessed, as a part of the box. */
    private static final double GUESSED = 0.1;

    private final VBox figures = new VBox(3);

    AtOnce() {
        super(12);
        getChildren().add(figures);
    }

    void update(BoxModel model) {
        UnitSystem units = model.plan().units();
        double gross = model.plan().vehicle().gear().grossKg();
        double mass = model.balance().massKg();
        double box = model.balance().boxKg();
        double high = model.outline().heightMm() - model.carrier().groundMm();
        double limit = model.plan().limits().heightMm();
        Support front = model.carrier().front();
        figures.getChildren()
                .setAll(
                        quiet("Payload left"),
                        big(kg(gross - mass, units), "± " + kg(box * GUESSED, units)),
                        bar(mass / gross),
                        quiet("of " + kg(gross, units) + " gross"),
                        quiet("Overall height"),
                        big(Quantity.mm(high).text(units), ""),
                        bar(high / limit),
                        quiet(Quantity.mm(limit - high).text(units) + " below the road limit"),
                        quiet("Mass of the box, unladen"),
                        big(kg(box, units), "± " + kg(box * GUESSED, units)),
                        quiet(
                                "%s carries %s of %s"
                                        .formatted(
                                                front.name(),
                                                kg(model.balance().load().frontKg(), units),
                                                kg(front.ratingKg(), units))),
                        bar(model.balance().load().frontKg() / front.ratingKg()),
                        guessed(model),
                        serious(model));
    }

    private static Node guessed(BoxModel model) {
        boolean bought = model.plan().found().isPresent();
        String walls =
                Quantity.mm(model.plan().makeUp().walls().thicknessMm()).text(model.plan().units());
        String empty = kg(model.plan().vehicle().emptyKg(), model.plan().units());
        String carrier = model.plan().vehicle().cab().isPresent() ? "truck" : "trailer";
        Label words =
                quiet(
                        bought
                                ? "Assumed for now: %s walls, ribs every %s, a light inner wall; trailer and box %s. Measure and weigh yours."
                                        .formatted(
                                                walls,
                                                Quantity.mm(
                                                                model.plan()
                                                                        .found()
                                                                        .get()
                                                                        .left()
                                                                        .spacingMm())
                                                        .text(model.plan().units()),
                                                empty)
                                : "Assumed for now: %s walls, %s outside; unladen %s %s. Weigh yours."
                                        .formatted(walls, skin(model), carrier, empty));
        words.setWrapText(true);
        return words;
    }

    private static String skin(BoxModel model) {
        String id = model.plan().makeUp().walls().outerSkin().material();
        return model.library().get(id).name().toLowerCase(Locale.ROOT);
    }

    /** The most serious finding, if any stops the job. */
    private static Node serious(BoxModel model) {
        Label words = new Label();
        words.setWrapText(true);
        model.findings().stream()
                .filter(finding -> finding.severity() == Severity.STOPS)
                .findFirst()
                .map(finding -> words(finding, model))
                .ifPresent(
                        sentence -> {
                            words.setText(sentence);
                            words.getStyleClass().add("refused");
                        });
        words.setManaged(!words.getText().isEmpty());
        return words;
    }

    private static String words(Finding finding, BoxModel model) {
        String measure = FindingWords.measure(finding, model.plan().units());
        return FindingWords.headline(finding) + (measure.isEmpty() ? "" : ": " + measure);
    }

    private static String kg(double kg, UnitSystem units) {
        return NumberText.format(Unit.KILOGRAM.shown(kg, units), 0)
                + " "
                + Unit.KILOGRAM.symbol(units);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    private static Node big(String text, String about) {
        Label figure = new Label(text);
        figure.getStyleClass().add("telling-figure");
        Label more = new Label(about);
        more.getStyleClass().addAll("mono", "quiet");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return new HBox(10, figure, more, gap);
    }

    private static Node bar(double margin) {
        MarginBar bar = new MarginBar(150, 12);
        bar.set(margin);
        Label word = new Label(MarginBar.word(margin));
        word.getStyleClass().setAll("label", "verdict", MarginBar.word(margin));
        return new HBox(8, bar, word);
    }
}
