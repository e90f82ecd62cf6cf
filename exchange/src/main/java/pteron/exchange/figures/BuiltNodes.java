package pteron.exchange.figures;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Set;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.outline.Outline;
import pteron.core.quantity.Named;
import pteron.core.skin.SheetPiece;

/** Members, uprights and sheets as JSON. */
final class BuiltNodes {

    private static final Set<Role> UPRIGHTS =
            Set.of(Role.STUD, Role.SHORT_STUD, Role.TRIMMER, Role.CORNER_POST);

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private BuiltNodes() {}

    static ObjectNode member(Member member) {
        ObjectNode node = NODES.objectNode();
        node.put("name", member.name());
        node.put("role", member.role().label());
        node.put("panel", member.panel().id());
        node.put("timber", member.timber());
        ObjectNode section = node.putObject("section");
        section.put("thicknessMm", FiguresJson.number(member.section().thicknessMm()));
        section.put("depthMm", FiguresJson.number(member.section().depthMm()));
        node.put("lengthMm", FiguresJson.number(member.lengthMm()));
        ObjectNode cuts = node.putObject("cutAnglesDegrees");
        cuts.set("start", angles(member.startCut()));
        cuts.set("end", angles(member.endCut()));
        cuts.put("rip", FiguresJson.number(member.ripDegrees()));
        node.set("start", point(member.start()));
        node.set("end", point(member.end()));
        node.put("massKg", FiguresJson.number(member.massKg()));
        ArrayNode profile = node.putArray("profile");
        member.profile()
                .corners()
                .forEach(
                        corner ->
                                profile.add(
                                        point(
                                                member.panel()
                                                        .placement()
                                                        .at(corner, member.fromInwardMm()))));
        node.set("through", point(member.panel().placement().inward()));
        return node;
    }

    static boolean standsInASide(Member member) {
        return member.panel().kind().isSide()
                && member.isUpright()
                && UPRIGHTS.contains(member.role());
    }

    /** Heights of the outline over the two faces of an upright. */
    static void upright(ArrayNode uprights, Member member, Outline outline) {
        double face = member.bounds().fromU();
        outline.upright(face, member.bounds().width())
                .ifPresent(
                        upright -> {
                            ObjectNode node = uprights.addObject();
                            node.put("name", member.name());
                            node.put("xMm", FiguresJson.number(face));
                            node.put("footMm", FiguresJson.number(upright.footMm()));
                            node.put("frontFaceMm", FiguresJson.number(upright.frontFaceMm()));
                            node.put("rearFaceMm", FiguresJson.number(upright.rearFaceMm()));
                            node.put("bevelDegrees", FiguresJson.number(upright.bevelDegrees()));
                            node.put("lengthMm", FiguresJson.number(member.lengthMm()));
                            node.put("shortSideMm", FiguresJson.number(member.shortSideMm()));
                        });
    }

    private static ArrayNode angles(EndCut cut) {
        ArrayNode angles = NODES.arrayNode();
        cut.degrees().forEach(angle -> angles.add(FiguresJson.number(angle)));
        return angles;
    }

    private static ObjectNode point(Point3 point) {
        ObjectNode node = NODES.objectNode();
        node.put("x", FiguresJson.number(point.x()));
        node.put("y", FiguresJson.number(point.y()));
        node.put("z", FiguresJson.number(point.z()));
        return node;
    }

    static ObjectNode sheet(SheetPiece piece) {
        ObjectNode node = NODES.objectNode();
        node.put("piece", piece.name());
        node.put("panel", piece.panel().id());
        node.put("face", Named.key(piece.skin().face()));
        node.put("material", piece.skin().layer().material());
        node.put("thicknessMm", FiguresJson.number(piece.skin().layer().thicknessMm()));
        node.put("areaM2", FiguresJson.number(piece.shape().area() / 1e6));
        node.put("massKg", FiguresJson.number(piece.massKg()));
        node.set("polygon", polygon(piece.shape().corners()));
        ArrayNode holes = node.putArray("holes");
        piece.shape().holes().forEach(hole -> holes.add(polygon(hole)));
        ArrayNode placed = node.putArray("corners");
        piece.shape()
                .corners()
                .forEach(
                        corner ->
                                placed.add(
                                        point(
                                                piece.panel()
                                                        .placement()
                                                        .at(corner, piece.skin().fromInwardMm()))));
        return node;
    }

    private static ArrayNode polygon(List<Point2> corners) {
        ArrayNode polygon = NODES.arrayNode();
        for (Point2 corner : corners) {
            polygon.addArray()
                    .add(FiguresJson.number(corner.u()))
                    .add(FiguresJson.number(corner.v()));
        }
        return polygon;
    }
}
