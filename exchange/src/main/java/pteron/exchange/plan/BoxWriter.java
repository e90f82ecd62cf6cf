package pteron.exchange.plan;

import static pteron.exchange.plan.PlanNodes.object;
import static pteron.exchange.plan.PlanNodes.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlinePoint.Straight;

/** Writes the box; what is as usual is left out. */
final class BoxWriter {

    private BoxWriter() {}

    static ObjectNode box(Box box) {
        ObjectNode node = object();
        ArrayNode outline = node.putArray("outline");
        box.outline().forEach(point -> outline.add(point(point)));
        put(node, "widthMm", box.widthMm());
        put(node, "offsetMm", box.offsetMm());
        if (!PlanNodes.isZero(box.raisedMm())) {
            put(node, "raisedMm", box.raisedMm());
        }
        details(node, box.details());
        return node;
    }

    private static ObjectNode point(OutlinePoint point) {
        ObjectNode node = object();
        put(node, "xMm", point.xMm());
        put(node, "zMm", point.zMm());
        if (!PlanNodes.isZero(point.filletMm())) {
            put(node, "filletMm", point.filletMm());
        }
        switch (point.link()) {
            case Straight straight -> {}
            case Arc arc -> {
                node.put("line", "arc");
                node.set("through", spot(arc.spot()));
            }
            case Batten batten -> {
                node.put("line", "batten");
                ArrayNode spots = node.putArray("spots");
                batten.spots().forEach(spot -> spots.add(spot(spot)));
                put(node, "battenMm", batten.thicknessMm());
                node.put("timber", batten.timber());
            }
        }
        return node;
    }

    private static ObjectNode spot(Spot spot) {
        ObjectNode node = object();
        put(node, "xMm", spot.xMm());
        put(node, "zMm", spot.zMm());
        return node;
    }

    private static void details(ObjectNode node, BoxDetails details) {
        if (details.crownMm() > 0) {
            put(node, "crownMm", details.crownMm());
        }
        if (!details.wings().equals(BoxDetails.Wings.NONE)) {
            ObjectNode wings = node.putObject("wings");
            put(wings, "lowerWidthMm", details.wings().lowerWidthMm());
            put(wings, "fromMm", details.wings().fromMm());
        }
        if (!details.dropFloor().equals(BoxDetails.DropFloor.NONE)) {
            ObjectNode drop = node.putObject("dropFloor");
            put(drop, "fromMm", details.dropFloor().fromMm());
            put(drop, "depthMm", details.dropFloor().depthMm());
        }
        if (!details.wheelArches().isEmpty()) {
            ArrayNode arches = node.putArray("wheelArches");
            for (WheelArch arch : details.wheelArches()) {
                ObjectNode one = arches.addObject();
                put(one, "fromMm", arch.fromMm());
                put(one, "lengthMm", arch.lengthMm());
                put(one, "heightMm", arch.heightMm());
                put(one, "depthMm", arch.depthMm());
                put(one, "cornerMm", arch.cornerMm());
            }
        }
        if (!details.overhang().equals(BoxDetails.Overhang.NONE)) {
            ObjectNode over = node.putObject("overhang");
            put(over, "frontMm", details.overhang().frontMm());
            put(over, "rearMm", details.overhang().rearMm());
            put(over, "sidesMm", details.overhang().sidesMm());
            put(over, "dripMm", details.overhang().dripMm());
        }
    }
}
