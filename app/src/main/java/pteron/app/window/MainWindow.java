package pteron.app.window;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tab;
import javafx.scene.control.TabPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingView;
import pteron.app.route.ScreenRoute;
import pteron.app.side.ChosenPane;
import pteron.app.side.FiguresPane;
import pteron.app.side.FindingsPane;
import pteron.app.side.InputsPane;
import pteron.app.side.WorkingPane;
import pteron.app.solid.SolidTools;
import pteron.app.station.Aside;
import pteron.app.station.StationScreen;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.core.drawing.View;
import pteron.core.figure.Finding;
import pteron.core.geometry.Point3;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.station.Station;

/** Route, drawing, findings, beam and working, put together. */
final class MainWindow extends BorderPane {

    private static final List<View> TABS =
            List.of(
                    View.LEFT,
                    View.RIGHT,
                    View.FRONT,
                    View.REAR,
                    View.PLAN,
                    View.ROOF,
                    View.UNFOLDED,
                    View.SOLID,
                    View.SECTION,
                    View.ALL,
                    View.INSIDE);

    /** What stands left and right of the title (pixels). */
    private static final double TITLE_SIDES = 30;

    /** Letters of the tabs at the right over the usual, in a window that is narrow for its letters. */
    private static final double NARROW_TABS = 1.15;

    private final Workbench bench;
    private final DrawingView drawing;
    private final TabPane side;
    private final Map<View, ToggleButton> tabs = new EnumMap<>(View.class);

    MainWindow(Workbench bench, Commands commands) {
        this.bench = bench;
        this.drawing = new DrawingView(bench.document());
        drawing.setId("drawing");
        drawing.themeProperty().bind(bench.themeProperty());
        drawing.selectedProperty().bindBidirectional(bench.selectedProperty());
        drawing.chosenProperty().bind(bench.chosenProperty());
        drawing.chooseTooProperty().set(bench::chooseToo);
        drawing.lettersProperty().bind(bench.lettersProperty());
        setTop(new HeaderBar(bench, commands));
        setLeft(new RoutePane(bench));
        setCenter(middle());
        side = sidePanel();
        setRight(side);
        setBottom(new FootPane(bench));
        follow();
    }

    private void follow() {
        bench.document().modelProperty().subscribe(model -> redraw());
        bench.stationProperty().subscribe(station -> redraw());
        bench.selectedProperty().subscribe(part -> redraw());
        bench.previewProperty().subscribe(preview -> redraw());
        bench.aspectProperty().subscribe(aspect -> redraw());
        bench.solid().eyeProperty().subscribe(eye -> redraw());
        bench.solid().peelProperty().subscribe(peel -> redraw());
        bench.viewProperty().subscribe(view -> showView(view));
        bench.findingProperty().subscribe(finding -> mark(finding));
        bench.inputProperty()
                .subscribe(
                        key -> {
                            if (!key.isEmpty()) {
                                showSide("inputs");
                            }
                        });
    }

    DrawingView drawing() {
        return drawing;
    }

    private VBox middle() {
        MatterPane matter = new MatterPane(bench, drawing);
        FlowPane head = head(matter);
        bench.stationProperty().subscribe(this::followStation);
        StationTools tools = new StationTools(bench, drawing.behavior());
        drawing.menuProperty().set(tools::menuItems);
        StackPane over = new StackPane(matter, tools.hint());
        VBox.setVgrow(over, Priority.ALWAYS);
        over.setMinSize(0, 0);
        VBox middle =
                new VBox(
                        head,
                        tools,
                        solidTools(matter),
                        over,
                        new Shelves(bench, drawing),
                        new WorkingPane(bench));
        middle.getStyleClass().add("middle");
        return middle;
    }

    private SolidTools solidTools(MatterPane matter) {
        SolidTools tools =
                new SolidTools(bench.solid(), bench.document().modelProperty(), bench::units);
        tools.visibleProperty()
                .bind(matter.drawsProperty().and(bench.viewProperty().isEqualTo(View.SOLID)));
        tools.managedProperty().bind(tools.visibleProperty());
        return tools;
    }

