package pteron.app.start;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** Plans opened last to go on with, and finished ones to look round. */
final class FinishedRow extends HBox {

    private static final int MOST = 4;

    /** Most of a folder's name that is shown (pixels). */
    private static final double FOLDER = 170;

    /** A row with the way on at its end, which stays in sight whatever the letters. */
    FinishedRow(List<Path> recent, Consumer<Path> open, Consumer<BoxPlan> begin, Runnable create) {
        super(24);
        getStyleClass().add("start-foot");
        HBox files = new HBox(8);
        for (Path file : recent.subList(0, Math.min(MOST, recent.size()))) {
            files.getChildren().add(file(file, open));
        }
        VBox left = section("Continue with", files);
        left.setVisible(!recent.isEmpty());
        left.setManaged(!recent.isEmpty());
        VBox demos = section("Open an example", demos(begin));
        HBox.setHgrow(demos, Priority.ALWAYS);
        getChildren().addAll(left, demos, create(create));
    }

    private static Node create(Runnable create) {
        Button make = new Button("Create plan");
        make.setId("start-make");
        make.getStyleClass().add("primary");
        make.setMinWidth(USE_PREF_SIZE);
        make.setDefaultButton(true);
        make.setOnAction(event -> create.run());
        Label open = new Label("You can change every size later");
        open.getStyleClass().add("quiet");
        VBox box = new VBox(6, make, open);
        box.setAlignment(Pos.CENTER_RIGHT);
        box.setMinWidth(USE_PREF_SIZE);
        return box;
    }

    private static HBox demos(Consumer<BoxPlan> begin) {
        return new HBox(
                8,
                demo("start-demo", "Wagtail", "seed room, 4.3 m trailer", begin, Demos::wagtail),
                demo("start-dipper", "Dipper", "river crew, pickup bed", begin, Demos::dipper),
                demo("start-siskin", "Siskin", "puppets, 3 m trailer", begin, Demos::siskin),
                demo("start-plover", "Plover", "repair bench, bought", begin, Demos::plover));
    }

    private static VBox section(String name, HBox content) {
        Label label = new Label(name);
        label.getStyleClass().add("start-section");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToHeight(true);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        VBox section = new VBox(6, label, scroll);
        HBox.setHgrow(section, Priority.SOMETIMES);
        section.setMinWidth(0);
        return section;
    }

    private static Node file(Path file, Consumer<Path> open) {
        String name = file.getFileName().toString().replaceAll("\\.json$", "");
        Button button = card(name, String.valueOf(file.getParent()), FOLDER);
        button.setTooltip(new Tooltip(file.toString()));
        button.setOnAction(event -> open.accept(file));
        return button;
    }

    private static Node demo(
            String id, String name, String words, Consumer<BoxPlan> begin, Supplier<BoxPlan> plan) {
        Button button = card(name, words, Double.MAX_VALUE);
        button.setId(id);
        button.setOnAction(event -> begin.accept(plan.get()));
        return button;
    }

    private static Button card(String name, String words, double widest) {
        Label title = new Label(name);
        title.getStyleClass().add("choice-name");
        Label more = new Label(words);
        more.getStyleClass().add("quiet");
        more.setMaxWidth(widest);
        Button button = new Button(name, new VBox(title, more));
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.setAccessibleText(name + ", " + words);
        return button;
    }
}
