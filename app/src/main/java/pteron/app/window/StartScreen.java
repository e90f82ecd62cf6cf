package pteron.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;
import pteron.core.geometry.Point2;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.exchange.demo.Demos;
import pteron.exchange.words.Cautions;

/** What an empty window offers: the demo, an outline to start from, a file. */
final class StartScreen extends StackPane {

    private static final double PICTURE_SCALE = 0.018;

    /**
     * What can be chosen. Immutable.
     *
     * @param begin shows a plan that was never saved
     * @param open opens a file
     * @param choose lets a file be chosen
     * @param reckon opens the small sums
     */
    record Ways(Consumer<BoxPlan> begin, Consumer<Path> open, Runnable choose, Runnable reckon) {}

    private final Ways ways;

    StartScreen(Ways ways, List<Path> recent) {
        this.ways = ways;
        getStyleClass().add("start");
        Label title = new Label("Pteron");
        title.getStyleClass().add("start-title");
        Label what = new Label("Plans the body of a camper, from the bare deck to the cut list.");
        what.getStyleClass().add("start-words");
        HBox outlines = new HBox(10);
        for (OutlineStart start : OutlineStart.values()) {
            outlines.getChildren().add(outline(StartingPlans.of(start)));
        }
        Label caution = new Label(Cautions.ON_PAPER);
        caution.getStyleClass().add("quiet");
        VBox all =
                new VBox(
                        16,
                        title,
                        what,
                        section("Look round", demos()),
                        section("Start from an outline", outlines),
                        section("Go on", goOn()),
                        recent(recent),
                        caution);
        all.getStyleClass().add("start-body");
        all.setMaxSize(760, USE_PREF_SIZE);
        all.setAlignment(Pos.TOP_LEFT);
        getChildren().add(all);
    }

    private Node demos() {
        Button demo =
                button(
                        "start-demo",
                        "Open the demo: Wagtail, a seed-exchange room on a trailer",
                        () -> ways.begin().accept(Demos.wagtail()));
        demo.getStyleClass().add("primary");
        Button dipper =
                button(
                        "start-dipper",
                        "Dipper, a slide-in on a pickup",
                        () -> ways.begin().accept(Demos.dipper()));
        Button siskin =
                button(
                        "start-siskin",
                        "Siskin, an arched roof on a small chassis",
                        () -> ways.begin().accept(Demos.siskin()));
        return new VBox(8, demo, new HBox(10, dipper, siskin));
    }

    private Node goOn() {
        return new HBox(
                10,
                button("start-open", "Open a plan …   Ctrl O", ways.choose()),
                button("start-reckoner", "Reckoner: the small sums by themselves", ways.reckon()));
    }

    private static Button button(String id, String words, Runnable action) {
        Button button = new Button(words);
        button.setId(id);
        button.setOnAction(event -> action.run());
        return button;
    }

    private static Node section(String name, Node content) {
        Label label = new Label(name);
        label.getStyleClass().add("start-section");
        return new VBox(8, label, content);
    }

    private Button outline(BoxPlan plan) {
        Polyline picture = new Polyline();
        for (Point2 point : OutlineStage.of(plan.box()).shape().polygon().corners()) {
            picture.getPoints()
                    .addAll(point.u() * PICTURE_SCALE, (2200 - point.v()) * PICTURE_SCALE);
        }
        picture.getPoints().addAll(picture.getPoints().get(0), picture.getPoints().get(1));
        picture.getStyleClass().add("start-outline");
        Button button = new Button(plan.name(), picture);
        button.setContentDisplay(ContentDisplay.TOP);
        button.setId("start-" + plan.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.setOnAction(event -> ways.begin().accept(plan));
        return button;
    }

    private Node recent(List<Path> recent) {
        VBox list = new VBox(2);
        for (Path file : recent) {
            Hyperlink link = new Hyperlink(file.getFileName() + "   " + file.getParent());
            link.setOnAction(event -> ways.open().accept(file));
            list.getChildren().add(link);
        }
        Node section = section("Opened last", list);
        section.setVisible(!recent.isEmpty());
        section.setManaged(!recent.isEmpty());
        return section;
    }
}