    private FlowPane head(MatterPane matter) {
        HBox switches = switches();
        MenuButton views = views();
        switches.visibleProperty().bind(matter.drawsProperty().and(bench.narrowProperty().not()));
        views.visibleProperty().bind(matter.drawsProperty().and(bench.narrowProperty()));
        Label title = new Label();
        title.textProperty().bind(matter.titleProperty());
        title.getStyleClass().add("view-title");
        title.setWrapText(true);
        title.visibleProperty().bind(views.visibleProperty().not());
        // in a narrow window the views stand under the title
        FlowPane head = new FlowPane(10, 0, title, switches, views);
        for (Node node : head.getChildren()) {
            node.managedProperty().bind(node.visibleProperty());
        }
        head.setAlignment(Pos.CENTER_LEFT);
        head.setMinWidth(0);
        title.maxWidthProperty().bind(head.widthProperty().subtract(TITLE_SIDES));
        head.getStyleClass().add("view-head");
        return head;
    }

    /** All views in one menu, for a window that is narrow for its letters. */
    private MenuButton views() {
        MenuButton views = new MenuButton();
        views.setId("views");
        views.getStyleClass().add("tool");
        views.setMinWidth(USE_PREF_SIZE);
        for (View view : TABS) {
            MenuItem item = new MenuItem(view.title());
            item.setOnAction(event -> bench.viewProperty().set(view));
            views.getItems().add(item);
        }
        bench.viewProperty().subscribe(view -> views.setText(view.key()));
        return views;
    }

    private HBox switches() {
        HBox switches = new HBox(2);
        ToggleGroup group = new ToggleGroup();
        for (View view : TABS) {
            ToggleButton tab = new ToggleButton(view.key());
            tab.setId("view-" + view.key());
            tab.setToggleGroup(group);
            tab.getStyleClass().add("view-tab");
            tab.setMinWidth(USE_PREF_SIZE);
            tab.setTooltip(new Tooltip(view.title() + "   " + "F" + (view.ordinal() + 2)));
            tab.setOnAction(
                    event -> {
                        bench.viewProperty().set(view);
                        tab.setSelected(true);
                    });
            if (view == View.INSIDE) {
                onlyWithPartitions(tab);
            }
            tabs.put(view, tab);
            switches.getChildren().add(tab);
        }
        return switches;
    }

    private void onlyWithPartitions(ToggleButton tab) {
        bench.document()
                .modelProperty()
                .subscribe(
                        model -> {
                            tab.setVisible(!model.plan().partitions().isEmpty());
                            tab.setManaged(tab.isVisible());
                        });
    }

    /** Some stations are looked at in a view of their own; a table goes with its station. */
    private void followStation(Station station) {
        bench.tableProperty().set("");
        bench.aspectProperty().set("");
        Optional<View> own = ScreenRoute.of(station).view();
        boolean anothersOwn =
                ScreenRoute.ALL.stream()
                        .anyMatch(
                                screen ->
                                        screen.view()
                                                .filter(bench.viewProperty().get()::equals)
                                                .isPresent());
        if (own.isPresent()) {
            bench.viewProperty().set(own.get());
        } else if (anothersOwn) {
            bench.viewProperty().set(View.LEFT);
        }
    }

    private TabPane sidePanel() {
        Tab inputs = tab("Inputs", shown -> new InputsPane(bench, shown));
        Tab findings = new Tab("Findings", new FindingsPane(bench));
        bench.document()
                .modelProperty()
                .subscribe(model -> findings.setText(titled("Findings", model.findings().size())));
        TabPane panel =
                new TabPane(
                        chosenTab(),
                        findings,
                        inputs,
                        tab("Figures", shown -> new FiguresPane(bench, shown)));
        panel.setId("side");
        bench.lettersProperty().subscribe(scale -> lettersOf(panel));
        bench.narrowProperty().subscribe(narrow -> lettersOf(panel));
        Letters.wide(panel, 274, bench.lettersProperty(), bench.narrowProperty());
        panel.setTabClosingPolicy(TabPane.TabClosingPolicy.UNAVAILABLE);
        panel.getStyleClass().add("side");
        panel.getSelectionModel().select(findings);
        bench.selectedProperty().subscribe(part -> showChosen(panel, inputs, part));
        return panel;
    }

