package pteron.app.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
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
import pteron.app.side.WorkingPane;
import pteron.app.solid.SolidTools;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.figure.Finding;
import pteron.core.frame.FrameStation;
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
                    View.INSIDE,
                    View.FRAMES);

    /** What stands left and right of the title (pixels). */
    private static final double TITLE_SIDES = 30;

    private final Workbench bench;
    private final DrawingView drawing;
    private final SidePanel side;
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
        side = new SidePanel(bench);
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
                                side.showInputs();
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
        // the views first: they stay where they are, however long the title is
        FlowPane head = new FlowPane(10, 0, switches, views, title);
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
        bench.viewProperty().subscribe(view -> views.setText(view.label()));
        return views;
    }

    private HBox switches() {
        HBox switches = new HBox(2);
        ToggleGroup group = new ToggleGroup();
        for (View view : TABS) {
            ToggleButton tab = new ToggleButton(view.label());
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
            if (view == View.FRAMES) {
                onlyAtFrame(tab);
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

    private void onlyAtFrame(ToggleButton tab) {
        bench.stationProperty()
                .subscribe(
                        station -> {
                            tab.setVisible(station.equals(FrameStation.FRAME));
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
        } else if (anothersOwn || bench.viewProperty().get() == View.FRAMES) {
            bench.viewProperty().set(View.LEFT);
        }
    }

    /** Shows one of the tabs at the right, by its name in small letters. */
    void showSide(String name) {
        side.show(name);
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
