package pteron.exchange.skin;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.quantity.Named;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.exchange.station.Job;
import pteron.exchange.station.JsonNumber;
import pteron.exchange.station.JsonPoints;

/** Pieces of sheet in the file of figures. */
final class SheetNodes {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SheetNodes() {}

    static void add(ObjectNode root, Job job) {
        ArrayNode sheets = root.putArray("sheets");
        job.model().find(Skins.class).stream()
                .flatMap(skins -> skins.pieces().stream())
                .forEach(piece -> sheets.add(sheet(piece)));
    }

    private static ObjectNode sheet(SheetPiece piece) {
        ObjectNode node = NODES.objectNode();
        node.put("piece", piece.name());
        node.put("panel", piece.panel().id());
        node.put("face", Named.key(piece.skin().face()));
        node.put("material", piece.skin().layer().material());
        node.put("thicknessMm", JsonNumber.of(piece.skin().layer().thicknessMm()));
        node.put("areaM2", JsonNumber.of(piece.cutShape().area() / 1e6));
        node.put("massKg", JsonNumber.of(piece.massKg()));
        node.set("polygon", JsonPoints.of(piece.cutShape().corners()));
        ArrayNode holes = node.putArray("holes");
        piece.cutShape().holes().forEach(hole -> holes.add(JsonPoints.of(hole)));
        ArrayNode placed = node.putArray("corners");
        piece.panel()
                .surface()
                .outline(piece.shape(), piece.skin().fromInwardMm())
                .forEach(corner -> placed.add(JsonPoints.of(corner)));
        return node;
    }
}
