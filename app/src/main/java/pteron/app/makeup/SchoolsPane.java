package pteron.app.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Alternative.Part;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Layer;
import pteron.core.edit.MakeUpEdits;
import pteron.core.extent.Areas;
import pteron.core.makeup.MakeUpStage;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.school.BuildUpSums;
import pteron.core.school.School;
import pteron.core.school.SchoolStage;
import pteron.core.school.Schools;
import pteron.core.school.SideBySide;
import pteron.exchange.words.RefusalWords;

/** The planned floor, walls and roof beside other build-ups: thickness, mass, stiffness, warmth, price. */
final class SchoolsPane extends ScrollPane {

    /** Key of the table. */
    static final String KEY = "schools";

    private static final double COLUMN = 150;

    private final Workbench bench;
    private final VBox parts = new VBox(18);
    private final Label refused = new Label();

    SchoolsPane(Workbench bench) {
        this.bench = bench;
        setId("schools-pane");
        setContent(parts);
        setFitToWidth(true);
        getStyleClass().addAll("plain-scroll", "table-pane");
        parts.getStyleClass().add("rows");
        refused.setWrapText(true);
        Cells.whileOpen(bench, KEY, this::update);
    }

    private void edit(UnaryOperator<BoxPlan> change) {
        try {
            refused.setText("");
            bench.document().edit(change);
        } catch (IllegalArgumentException e) {
            refused.setText(RefusalWords.of(e, bench.units()));
            refused.getStyleClass().setAll("label", "refused");
            update();
        }
    }

    private void update() {
        parts.getChildren().clear();
        List<School> schools =
                bench.document()
                        .model()
                        .made()
                        .map(found -> found.get(SideBySide.class).all())
                        .orElse(List.of());
        if (schools.isEmpty()) {
            parts.getChildren().add(new Label("Nothing to compare yet. See Findings."));
            return;
        }
        for (Part part : Part.values()) {
            List<School> own = schools.stream().filter(s -> s.part() == part).toList();
            parts.getChildren().add(part(part, own));
        }
        if (!refused.getText().isEmpty()) {
            parts.getChildren().add(refused);
        }
    }

    private Node part(Part part, List<School> schools) {
        String word = Named.small(part);
        Label title = Cells.headline(Cells.capital(word));
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(4);
        heads(grid);
        Best best = Best.of(schools);
        List<Integer> indexes = indexes(part);
        int alternative = 0;
        for (int i = 0; i < schools.size(); i++) {
            School school = schools.get(i);
            column(grid, i + 1, school, best, school.planned() ? -1 : indexes.get(alternative));
            alternative += school.planned() ? 0 : 1;
        }
        return new VBox(6, new HBox(10, title, add(part, word)), grid);
    }

    private void heads(GridPane grid) {
        String[] rows = {
            "",
            "layers, outside first",
            "thickness",
            "mass per area",
            "of the whole box",
            warmthName() + ", the " + (metric() ? "lower" : "higher") + " the warmer",
            "heat loss, design night",
            "stiffness of a square of " + Quantity.mm(BuildUpSums.STRIP_MM).text(bench.units()),
            "price per area, your currency",
            "of the whole box",
            ""
        };
        for (int i = 0; i < rows.length; i++) {
            Label label = Cells.quiet(rows[i]);
            label.setMinWidth(150);
            label.setWrapText(true);
            grid.add(label, 0, i);
        }
    }