    private void showChosen(TabPane panel, Tab inputs, String part) {
        boolean looksAtInputs = panel.getSelectionModel().getSelectedItem() == inputs;
        Finding shown = bench.findingProperty().get();
        boolean byFinding = shown != null && shown.place().part().equals(part);
        if (!part.isEmpty() && !looksAtInputs && !byFinding) {
            panel.getSelectionModel().selectFirst();
        }
    }

    /** The names of the tabs stand in one row: their letters grow with the panel alone. */
    private void lettersOf(TabPane panel) {
        double scale = bench.narrowProperty().get() ? NARROW_TABS : panelLetters();
        panel.getTabs()
                .forEach(
                        tab ->
                                tab.setStyle(
                                        "-fx-font-size: %.1fpx;".formatted(Letters.USUAL * scale)));
    }

    private double panelLetters() {
        return Letters.widthOf(1, bench.lettersProperty().get());
    }

    private static String titled(String name, int count) {
        return count == 0 ? name : name + " " + count;
    }

    /** What is chosen: it tells of another station when the station changes, and opens when something is picked. */
    private Tab chosenTab() {
        Tab tab = new Tab("Chosen");
        tab.setId("tab-chosen");
        StackPane content = new StackPane();
        Map<Station, Node> made = new HashMap<>();
        tab.setContent(content);
        bench.stationProperty()
                .subscribe(
                        station -> {
                            StationScreen screen = ScreenRoute.of(station);
                            tab.setText(screen.aside().map(Aside::title).orElse("Chosen"));
                            content.getChildren()
                                    .setAll(made.computeIfAbsent(station, this::chosen));
                        });
        return tab;
    }

    private Node chosen(Station station) {
        return ScreenRoute.of(station)
                .aside()
                .map(aside -> aside.maker().apply(bench))
                .orElseGet(() -> new ChosenPane(bench));
    }

    /** A tab that is filled when somebody looks at it. */
    private static Tab tab(String name, Function<ObservableBooleanValue, Node> content) {
        Tab tab = new Tab(name);
        tab.selectedProperty()
                .subscribe(
                        selected -> {
                            if (selected && tab.getContent() == null) {
                                tab.setContent(content.apply(tab.selectedProperty()));
                            }
                        });
        return tab;
    }

    /** Shows one of the tabs at the right, by its name in small letters. */
    void showSide(String name) {
        for (Tab tab : side.getTabs()) {
            String title = tab.getText().replaceAll(" \\d+$", "");
            if (title.equalsIgnoreCase(name) || ("tab-" + name).equals(tab.getId())) {
                side.getSelectionModel().select(tab);
            }
        }
    }

    private void showView(View view) {
        tabs.forEach((key, tab) -> tab.setSelected(key == view));
        drawing.turnerProperty().set(view == View.SOLID ? bench.solid()::turn : null);
        drawing.fit();
        redraw();
        mark(bench.findingProperty().get());
    }

    private void redraw() {
        drawing.unitsProperty().set(bench.units());
        BoxModel preview = bench.previewProperty().get();
        if (bench.viewProperty().get() == View.SOLID) {
            BoxModel shown = preview == null ? bench.document().model() : preview;
            drawing.drawingProperty().set(bench.solid().drawing(shown));
            return;
        }
        drawing.drawingProperty()
                .set(
                        Drawings.of(
                                preview == null ? bench.document().model() : preview,
                                bench.viewProperty().get(),
                                bench.stationProperty().get(),
                                bench.selectedProperty().get(),
                                bench.aspectProperty().get()));
    }

    private void mark(Finding finding) {
        boolean told =
                finding != null && (finding.place().xMm() != 0 || finding.place().zMm() != 0);
        if (!told) {
            drawing.markedProperty().set(null);
            return;
        }
        Point3 at = new Point3(finding.place().xMm(), finding.place().yMm(), finding.place().zMm());
        double deck = -bench.document().model().carrier().groundMm();
        drawing.markedProperty().set(bench.viewProperty().get().project(at, deck));
    }
}
