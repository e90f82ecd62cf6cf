package pteron.app.start;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.value.ObservableDoubleValue;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import pteron.app.drawing.DrawingView;
import pteron.app.style.PlainField;
import pteron.app.style.Theme;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.carrier.CarrierStation;
import pteron.core.drawing.View;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierStart;
import pteron.exchange.words.Cautions;

/** A new plan on one page: what carries it, its outline, the plan in its views, what comes out at once. */
public final class StartScreen extends BorderPane {

    /** Width from which all views of the new plan can be read (pixels). */
    private static final double ROOM_FOR_ALL = 480;

    /** Least width of the new plan's drawing, at the usual letters (pixels). */
    private static final double PREVIEW = 280;

    private static final Map<String, Scheme> METHODS = methods();

    /** Bound, not subscribed: the letters outlive the screen and must not hold it. */
    private final DoubleProperty letters = new SimpleDoubleProperty();

    private final Beginning beginning;
    private final ObservableValue<Theme> theme;
    private final List<CarrierCard> carriers = new ArrayList<>();
    private final List<OutlineCard> outlines = new ArrayList<>();
    private final Button units = new Button("mm");
    private final DrawingView drawing;
    private final AtOnce atOnce;

    /**
     * What can be chosen. Immutable.
     *
     * @param begin shows a plan that was never saved
     * @param open opens a file
     * @param choose lets a file be chosen
     * @param reckon opens the small sums
     * @param help shows help
     * @param switchTheme light instead of dark, or back
     * @param largerLetters letters a step larger
     */
    public record Ways(
            Consumer<BoxPlan> begin,
            Consumer<Path> open,
            Runnable choose,
            Runnable reckon,
            Runnable help,
            Runnable switchTheme,
            Runnable largerLetters) {}

    /** A start screen in a theme and with letters that may change, with the files opened last and the units of new plans. */
    public StartScreen(
            Ways ways,
            List<Path> recent,
            ObservableValue<Theme> theme,
            ObjectProperty<UnitSystem> newPlans,
            ObservableDoubleValue letters) {
        this.theme = theme;
        this.letters.bind(letters);
        this.beginning = new Beginning(newPlans.get());
        this.drawing = new DrawingView(beginning.document());
        this.atOnce = new AtOnce();
        getStyleClass().add("start");
        units.setOnAction(event -> switchUnits(newPlans));
        setTop(header(ways));
        setCenter(columns());
        setBottom(
                new FinishedRow(
                        recent,
                        ways.open(),
                        ways.begin(),
                        () -> ways.begin().accept(beginning.document().plan())));
        Platform.runLater(() -> carriers.getFirst().getChildren().getFirst().requestFocus());
        follow();
    }

    private void switchUnits(ObjectProperty<UnitSystem> newPlans) {
        beginning.switchUnits();
        newPlans.set(beginning.units());
    }

    private void follow() {
        beginning.document().modelProperty().subscribe(model -> update());
        beginning.carrierProperty().subscribe(kind -> update());
        drawing.widthProperty().subscribe(width -> redraw());
        Subscription follows = theme.subscribe(chosen -> update());
        // the window's theme outlives this screen
        sceneProperty()
                .subscribe(
                        (before, now) -> {
                            if (now == null) {
                                follows.unsubscribe();
                            }
                        });
    }

