package pteron.exchange.plan;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pteron.core.quantity.Named;

/** Nodes of the plan file. */
final class PlanNodes {

    /** Whole numbers below this are exact and are written without a point. */
    private static final double MOST_WHOLE = 1e15;

    private PlanNodes() {}

    static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    static String lower(Enum<?> value) {
        return Named.small(value);
    }

    /** Whole numbers are written without a point. */
    static void put(ObjectNode node, String name, double value) {
        if (isWhole(value)) {
            node.put(name, (long) value);
        } else {
            node.put(name, value);
        }
    }

    static void put(ObjectNode node, String name, List<Double> values) {
        ArrayNode list = node.putArray(name);
        for (double value : values) {
            if (isWhole(value)) {
                list.add((long) value);
            } else {
                list.add(value);
            }
        }
    }

    /** {@return whether a number is written without a point; −0.0 is not, so that it comes back as it was} */
    private static boolean isWhole(double value) {
        return value == Math.rint(value) && Math.abs(value) < MOST_WHOLE && !isMinusZero(value);
    }

    /** {@return whether a number is the usual one of a field that may be left out} */
    static boolean isZero(double value) {
        return value == 0 && !isMinusZero(value);
    }

    private static boolean isMinusZero(double value) {
        return Double.compare(value, -0.0) == 0;
    }
}
