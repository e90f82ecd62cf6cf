package pteron.exchange.station;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;

/** Points of JSON files. */
public final class JsonPoints {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JsonPoints() {}

    /** {@return a place of the box: x, y, z} */
    public static ObjectNode of(Point3 point) {
        ObjectNode node = NODES.objectNode();
        node.put("x", JsonNumber.of(point.x()));
        node.put("y", JsonNumber.of(point.y()));
        node.put("z", JsonNumber.of(point.z()));
        return node;
    }

    /** {@return corners in the plane of a panel: u, v each} */
    public static ArrayNode of(List<Point2> corners) {
        ArrayNode polygon = NODES.arrayNode();
        for (Point2 corner : corners) {
            polygon.addArray().add(JsonNumber.of(corner.u())).add(JsonNumber.of(corner.v()));
        }
        return polygon;
    }
}
