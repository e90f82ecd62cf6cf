package pteron.app.skin;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.ListAside;
import pteron.app.station.ListAside.Row;
import pteron.app.station.Workbench;
import pteron.core.geometry.Bounds2;
import pteron.core.model.BoxModel;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.exchange.station.OtherUnits;

/** The pieces of sheet under the names that stand in the drawing, and what is bought for them. */
final class SheetsAside implements ListAside.Content {

    private final Workbench bench;

    private SheetsAside(Workbench bench) {
        this.bench = bench;
    }

    static Node of(Workbench bench) {
        return new ListAside(bench, "sheets", new SheetsAside(bench));
    }

    private BoxModel model() {
        return bench.document().model();
    }

    private List<SheetPiece> pieces() {
        return model().find(Skins.class).map(Skins::pieces).orElse(List.of());
    }

    private String size(SheetPiece piece) {
        Bounds2 bounds = piece.cutShape().bounds();
        return LengthText.format(bounds.width(), bench.units())
                + " × "
                + Quantity.mm(bounds.height()).text(bench.units());
    }

    private String material(SheetPiece piece) {
        return model().library().get(piece.skin().layer().material()).name();
    }

    @Override
    public List<Row> rows() {
        return pieces().stream()
                .map(piece -> new Row(piece.name(), piece.name(), size(piece), ""))
                .toList();
    }

    @Override
    public Node chosen(String part) {
        return pieces().stream()
                .filter(piece -> piece.name().equals(part))
                .findFirst()
                .map(this::told)
                .orElse(null);
    }

    private Node told(SheetPiece piece) {
        Label name = Cells.headline(piece.name());
        Label words =
                new Label(
                        "%s, %s thick, %s, %s; grain %s"
                                .formatted(
                                        material(piece),
                                        Quantity.mm(piece.skin().layer().thicknessMm())
                                                .text(bench.units()),
                                        size(piece),
                                        Quantity.kg(piece.massKg()).text(bench.units()),
                                        Named.small(piece.skin().layer().grain())));
        words.setWrapText(true);
        return new VBox(2, name, words);
    }

    @Override
    public String sum() {
        List<String> orders = new ArrayList<>();
        for (SheetOrder order : model().find(Skins.class).map(Skins::orders).orElse(List.of())) {
            orders.add(
                    "%s × %s, %s thick"
                            .formatted(
                                    order.form() == SheetOrder.Form.ROLL
                                            ? Quantity.mm(order.lengthMm()).text(bench.units())
                                                    + " off a roll"
                                            : Integer.toString(order.sheets()),
                                    model().library().get(order.material()).name(),
                                    Quantity.mm(order.thicknessMm()).text(bench.units())));
        }
        return orders.isEmpty()
                ? "No sheets yet. See Findings."
                : "To buy: "
                        + String.join("; ", orders)
                        + OtherUnits.inShort(model()).map(words -> ". " + words).orElse("");
    }
}
