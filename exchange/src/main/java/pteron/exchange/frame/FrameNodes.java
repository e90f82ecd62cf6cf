package pteron.exchange.frame;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Set;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.outline.Outline;
import pteron.exchange.station.Job;
import pteron.exchange.station.JsonNumber;
import pteron.exchange.station.JsonPoints;

/** Members and uprights in the file of figures. */
final class FrameNodes {

    private static final Set<Role> UPRIGHTS =
            Set.of(Role.STUD, Role.SHORT_STUD, Role.TRIMMER, Role.CORNER_POST);

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private FrameNodes() {}

    static void add(ObjectNode root, Job job) {
        ArrayNode members = root.putArray("members");
        job.model().members().forEach(member -> members.add(member(member)));
        ArrayNode uprights = root.putArray("uprights");
        job.model().members().stream()
                .filter(FrameNodes::standsInASide)
                .forEach(member -> upright(uprights, member, job.model().outline()));
    }

    private static ObjectNode member(Member member) {
        ObjectNode node = NODES.objectNode();
        node.put("name", member.name());
        node.put("role", member.role().label());
        node.put("panel", member.panel().id());
        node.put("timber", member.timber());
        ObjectNode section = node.putObject("section");
        section.put("thicknessMm", JsonNumber.of(member.section().thicknessMm()));
        section.put("depthMm", JsonNumber.of(member.section().depthMm()));
        section.put("wallMm", JsonNumber.of(member.section().wallMm()));
        node.put("lengthMm", JsonNumber.of(member.lengthMm()));
        ObjectNode cuts = node.putObject("cutAnglesDegrees");
        cuts.set("start", angles(member.startCut()));
        cuts.set("end", angles(member.endCut()));
        cuts.put("rip", JsonNumber.of(member.ripDegrees()));
        node.set("start", JsonPoints.of(member.start()));
        node.set("end", JsonPoints.of(member.end()));
        node.put("massKg", JsonNumber.of(member.massKg()));
        ArrayNode profile = node.putArray("profile");
        member.surface()
                .outline(member.profile(), member.fromInwardMm())
                .forEach(corner -> profile.add(JsonPoints.of(corner)));
        node.set("through", JsonPoints.of(member.surface().inward(member.profile().centroid())));
        member.bend()
                .ifPresent(bend -> node.put("leastRadiusMm", JsonNumber.of(bend.leastRadiusMm())));
        return node;
    }

    private static boolean standsInASide(Member member) {
        return member.panel().kind().isSide()
                && member.isUpright()
                && UPRIGHTS.contains(member.role());
    }

    /** Heights of the outline over the two faces of an upright. */
    private static void upright(ArrayNode uprights, Member member, Outline outline) {
        double face = member.bounds().fromU();
        outline.upright(face, member.bounds().width())
                .ifPresent(
                        upright -> {
                            ObjectNode node = uprights.addObject();
                            node.put("name", member.name());
                            node.put("xMm", JsonNumber.of(face));
                            node.put("footMm", JsonNumber.of(upright.footMm()));
                            node.put("frontFaceMm", JsonNumber.of(upright.frontFaceMm()));
                            node.put("rearFaceMm", JsonNumber.of(upright.rearFaceMm()));
                            node.put("bevelDegrees", JsonNumber.of(upright.bevelDegrees()));
                            node.put("lengthMm", JsonNumber.of(member.lengthMm()));
                            node.put("shortSideMm", JsonNumber.of(member.shortSideMm()));
                        });
    }

    private static ArrayNode angles(EndCut cut) {
        ArrayNode angles = NODES.arrayNode();
        cut.degrees().forEach(angle -> angles.add(JsonNumber.of(angle)));
        return angles;
    }
}