    /** Alternatives of a part whose materials are known, by their place in the plan. */
    private List<Integer> indexes(Part part) {
        List<Alternative> all = bench.document().plan().makeUp().alternatives();
        List<Integer> indexes = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            boolean usable = MakeUpStage.isUsable(all.get(i), bench.document().model().library());
            if (all.get(i).part() == part && usable) {
                indexes.add(i);
            }
        }
        return indexes;
    }

    private String warmthName() {
        return metric() ? "U" : "R";
    }

    private boolean metric() {
        return bench.units() == UnitSystem.METRIC;
    }

    private MenuButton add(Part part, String word) {
        MenuButton add = new MenuButton("Compare with …");
        add.setId("school-add-" + word);
        MenuItem keep = new MenuItem("a copy of the planned one");
        keep.setId("school-keep-" + word);
        keep.setOnAction(event -> edit(p -> MakeUpEdits.keepPlanned(p, part, "as found")));
        add.getItems().add(keep);
        for (Alternative ready : Schools.of(part, bench.units())) {
            MenuItem item = new MenuItem(ready.name());
            item.setOnAction(event -> edit(p -> MakeUpEdits.withAlternative(p, ready)));
            add.getItems().add(item);
        }
        return add;
    }

    private void column(GridPane grid, int column, School school, Best best, int index) {
        Label name = new Label(school.name());
        name.getStyleClass().add(school.planned() ? "chosen" : "field-name");
        BuildUpSums sums = school.sums();
        UnitSystem units = bench.units();
        double area = area(school.part());
        List<Node> cells = new ArrayList<>();
        cells.add(name);
        cells.add(layers(school));
        cells.add(Cells.mono(Quantity.mm(sums.thicknessMm()).text(units)));
        cells.add(
                marked(
                        new Quantity(sums.massKg(), Unit.KILOGRAM_PER_SQUARE_METRE).text(units),
                        best.isLightest(school),
                        "lightest"));
        cells.add(Cells.mono(Quantity.kg(sums.massKg() * area).text(units)));
        cells.add(marked(warmth(sums), best.isWarmest(school), "warmest"));
        cells.add(Cells.mono(heat(sums, area)));
        cells.add(marked(stiffness(sums), best.isStiffest(school), "stiffest"));
        cells.add(
                marked(
                        text(sums.cost(), Unit.MONEY_PER_SQUARE_METRE),
                        best.isCheapest(school),
                        "cheapest"));
        cells.add(Cells.mono(money(sums, area)));
        cells.add(index < 0 ? new Label("as planned") : buttons(index));
        put(grid, column, cells);
    }

    private static void put(GridPane grid, int column, List<Node> cells) {
        for (int row = 0; row < cells.size(); row++) {
            if (cells.get(row) instanceof Label label) {
                label.setMinWidth(COLUMN);
                label.setMaxWidth(label.isWrapText() ? COLUMN : Double.MAX_VALUE);
            }
            grid.add(cells.get(row), column, row);
        }
        Cells.whole(grid);
    }

    /** A figure that is the best of its row says so in a word. */
    private static Node marked(String figure, boolean best, String word) {
        Label label = Cells.mono(figure);
        if (!best) {
            return label;
        }
        Label mark = new Label(word);
        mark.getStyleClass().setAll("label", "verdict", "holds");
        return new VBox(label, mark);
    }

    private double area(Part part) {
        Areas areas = bench.document().model().find(Areas.class).orElseThrow();
        return switch (part) {
            case FLOOR -> areas.floorM2();
            case WALLS -> areas.wallsM2();
            case ROOF -> areas.roofM2();
        };
    }

    private String heat(BuildUpSums sums, double area) {
        var climate = bench.document().plan().climate();
        double kelvin = climate.inside().celsius() - climate.outside().celsius();
        OptionalDouble u = sums.transmittance();
        return u.isEmpty()
                ? "not known"
                : new Quantity(u.getAsDouble() * area * kelvin, Unit.WATT).text(bench.units());
    }

    private String money(BuildUpSums sums, double area) {
        OptionalDouble cost = sums.cost();
        return cost.isEmpty() ? "not known" : NumberText.format(cost.getAsDouble() * area, 0);
    }

    private Label layers(School school) {
        BuildUp buildUp =
                school.planned()
                        ? SchoolStage.planned(bench.document().plan().makeUp(), school.part())
                        : bench.document().plan().makeUp().alternatives().stream()
                                .filter(one -> one.name().equals(school.name()))
                                .filter(one -> one.part() == school.part())
                                .map(Alternative::buildUp)
                                .findFirst()
                                .orElseThrow();
        List<String> names = new ArrayList<>();
        for (Layer layer : LayerOrder.outsideFirst(buildUp)) {
            names.add(
                    Quantity.mm(layer.thicknessMm()).text(bench.units())
                            + " "
                            + bench.document().model().library().get(layer.material()).name());
        }
        Label label = new Label(String.join("\n", names));
        label.setWrapText(true);
        return label;
    }

    private String warmth(BuildUpSums sums) {
        if (bench.units() == UnitSystem.METRIC) {
            return text(sums.transmittance(), Unit.WATT_PER_SQUARE_METRE_KELVIN);
        }
        OptionalDouble u = sums.transmittance();
        return u.isEmpty()
                ? "not known"
                : new Quantity(1 / u.getAsDouble(), Unit.SQUARE_METRE_KELVIN_PER_WATT)
                        .text(bench.units());
    }

    private String stiffness(BuildUpSums sums) {
        Unit unit = Unit.NEWTON_PER_MILLIMETRE;
        OptionalDouble value = sums.stiffness();
        return value.isEmpty()
                ? "not known"
                : NumberText.format(unit.shown(value.getAsDouble(), bench.units()), 0)
                        + " "
                        + unit.symbol(bench.units());
    }

    private String text(OptionalDouble value, Unit unit) {
        return value.isEmpty()
                ? "not known"
                : new Quantity(value.getAsDouble(), unit).text(bench.units());
    }

    private HBox buttons(int index) {
        Button swap = new Button("Use this one");
        swap.setId("school-swap-" + index);
        swap.setOnAction(event -> edit(plan -> MakeUpEdits.swapped(plan, index)));
        Button drop = new Button("Remove");
        drop.setId("school-drop-" + index);
        drop.setOnAction(event -> edit(plan -> MakeUpEdits.withoutAlternative(plan, index)));
        return new HBox(4, swap, drop);
    }
}
