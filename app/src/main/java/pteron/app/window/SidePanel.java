package pteron.app.window;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
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

/**
 * The tabs at the right: what belongs to the station, findings, inputs, figures. A station opens with what belongs to it,
 * or with the tab that was chosen there last.
 */
final class SidePanel extends TabPane {

    /** Title of a tab that tells of what is selected and lists nothing by itself. */
    private static final String SELECTED = "Selected";

    private static final double WIDTH = 274;

    /** Letters of the tabs over the usual, in a window that is narrow for its letters. */
    private static final double NARROW_TABS = 1.15;

    private final Workbench bench;
    private final Tab findings;
    private final Tab inputs;

    /** Tabs that somebody chose, each kept at its station. */
    private final Map<Station, Tab> kept = new HashMap<>();

    /** Whether a tab is shown by the program, not chosen by hand. */
    private boolean leading;

    SidePanel(Workbench bench) {
        this.bench = bench;
        this.inputs = tab("Inputs", shown -> new InputsPane(bench, shown));
        this.findings = findings();
        getTabs()
                .addAll(
                        chosenTab(),
                        findings,
                        inputs,
                        tab("Figures", shown -> new FiguresPane(bench, shown)));
        setId("side");
        setTabClosingPolicy(TabClosingPolicy.UNAVAILABLE);
        getStyleClass().add("side");
        getSelectionModel().selectedItemProperty().addListener((of, was, tab) -> keep(tab));
        bench.stationProperty().subscribe(this::arrive);
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

    private void keep(Tab tab) {
        if (!leading && tab != null) {
            kept.put(bench.stationProperty().get(), tab);
        }
    }

    /** A finding that leads to a station stays in sight there. */
    private void arrive(Station station) {
        boolean byFinding =
                bench.findingProperty().get() != null
                        && getSelectionModel().getSelectedItem() == findings;
        if (!byFinding) {
            lead(kept.getOrDefault(station, first(station)));
        }
    }

    private Tab first(Station station) {
        boolean lists =
                ScreenRoute.of(station)
                        .aside()
                        .filter(aside -> !aside.title().equals(SELECTED))
                        .isPresent();
        return lists ? getTabs().getFirst() : findings;
    }

    private void lead(Tab tab) {
        leading = true;
        getSelectionModel().select(tab);
        leading = false;
    }

    private static String titled(String name, int count) {
        return count == 0 ? name : name + " " + count;
    }

    private void showChosen(String part) {
        boolean looksAtInputs = getSelectionModel().getSelectedItem() == inputs;
        Finding shown = bench.findingProperty().get();
        boolean byFinding = shown != null && shown.place().part().equals(part);
        if (!part.isEmpty() && !looksAtInputs && !byFinding) {
            lead(getTabs().getFirst());
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
        Tab tab = new Tab(SELECTED);
        tab.setId("tab-chosen");
        StackPane content = new StackPane();
        Map<Station, Node> made = new HashMap<>();
        tab.setContent(content);
        bench.stationProperty()
                .subscribe(
                        station -> {
                            StationScreen screen = ScreenRoute.of(station);
                            tab.setText(screen.aside().map(Aside::title).orElse(SELECTED));
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

    /** Shows one of the tabs, by its name in small letters, as if it were chosen by hand. */
    void show(String name) {
        named(name).ifPresent(getSelectionModel()::select);
    }

    /** Shows the inputs for one that is looked for; the station's own tab is not forgotten for it. */
    void showInputs() {
        lead(inputs);
    }

    private Optional<Tab> named(String name) {
        return getTabs().stream()
                .filter(
                        tab ->
                                tab.getText().replaceAll(" \\d+$", "").equalsIgnoreCase(name)
                                        || ("tab-" + name).equals(tab.getId()))
                .findFirst();
    }
}
