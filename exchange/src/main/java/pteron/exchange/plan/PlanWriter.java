package pteron.exchange.plan;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Loads;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Framed;
import pteron.core.plan.MakeUp.Layer;
import pteron.core.plan.MakeUp.Members;
import pteron.core.plan.MakeUp.Section;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.Supplies;
import pteron.core.plan.Trailer;

/** Makes the tree of a file out of a plan; fields in the order of the schema. */
final class PlanWriter {

    private PlanWriter() {}

    static ObjectNode tree(BoxPlan plan) {
        ObjectNode root = object();
        root.put("format", PlanReader.FORMAT);
        root.put("version", PlanReader.VERSION);
        root.put("name", plan.name());
        root.put("purpose", plan.purpose());
        root.put("units", lower(plan.units()));
        root.set("trailer", trailer(plan.trailer()));
        root.set("box", box(plan.box()));
        root.set("makeUp", makeUp(plan.makeUp()));
        ArrayNode openings = root.putArray("openings");
        plan.openings().forEach(opening -> openings.add(opening(opening)));
        root.set("loads", loads(plan.loads()));
        root.set("supplies", supplies(plan.supplies()));
        return root;
    }

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** Whole numbers are written without a point. */
    private static void put(ObjectNode node, String name, double value) {
        if (value == Math.rint(value) && Math.abs(value) < 1e15) {
            node.put(name, (long) value);
        } else {
            node.put(name, value);
        }
    }

    private static void put(ObjectNode node, String name, List<Double> values) {
        ArrayNode list = node.putArray(name);
        for (double value : values) {
            if (value == Math.rint(value)) {
                list.add((long) value);
            } else {
                list.add(value);
            }
        }
    }

    private static ObjectNode trailer(Trailer trailer) {
        ObjectNode node = object();
        ObjectNode deck = node.putObject("deck");
        put(deck, "lengthMm", trailer.deck().lengthMm());
        put(deck, "widthMm", trailer.deck().widthMm());
        put(deck, "heightMm", trailer.deck().heightMm());
        put(node, "couplerAheadMm", trailer.couplerAheadMm());
        put(node, "axlesMm", trailer.axlesMm());
        put(node, "wheelDiameterMm", trailer.wheelDiameterMm());
        ObjectNode empty = node.putObject("empty");
        put(empty, "massKg", trailer.empty().massKg());
        put(empty, "couplerKg", trailer.empty().couplerKg());
        ObjectNode ratings = node.putObject("ratings");
        put(ratings, "grossKg", trailer.ratings().grossKg());
        put(ratings, "axlesKg", trailer.ratings().axlesKg());
        put(ratings, "couplerKg", trailer.ratings().couplerKg());
        put(node, "crossMembersMm", trailer.crossMembersMm());
        return node;
    }

    private static ObjectNode box(Box box) {
        ObjectNode node = object();
        ArrayNode outline = node.putArray("outline");
        for (OutlinePoint point : box.outline()) {
            ObjectNode corner = outline.addObject();
            put(corner, "xMm", point.xMm());
            put(corner, "zMm", point.zMm());
        }
        put(node, "widthMm", box.widthMm());
        put(node, "offsetMm", box.offsetMm());
        return node;
    }

    private static ObjectNode makeUp(MakeUp makeUp) {
        ObjectNode node = object();
        ObjectNode floor = node.putObject("floor");
        floor.set("topFace", layer(makeUp.floor().topFace()));
        floor.set("core", layer(makeUp.floor().core()));
        floor.set("bottomFace", layer(makeUp.floor().bottomFace()));
        floor.set("bearers", members(makeUp.floor().bearers()));
        node.set("walls", framed(makeUp.walls()));
        node.set("roof", framed(makeUp.roof()));
        node.set("blocking", section(makeUp.blocking()));
        return node;
    }

    private static ObjectNode framed(Framed framed) {
        ObjectNode node = object();
        node.set("outerSkin", layer(framed.outerSkin()));
        node.set("insulation", layer(framed.insulation()));
        node.set("innerSkin", layer(framed.innerSkin()));
        node.set("members", members(framed.members()));
        return node;
    }

    private static ObjectNode layer(Layer layer) {
        ObjectNode node = object();
        node.put("material", layer.material());
        put(node, "thicknessMm", layer.thicknessMm());
        return node;
    }

    private static ObjectNode members(Members members) {
        ObjectNode node = object();
        node.set("section", section(members.section()));
        put(node, "spacingMm", members.spacingMm());
        node.put("timber", members.timber());
        return node;
    }

    private static ObjectNode section(Section section) {
        ObjectNode node = object();
        put(node, "thicknessMm", section.thicknessMm());
        put(node, "depthMm", section.depthMm());
        return node;
    }

    private static ObjectNode opening(Opening opening) {
        ObjectNode node = object();
        node.put("id", opening.id());
        node.put("name", opening.name());
        node.put("kind", lower(opening.kind()));
        node.put("wall", lower(opening.wall()));
        put(node, "alongMm", opening.place().alongMm());
        put(node, "sillMm", opening.place().sillMm());
        put(node, "widthMm", opening.size().widthMm());
        put(node, "heightMm", opening.size().heightMm());
        put(node, "playMm", opening.playMm());
        put(node, "massKg", opening.massKg());
        return node;
    }

    private static ObjectNode loads(Loads loads) {
        ObjectNode node = object();
        put(node, "windSpeedMps", loads.windSpeed());
        put(node, "floorPersonKg", loads.floorPersonKg());
        put(node, "floorLoadNPerM2", loads.floorLoad());
        put(node, "roadWidthMm", loads.roadWidthMm());
        put(node, "roadHeightMm", loads.roadHeightMm());
        return node;
    }

    private static ObjectNode supplies(Supplies supplies) {
        ObjectNode node = object();
        put(node, "kerfMm", supplies.kerfMm());
        put(node, "stockLengthsMm", supplies.stockLengthsMm());
        put(node, "beadWidthMm", supplies.beadWidthMm());
        put(node, "beadDepthMm", supplies.beadDepthMm());
        put(node, "cartridgeMl", supplies.cartridgeMl());
        put(node, "tapeRollMm", supplies.tapeRollMm());
        return node;
    }
}
