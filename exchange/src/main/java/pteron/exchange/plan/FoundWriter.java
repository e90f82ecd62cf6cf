package pteron.exchange.plan;

import static pteron.exchange.plan.PlanNodes.lower;
import static pteron.exchange.plan.PlanNodes.object;
import static pteron.exchange.plan.PlanNodes.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;

/** Writes a shell that is there. */
final class FoundWriter {

    private FoundWriter() {}

    static ObjectNode found(FoundShell found) {
        ObjectNode node = object();
        node.set("rib", MakeUpWriter.section(found.rib()));
        node.set("left", row(found.left()));
        node.set("right", row(found.right()));
        node.set("roof", row(found.roof()));
        put(node, "skirtingMm", found.skirtingMm());
        node.put("coating", lower(found.coating()));
        if (!found.damages().isEmpty()) {
            ArrayNode damages = node.putArray("damages");
            found.damages().forEach(damage -> damages.add(damage(damage)));
        }
        if (!found.lowMm().isEmpty()) {
            put(node, "lowMm", found.lowMm());
        }
        return node;
    }

    private static ObjectNode row(RibRow row) {
        ObjectNode node = object();
        put(node, "firstMm", row.firstMm());
        put(node, "spacingMm", row.spacingMm());
        if (!row.offsetsMm().isEmpty()) {
            put(node, "offsetsMm", row.offsetsMm());
        }
        return node;
    }

    private static ObjectNode damage(Damage damage) {
        ObjectNode node = object();
        node.put("kind", lower(damage.kind()));
        node.put("face", lower(damage.face()));
        put(node, "alongMm", damage.alongMm());
        put(node, "upMm", damage.upMm());
        put(node, "lengthMm", damage.lengthMm());
        put(node, "heightMm", damage.heightMm());
        return node;
    }
}
