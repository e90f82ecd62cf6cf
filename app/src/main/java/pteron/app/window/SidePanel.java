package pteron.app.window;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.Node;
import javafx.scene.control.Tab;
import javafx.scene.control.TabPane;
import javafx.scene.layout.StackPane;
import pteron.app.route.ScreenRoute;
import pteron.app.side.ChosenPane;
import pteron.app.side.FiguresPane;
import pteron.app.side.FindingsPane;
import pteron.app.side.InputsPane;
import pteron.app.station.Aside;
import pteron.app.station.StationScreen;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.core.figure.Finding;
import pteron.core.station.Station;

/** The tabs at the right: what is chosen, findings, inputs, figures. */
final class SidePanel extends TabPane {

    private static final double WIDTH = 274;

    /** Letters of the tabs over the usual, in a window that is narrow for its letters. */
    private static final double NARROW_TABS = 1.15;

    private final Workbench bench;
    private final Tab inputs;

    SidePanel(Workbench bench) {
        this.bench = bench;
        this.inputs = tab("Inputs", shown -> new InputsPane(bench, shown));
        Tab findings = findings();
        getTabs()
                .addAll(
                        chosenTab(),
                        findings,
                        inputs,
                        tab("Figures", shown -> new FiguresPane(bench, shown)));
        setId("side");
        setTabClosingPolicy(TabClosingPolicy.UNAVAILABLE);
        getStyleClass().add("side");
        getSelectionModel().select(findings);
        Letters.wide(this, WIDTH, bench.lettersProperty(), bench.narrowProperty());
        bench.lettersProperty().subscribe(scale -> fitLetters());
        bench.narrowProperty().subscribe(narrow -> fitLetters());
        bench.selectedProperty().subscribe(this::showChosen);
    }

    private Tab findings() {
        Tab findings = new Tab("Findings", new FindingsPane(bench));
        bench.document()
                .modelProperty()
                .subscribe(model -> findings.setText(titled("Findings", model.findings().size())));
        return findings;
    }

    private static String titled(String name, int count) {
        return count == 0 ? name : name + " " + count;
    }

    private void showChosen(String part) {
        boolean looksAtInputs = getSelectionModel().getSelectedItem() == inputs;
        Finding shown = bench.findingProperty().get();
        boolean byFinding = shown != null && shown.place().part().equals(part);
        if (!part.isEmpty() && !looksAtInputs && !byFinding) {
            getSelectionModel().selectFirst();
        }
    }

    /** The names of the tabs stand in one row: their letters grow with the panel alone. */
    private void fitLetters() {
        double panel = Letters.widthOf(1, bench.lettersProperty().get());
        double scale = bench.narrowProperty().get() ? NARROW_TABS : panel;
        String style = "-fx-font-size: %.1fpx;".formatted(Letters.USUAL * scale);
        getTabs().forEach(tab -> tab.setStyle(style));
    }

    /** What is chosen: it tells of another station when the station changes, and opens when something is picked. */
    private Tab chosenTab() {
        Tab tab = new Tab("Selected");
        tab.setId("tab-chosen");
        StackPane content = new StackPane();
        Map<Station, Node> made = new HashMap<>();
        tab.setContent(content);
        bench.stationProperty()
                .subscribe(
                        station -> {
                            StationScreen screen = ScreenRoute.of(station);
                            tab.setText(screen.aside().map(Aside::title).orElse("Selected"));
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

    /** Shows one of the tabs, by its name in small letters. */
    void show(String name) {
        for (Tab tab : getTabs()) {
            String title = tab.getText().replaceAll(" \\d+$", "");
            if (title.equalsIgnoreCase(name) || ("tab-" + name).equals(tab.getId())) {
                getSelectionModel().select(tab);
            }
        }
    }
}