    private Node header(Ways ways) {
        Label title = new Label("Pteron");
        title.getStyleClass().add("plan-name");
        title.setMinWidth(USE_PREF_SIZE);
        Label what = new Label("plans the body of a camper, from the bare deck to the cut list");
        what.getStyleClass().add("quiet");
        what.setMinWidth(0);
        what.setId("start-what");
        what.setTooltip(new Tooltip(what.getText()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        units.setId("start-units");
        units.setMinWidth(USE_PREF_SIZE);
        units.setTooltip(new Tooltip("mm, or feet and inches"));
        HBox header = new HBox(9, title, what, gap);
        header.getChildren().addAll(ways(ways));
        header.setAlignment(Pos.CENTER_LEFT);
        header.getStyleClass().add("header");
        return header;
    }

    private List<Node> ways(Ways ways) {
        return List.of(
                button("start-open", "Open a plan …", "Open a saved plan   Ctrl+O", ways.choose()),
                button(
                        "start-reckoner",
                        "Calculators",
                        "Single calculations without a plan",
                        ways.reckon()),
                units,
                button("start-theme", "Light / dark", "Light or dark screen", ways.switchTheme()),
                button(
                        "start-letters",
                        "Text size",
                        "A step larger; after the largest as at first   Ctrl+L",
                        ways.largerLetters()),
                button(
                        "start-help",
                        "Help",
                        "Keys, words of the trade, how-tos   F1",
                        ways.help()));
    }

    private static Button button(String id, String words, String tip, Runnable action) {
        Button button = new Button(words);
        button.setId(id);
        button.setTooltip(new Tooltip(tip));
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(event -> action.run());
        return button;
    }

    private Node columns() {
        for (CarrierStart kind : CarrierStart.values()) {
            carriers.add(new CarrierCard(beginning, kind));
        }
        for (OutlineStart outline : OutlineStart.values()) {
            outlines.add(new OutlineCard(beginning, outline));
        }
        VBox preview = preview();
        HBox.setHgrow(preview, Priority.ALWAYS);
        HBox columns =
                new HBox(
                        column("1  Carrier", carriers, 254),
                        column("2  Outline", outlines, 196),
                        preview,
                        column("First estimate", List.of(atOnce), 244));
        letters.subscribe(scale -> preview.setMinWidth(PREVIEW * scale.doubleValue()));
        // large letters in a narrow window: the columns keep their width and are moved
        ScrollPane moved = new ScrollPane(columns);
        moved.setFitToHeight(true);
        moved.setFitToWidth(true);
        moved.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        moved.getStyleClass().add("plain-scroll");
        return moved;
    }

    private VBox column(String title, List<? extends Node> cards, double wide) {
        VBox content = new VBox(8);
        content.getChildren().addAll(cards);
        content.getStyleClass().add("start-cards");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox column = new VBox(heading(title), scroll);
        letters.subscribe(
                scale -> {
                    column.setPrefWidth(wide * scale.doubleValue());
                    column.setMinWidth(wide * scale.doubleValue());
                });
        column.getStyleClass().add("start-column");
        return column;
    }

    private static Label heading(String title) {
        Label heading = new Label(title);
        heading.setMinWidth(USE_PREF_SIZE);
        heading.getStyleClass().add("start-section");
        return heading;
    }

    private VBox preview() {
        TextField name = new PlainField();
        name.setId("start-name");
        name.setPromptText("name of the plan");
        name.setPrefColumnCount(18);
        name.setAccessibleText("Name of the plan");
        Label refused = new Label();
        refused.getStyleClass().add("refused");
        refused.managedProperty().bind(refused.textProperty().isNotEmpty());
        name.textProperty().subscribe(text -> refused.setText(beginning.rename(text).orElse("")));
        FlowPane head =
                new FlowPane(12, 2, heading("3  The new plan"), name, buildMethod(), refused);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("start-preview-head");
        drawing.setId("start-drawing");
        drawing.setMinSize(0, 0);
        VBox.setVgrow(drawing, Priority.ALWAYS);
        Label caution = new Label("Click a size to type your own. " + Cautions.ON_PAPER);
        caution.getStyleClass().add("quiet");
        caution.setWrapText(true);
        caution.setMinHeight(USE_PREF_SIZE);
        VBox preview = new VBox(head, drawing, caution);
        preview.getStyleClass().add("start-preview");
        return preview;
    }

    /** How walls and roof are built; a bought box has its own. */
    private ComboBox<String> buildMethod() {
        ComboBox<String> method = new ComboBox<>();
        method.setId("start-build");
        method.setAccessibleText("Build method of walls and roof");
        method.setTooltip(new Tooltip("How walls and roof are built"));
        method.getItems().setAll(METHODS.keySet());
        method.setValue(method.getItems().getFirst());
        method.setOnAction(event -> beginning.choose(METHODS.get(method.getValue())));
        method.disableProperty().bind(beginning.carrierProperty().isEqualTo(CarrierStart.BOUGHT));
        return method;
    }

    private static Map<String, Scheme> methods() {
        Map<String, Scheme> all = new LinkedHashMap<>();
        all.put("Timber frame", Scheme.STUDS);
        all.put("Metal tube frame", Scheme.TUBE);
        all.put("Bonded panels", Scheme.FRAMELESS);
        all.put("Boards on a frame", Scheme.BOARDS);
        return all;
    }

    private void update() {
        Theme chosen = theme.getValue();
        carriers.forEach(card -> card.update(chosen, true));
        outlines.forEach(card -> card.update(chosen, true));
        units.setText(beginning.units() == UnitSystem.METRIC ? "mm" : "ft in");
        drawing.themeProperty().set(chosen);
        drawing.unitsProperty().set(beginning.units());
        redraw();
        atOnce.update(beginning.document().model());
    }

    private void redraw() {
        BoxModel model = beginning.document().model();
        drawing.drawingProperty()
                .set(
                        drawing.getWidth() > ROOM_FOR_ALL
                                ? Drawings.beginning(model, CarrierStation.CARRIER)
                                : Drawings.of(model, View.LEFT, CarrierStation.CARRIER, ""));
    }
}
