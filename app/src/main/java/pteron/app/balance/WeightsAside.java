package pteron.app.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.Node;
import pteron.app.station.ListAside;
import pteron.app.station.ListAside.Row;
import pteron.app.station.Workbench;
import pteron.core.balance.WeightGroup;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Quantity;

/** The weights as they stand in the drawing, heaviest first, with their sum. */
final class WeightsAside implements ListAside.Content {

    private final Workbench bench;

    private WeightsAside(Workbench bench) {
        this.bench = bench;
    }

    static Node of(Workbench bench) {
        return new ListAside(bench, "weights", new WeightsAside(bench));
    }

    private BoxModel model() {
        return bench.document().model();
    }

    @Override
    public List<Row> rows() {
        List<WeightGroup> groups = new ArrayList<>(WeightGroup.of(model().balance().parts()));
        groups.sort(Comparator.comparingDouble((WeightGroup group) -> -group.massKg()));
        return groups.stream().map(this::row).toList();
    }

    private Row row(WeightGroup group) {
        String from = Quantity.mm(Math.abs(group.place().x())).text(bench.units());
        String way =
                group.place().x() < 0
                        ? " ahead of the front of the box"
                        : " behind the front of the box";
        return new Row(
                "", group.name(), Quantity.kg(group.massKg()).text(bench.units()), from + way);
    }

    @Override
    public Node chosen(String part) {
        return null;
    }

    @Override
    public String sum() {
        return "together "
                + Quantity.kg(model().balance().massKg()).text(bench.units())
                + ", the box alone "
                + Quantity.kg(model().balance().boxKg()).text(bench.units());
    }
}
