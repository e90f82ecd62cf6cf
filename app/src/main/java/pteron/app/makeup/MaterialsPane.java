package pteron.app.makeup;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.app.style.PlainField;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** The material library: choose one, read its values, each with its source. */
final class MaterialsPane extends BorderPane {

    /** Key of the table. */
    static final String KEY = Workbench.MATERIALS;

    private static final double LIST_WIDTH = 255;

    /** Share of the table that the list takes at the most. */
    private static final double MOST_LIST = 0.45;

    private static final double NAME_WIDTH = 180;
    private static final double SOURCE_WIDTH = 190;

    private final Workbench bench;
    private final TextField find = new PlainField();
    private final ListView<Material> list = new ListView<>();
    private final VBox detail = new VBox(10);

    MaterialsPane(Workbench bench) {
        this.bench = bench;
        setId("materials-pane");
        getStyleClass().add("table-pane");
        find.setId("materials-find");
        find.setMinHeight(USE_PREF_SIZE);
        find.setPromptText("ply, foam, D30 …");
        find.setAccessibleText("Find a material");
        list.setId("materials-list");
        list.setCellFactory(view -> new NameCell());
        find.prefWidthProperty().bind(list.prefWidthProperty());
        find.setMinWidth(0);
        bench.lettersProperty().subscribe(scale -> fitList());
        widthProperty().subscribe(width -> fitList());
        list.setMinHeight(0);
        setMinWidth(0);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox left = new VBox(8, find, list);
        left.getStyleClass().add("rows");
        setLeft(left);
        detail.getStyleClass().add("rows");
        ScrollPane scroll = new ScrollPane(detail);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        setCenter(scroll);
        find.textProperty().subscribe(text -> filter());
        list.getSelectionModel().selectedItemProperty().subscribe(this::show);
        Cells.whileOpen(bench, KEY, this::filter);
        bench.materialProperty().subscribe(this::look);
    }

    /** The list leaves room for what is told of a material, however large the letters are. */
    private void fitList() {
        double wide = LIST_WIDTH * bench.lettersProperty().get();
        list.setPrefWidth(getWidth() > 0 ? Math.min(wide, MOST_LIST * getWidth()) : wide);
    }

    /** Chooses a material that somebody asked for. */
    private void look(String id) {
        if (!id.isEmpty()) {
            find.setText("");
            filter();
            list.getItems().stream()
                    .filter(material -> material.id().equals(id))
                    .findFirst()
                    .ifPresent(
                            material -> {
                                list.getSelectionModel().select(material);
                                list.scrollTo(material);
                            });
        }
    }

    private static final class NameCell extends ListCell<Material> {
        @Override
        protected void updateItem(Material material, boolean empty) {
            super.updateItem(material, empty);
            setText(empty ? "" : material.name() + "  ·  " + kind(material));
        }
    }

    private static String kind(Material material) {
        return Named.small(material.kind());
    }

    /** Keeps what is chosen while it is among what was found. */
    private void filter() {
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        List<Material> found =
                bench.document().model().library().all().stream()
                        .filter(material -> words(material).contains(wanted))
                        .toList();
        Material chosen = list.getSelectionModel().getSelectedItem();
        list.getItems().setAll(found);
        if (found.contains(chosen)) {
            list.getSelectionModel().select(chosen);
        } else {
            list.getSelectionModel().selectFirst();
        }
    }

    private static String words(Material material) {
        return (material.id() + " " + material.name() + " " + kind(material))
                .toLowerCase(Locale.ROOT);
    }

    private void show(Material material) {
        detail.getChildren().clear();
        if (material == null) {
            detail.getChildren().add(Cells.quiet("No material has that name."));
            return;
        }
        Label title = Cells.headline(material.name());
        boolean own = bench.document().plan().materials().contains(material);
        GridPane grid = values(material);
        detail.getChildren()
                .addAll(
                        title,
                        Cells.quiet(
                                "%s [%s]%s"
                                        .formatted(
                                                kind(material),
                                                material.id(),
                                                own ? ", of your own, kept in the plan" : "")),
                        grid,
                        wrapped("Generic values for planning; the maker's sheet governs."));
    }

    private static Label wrapped(String words) {
        Label label = Cells.quiet(words);
        label.setWrapText(true);
        return label;
    }

    private GridPane values(Material material) {
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(6);
        int row = 0;
        for (Map.Entry<Property, Material.Sourced> value : material.values().entrySet()) {
            Label name = new Label(value.getKey().label());
            name.setWrapText(true);
            name.setPrefWidth(NAME_WIDTH);
            Label source = Cells.quiet(value.getValue().source());
            source.setWrapText(true);
            source.setPrefWidth(SOURCE_WIDTH);
            grid.addRow(row++, name, mono(value.getKey(), value.getValue().value()), source);
        }
        return grid;
    }

    private Label mono(Property property, double value) {
        UnitSystem units = bench.units();
        if (units == UnitSystem.INCHES && property.quantity().isPresent()) {
            return Cells.mono(new Quantity(value, property.quantity().get()).text(units));
        }
        String number = value < 1 ? NumberText.format(value, 4) : NumberText.format(value, 2);
        return Cells.mono((number + " " + property.unit()).strip());
    }
}
