package pteron.exchange.plan;

import static pteron.exchange.plan.PlanNodes.lower;
import static pteron.exchange.plan.PlanNodes.object;
import static pteron.exchange.plan.PlanNodes.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.plan.Assembly;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Partition;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Require.Range;

/** Writes the make-up; what is as usual is left out. */
final class MakeUpWriter {

    private MakeUpWriter() {}

    static ObjectNode makeUp(MakeUp makeUp) {
        ObjectNode node = object();
        node.set("floor", buildUp(makeUp.floor()));
        node.set("walls", buildUp(makeUp.walls()));
        node.set("roof", buildUp(makeUp.roof()));
        node.set("blocking", section(makeUp.blocking()));
        if (makeUp.bends() != MakeUp.Bends.GLUED) {
            node.put("bends", lower(makeUp.bends()));
        }
        if (!makeUp.assembly().equals(Assembly.USUAL)) {
            node.set("assembly", assembly(makeUp.assembly()));
        }
        if (!makeUp.joining().equals(Joining.USUAL)) {
            node.set("joining", joining(makeUp.joining()));
        }
        if (!makeUp.alternatives().isEmpty()) {
            ArrayNode all = node.putArray("alternatives");
            for (Alternative alternative : makeUp.alternatives()) {
                ObjectNode one = all.addObject();
                one.put("name", alternative.name());
                one.put("part", lower(alternative.part()));
                one.set("buildUp", buildUp(alternative.buildUp()));
            }
        }
        return node;
    }

    private static ObjectNode assembly(Assembly assembly) {
        ObjectNode node = object();
        node.put("corners", lower(assembly.corners()));
        node.put("feet", lower(assembly.feet()));
        node.put("ceiling", lower(assembly.ceiling()));
        node.put("lining", lower(assembly.lining()));
        node.put("strip", lower(assembly.strip()));
        node.put("floorAlong", assembly.floorAlong());
        node.put("floorAcross", assembly.floorAcross());
        return node;
    }

    static ObjectNode partition(Partition partition) {
        Range range = PlanLimits.PARTITION_PLACE;
        ObjectNode node = object();
        node.put("name", partition.name());
        node.put("run", lower(partition.run()));
        put(node, "placeMm", partition.placeMm());
        if (partition.fromMm() > range.least()) {
            put(node, "fromMm", partition.fromMm());
        }
        if (partition.toMm() < range.most()) {
            put(node, "toMm", partition.toMm());
        }
        node.set("build", framed(partition.build()));
        node.put("hold", lower(partition.hold()));
        return node;
    }

    private static ObjectNode joining(Joining joining) {
        ObjectNode node = object();
        node.put("tubes", lower(joining.tubes()));
        if (joining.weld() != Joining.USUAL.weld()) {
            node.put("weld", lower(joining.weld()));
        }
        node.put("curves", lower(joining.curves()));
        node.put("panels", lower(joining.panels()));
        if (joining.conduitMm() > 0) {
            put(node, "conduitMm", joining.conduitMm());
        }
        return node;
    }

    private static ObjectNode buildUp(BuildUp buildUp) {
        return switch (buildUp) {
            case Floor floor -> floor(floor);
            case Framed framed -> framed(framed);
        };
    }

    private static ObjectNode floor(Floor floor) {
        ObjectNode node = object();
        node.set("topFace", layer(floor.topFace()));
        node.set("core", layer(floor.core()));
        node.set("bottomFace", layer(floor.bottomFace()));
        node.set("bearers", members(floor.bearers()));
        layers(node, "finish", floor.finish());
        if (!floor.onBearers()) {
            node.put("school", lower(floor.school()));
        }
        return node;
    }

    private static ObjectNode framed(Framed framed) {
        ObjectNode node = object();
        node.set("outerSkin", layer(framed.outerSkin()));
        node.set("insulation", layer(framed.insulation()));
        node.set("innerSkin", layer(framed.innerSkin()));
        node.set("members", members(framed.members()));
        if (framed.scheme() != Framed.Scheme.STUDS) {
            node.put("scheme", lower(framed.scheme()));
        }
        if (!framed.fit().equals(Framed.Fit.USUAL)) {
            ObjectNode fit = node.putObject("fit");
            fit.put("over", lower(framed.fit().over()));
            fit.put("packing", framed.fit().packing());
            put(fit, "gapMm", framed.fit().gapMm());
        }
        layers(node, "outside", framed.outside());
        layers(node, "inside", framed.inside());
        return node;
    }

    private static void layers(ObjectNode node, String name, List<Layer> layers) {
        if (!layers.isEmpty()) {
            ArrayNode all = node.putArray(name);
            layers.forEach(layer -> all.add(layer(layer)));
        }
    }

    private static ObjectNode layer(Layer layer) {
        ObjectNode node = object();
        node.put("material", layer.material());
        put(node, "thicknessMm", layer.thicknessMm());
        if (layer.grain() != Layer.Grain.ALONG) {
            node.put("grain", lower(layer.grain()));
        }
        if (!layer.fixing().isEmpty()) {
            node.put("fixing", layer.fixing());
        }
        return node;
    }

    private static ObjectNode members(Members members) {
        ObjectNode node = object();
        node.set("section", section(members.section()));
        put(node, "spacingMm", members.spacingMm());
        node.put("timber", members.timber());
        return node;
    }

    static ObjectNode section(Section section) {
        ObjectNode node = object();
        put(node, "thicknessMm", section.thicknessMm());
        put(node, "depthMm", section.depthMm());
        if (!PlanNodes.isZero(section.wallMm())) {
            put(node, "wallMm", section.wallMm());
        }
        return node;
    }
}
