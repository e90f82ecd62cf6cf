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
import pteron.core.edit.MakeUpEdits;
import pteron.core.makeup.MakeUpStage;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.school.BuildUpSums;
import pteron.core.school.School;
import pteron.core.school.Schools;
import pteron.core.school.SideBySide;

/** The planned floor, walls and roof beside other build-ups: thickness, mass, stiffness, warmth, price. */
final class SchoolsPane extends ScrollPane {

    /** Key of the table. */
    static final String KEY = "schools";

    private static final double COLUMN = 128;

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
            refused.setText(e.getMessage());
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
            parts.getChildren().add(new Label("Nothing to hold side by side: see the findings."));
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
        String[] rows = {
            "", "thickness", "mass", warmthName(), "stiffness of 600 × 600", "plain price", ""
        };
        for (int i = 0; i < rows.length; i++) {
            Label label = Cells.quiet(rows[i]);
            label.setMinWidth(140);
            grid.add(label, 0, i);
        }
        List<Integer> indexes = indexes(part);
        int alternative = 0;
        for (int i = 0; i < schools.size(); i++) {
            School school = schools.get(i);
            column(grid, i + 1, school, school.planned() ? -1 : indexes.get(alternative));
            alternative += school.planned() ? 0 : 1;
        }
        return new VBox(6, new HBox(10, title, add(part, word)), grid);
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
        return bench.units() == UnitSystem.METRIC ? "U" : "R";
    }

    private MenuButton add(Part part, String word) {
        MenuButton add = new MenuButton("Set beside it");
        add.setId("school-add-" + word);
        MenuItem keep = new MenuItem("the planned one, to change it");
        keep.setId("school-keep-" + word);
        keep.setOnAction(event -> edit(p -> MakeUpEdits.keepPlanned(p, part, "as it was")));
        add.getItems().add(keep);
        for (Alternative ready : Schools.of(part)) {
            MenuItem item = new MenuItem(ready.name());
            item.setOnAction(event -> edit(p -> MakeUpEdits.withAlternative(p, ready)));
            add.getItems().add(item);
        }
        return add;
    }

    private void column(GridPane grid, int column, School school, int index) {
        Label name = new Label(school.name());
        name.getStyleClass().add(school.planned() ? "chosen" : "field-name");
        BuildUpSums sums = school.sums();
        UnitSystem units = bench.units();
        List<Node> cells = new ArrayList<>();
        cells.add(name);
        cells.add(Cells.mono(Quantity.mm(sums.thicknessMm()).text(units)));
        cells.add(
                Cells.mono(
                        new Quantity(sums.massKg(), Unit.KILOGRAM_PER_SQUARE_METRE).text(units)));
        cells.add(Cells.mono(warmth(sums)));
        cells.add(Cells.mono(stiffness(sums)));
        cells.add(Cells.mono(text(sums.cost(), Unit.MONEY_PER_SQUARE_METRE)));
        cells.add(index < 0 ? new Label("") : buttons(index));
        for (int row = 0; row < cells.size(); row++) {
            if (cells.get(row) instanceof Label label) {
                label.setMinWidth(COLUMN);
                label.setMaxWidth(COLUMN);
            }
            grid.add(cells.get(row), column, row);
        }
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
        Button swap = new Button("Take it");
        swap.setId("school-swap-" + index);
        swap.setOnAction(event -> edit(plan -> MakeUpEdits.swapped(plan, index)));
        Button drop = new Button("Drop");
        drop.setId("school-drop-" + index);
        drop.setOnAction(event -> edit(plan -> MakeUpEdits.withoutAlternative(plan, index)));
        return new HBox(4, swap, drop);
    }
}
