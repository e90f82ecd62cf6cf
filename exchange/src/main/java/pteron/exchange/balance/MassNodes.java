package pteron.exchange.balance;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.quantity.Named;
import pteron.core.stage.Part;
import pteron.exchange.station.Job;
import pteron.exchange.station.JsonNumber;

/** Masses and where they sit in the file of figures. */
final class MassNodes {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private MassNodes() {}

    static void add(ObjectNode root, Job job) {
        ArrayNode masses = root.putArray("masses");
        job.model().balance().parts().forEach(part -> masses.add(mass(part)));
    }

    private static ObjectNode mass(Part part) {
        ObjectNode node = NODES.objectNode();
        node.put("name", part.name());
        node.put("group", Named.small(part.group()));
        node.put("kg", JsonNumber.of(part.massKg()));
        node.put("x", JsonNumber.of(part.place().x()));
        node.put("y", JsonNumber.of(part.place().y()));
        node.put("z", JsonNumber.of(part.place().z()));
        return node;
    }
}
