package pteron.app.carrier;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.vehicle.Vehicle;
import pteron.core.weighing.Readings;
import pteron.core.weighing.ScalePlace;
import pteron.core.weighing.WeighIn;
import pteron.core.weighing.WheelScale;
import pteron.standins.SimulatedScale;

/** Empty weight from scales under wheels and coupler: several readings each, mean, spread, refused ones. */
final class ScalesPane extends ScrollPane {

    /** Key of the table. */
    static final String KEY = "scales";

    private static final int READINGS = 9;

    private final Workbench bench;
    private final GridPane grid = new GridPane();
    private final Label verdict = new Label();
    private final Slider fuel = new Slider(0, 100, 100);
    private final CheckBox driver = new CheckBox("driver aboard");
    private final Label tank = new Label();
    private final Button take = new Button("Use these loads");
    private long seed = 1;
    private Vehicle weighed;
    private WheelScale scale;
    private WeighIn weighIn;

    ScalesPane(Workbench bench) {
        this.bench = bench;
        setId("scales-pane");
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "table-pane");
        grid.setHgap(18);
        grid.setVgap(6);
        verdict.setWrapText(true);
        verdict.getStyleClass().add("headline");
        Button again = new Button("Read again");
        again.setId("scales-again");
        again.setOnAction(event -> read());
        take.setId("scales-take");
        take.getStyleClass().add("primary");
        take.setOnAction(event -> take());
        fuel.setPrefWidth(140);
        fuel.valueProperty()
                .subscribe(value -> tank.setText("tank at %.0f %%".formatted(fuel.getValue())));
        Label caution =
                new Label(
                        "Chock the wheels and stand on level ground. These scales are simulated; a real weighbridge decides.");
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        HBox state = new HBox(12, tank, fuel, driver);
        VBox all = new VBox(12, caution, grid, verdict, state, new HBox(8, again, take));
        all.getStyleClass().add("rows");
        setContent(all);
        bench.tableProperty().subscribe(table -> opened(KEY.equals(table)));
        Cells.whileOpen(bench, KEY, this::refresh);
    }

    private void opened(boolean open) {
        Vehicle vehicle = bench.document().plan().vehicle();
        if (open && !vehicle.equals(weighed)) {
            fuel.setValue(vehicle.gear().weighed().fuelPercent());
            driver.setSelected(vehicle.gear().weighed().driverAboard());
            read();
        }
    }

    private void read() {
        Vehicle vehicle = bench.document().plan().vehicle();
        weighed = vehicle;
        scale = new SimulatedScale(vehicle, seed++);
        weighIn = WeighIn.of(vehicle, scale, READINGS);
        boolean truck = vehicle.cab().isPresent();
        fuel.setDisable(!truck);
        driver.setDisable(!truck);
        refresh();
    }

    private void refresh() {
        if (weighIn == null) {
            return;
        }
        Cells.heads(
                grid,
                List.of("Scale under", "readings, " + scale.name(), "mean", "spread", "refused"));
        int row = 1;
        for (Map.Entry<ScalePlace, Readings> wheel : weighIn.wheels().entrySet()) {
            row(row++, wheel.getKey(), wheel.getValue());
        }
        Cells.whole(grid);
        verdict.setText(
                "Together %s, %s %% on the right wheels. %s"
                        .formatted(
                                kg(weighIn.totalKg()),
                                NumberText.format(weighIn.rightShare() * 100, 1),
                                weighIn.isSteady()
                                        ? "All readings are steady."
                                        : "Outliers are left out of the mean. Did someone lean on a scale?"));
    }

    private void row(int row, ScalePlace place, Readings readings) {
        String name =
                place.isCoupler()
                        ? "coupler"
                        : "axle %d, %s"
                                .formatted(
                                        place.axle() + 1,
                                        place.side() == ScalePlace.Side.LEFT ? "left" : "right");
        grid.add(new Label(name), 0, row);
        grid.add(Cells.mono(list(readings.all())), 1, row);
        grid.add(Cells.mono(kg(readings.meanKg())), 2, row);
        grid.add(Cells.mono("± " + kg(readings.spreadKg())), 3, row);
        Label refused = Cells.mono(readings.jumps().isEmpty() ? "none" : list(readings.jumps()));
        refused.getStyleClass().add(readings.jumps().isEmpty() ? "quiet" : "refused");
        grid.add(refused, 4, row);
    }

    private String list(List<Double> values) {
        return values.stream()
                .map(v -> "%.0f".formatted(Unit.KILOGRAM.shown(v, bench.units())))
                .collect(Collectors.joining("  "));
    }

    private String kg(double value) {
        return Quantity.kg(value).text(bench.units());
    }

    private void take() {
        try {
            WeighIn taken = weighIn;
            bench.document()
                    .edit(
                            plan ->
                                    plan.withVehicle(
                                            taken.in(
                                                    plan.vehicle(),
                                                    Math.rint(fuel.getValue()),
                                                    driver.isSelected())));
            bench.tableProperty().set("");
        } catch (IllegalArgumentException e) {
            verdict.setText(e.getMessage());
        }
    }
}
