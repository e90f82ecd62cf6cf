package pteron.exchange.plan;

import static pteron.exchange.plan.PlanNodes.lower;
import static pteron.exchange.plan.PlanNodes.object;
import static pteron.exchange.plan.PlanNodes.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.material.Material;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.plan.Loads;
import pteron.core.plan.Opening;
import pteron.core.plan.RoadLimits;
import pteron.core.plan.Supplies;

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
        root.set("vehicle", VehicleWriter.vehicle(plan.vehicle()));
        root.set("box", BoxWriter.box(plan.box()));
        root.set("makeUp", MakeUpWriter.makeUp(plan.makeUp()));
        ArrayNode openings = root.putArray("openings");
        plan.openings().forEach(opening -> openings.add(opening(opening)));
        if (!plan.partitions().isEmpty()) {
            ArrayNode partitions = root.putArray("partitions");
            plan.partitions().forEach(one -> partitions.add(MakeUpWriter.partition(one)));
        }
        plan.found().ifPresent(found -> root.set("found", FoundWriter.found(found)));
        root.set("loads", loads(plan.loads()));
        root.set("limits", limits(plan.limits()));
        root.set("climate", climate(plan.climate()));
        root.set("supplies", supplies(plan.supplies()));
        if (!plan.materials().isEmpty()) {
            ArrayNode materials = root.putArray("materials");
            plan.materials().forEach(material -> materials.add(material(material)));
        }
        return root;
    }

    private static ObjectNode opening(Opening opening) {
        ObjectNode node = object();
        node.put("id", opening.id());
        node.put("name", opening.name());
        node.put("kind", lower(opening.kind()));
        node.put("wall", opening.wall().id());
        put(node, "alongMm", opening.place().alongMm());
        put(node, "sillMm", opening.place().sillMm());
        put(node, "widthMm", opening.size().widthMm());
        put(node, "heightMm", opening.size().heightMm());
        put(node, "playMm", opening.playMm());
        put(node, "massKg", opening.massKg());
        if (opening.isThere()) {
            node.put("unit", lower(opening.source()));
        }
        return node;
    }

    private static ObjectNode loads(Loads loads) {
        ObjectNode node = object();
        put(node, "windSpeedMps", loads.windSpeed());
        put(node, "floorPersonKg", loads.floorPersonKg());
        put(node, "floorLoadNPerM2", loads.floorLoad());
        node.put("serviceClass", lower(loads.serviceClass()));
        return node;
    }

    private static ObjectNode supplies(Supplies supplies) {
        ObjectNode node = object();
        put(node, "kerfMm", supplies.saw().kerfMm());
        put(node, "endTrimMm", supplies.saw().endTrimMm());
        put(node, "lengthToleranceMm", supplies.saw().toleranceMm());
        put(node, "stockLengthsMm", supplies.stockLengthsMm());
        put(node, "tubeLengthsMm", supplies.tubeLengthsMm());
        put(node, "beadWidthMm", supplies.beadWidthMm());
        put(node, "beadDepthMm", supplies.beadDepthMm());
        put(node, "cartridgeMl", supplies.cartridgeMl());
        put(node, "tapeRollMm", supplies.tapeRollMm());
        return node;
    }

    private static ObjectNode limits(RoadLimits limits) {
        ObjectNode node = object();
        node.put("region", limits.region());
        put(node, "widthMm", limits.widthMm());
        put(node, "heightMm", limits.heightMm());
        put(node, "lengthMm", limits.lengthMm());
        put(node, "shopDoorMm", limits.shopDoorMm());
        put(node, "onRoofMm", limits.onRoofMm());
        return node;
    }

    private static ObjectNode climate(Climate climate) {
        ObjectNode node = object();
        node.set("inside", air(climate.inside()));
        node.set("outside", air(climate.outside()));
        put(node, "airChangesPerHour", climate.airChangesPerHour());
        put(node, "people", climate.people());
        put(node, "hours", climate.hours());
        return node;
    }

    private static ObjectNode air(Climate.Air air) {
        ObjectNode node = object();
        put(node, "celsius", air.celsius());
        put(node, "humidityPercent", air.humidityPercent());
        return node;
    }

    private static ObjectNode material(Material material) {
        ObjectNode node = object();
        node.put("id", material.id());
        node.put("name", material.name());
        node.put("kind", lower(material.kind()));
        ArrayNode values = node.putArray("values");
        material.values()
                .forEach(
                        (property, sourced) -> {
                            ObjectNode value = values.addObject();
                            value.put("property", lower(property));
                            put(value, "value", sourced.value());
                            value.put("source", sourced.source());
                        });
        return node;
    }
}
