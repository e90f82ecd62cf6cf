package pteron.exchange.figures;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import pteron.core.balance.Part;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.quantity.Quantity;
import pteron.core.skin.SheetPiece;
import pteron.exchange.words.CureWords;
import pteron.exchange.words.FindingWords;

/** Writes the figures of a box. */
public final class FiguresJson {

    /** Digits kept of a number: a thousandth of a mm in a kilometre, and no noise of rounding. */
    private static final MathContext DIGITS = new MathContext(12);

    private static final Set<Role> UPRIGHTS =
            Set.of(Role.STUD, Role.SHORT_STUD, Role.TRIMMER, Role.CORNER_POST);

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private FiguresJson() {}

    /** {@return one JSON object with everything that follows from a plan} */
    public static String text(BoxModel model, BarCutting cutting) {
        ObjectNode root = NODES.objectNode();
        root.put("name", model.plan().name());
        ObjectNode figures = root.putObject("figures");
        model.figures().forEach(figure -> figure(figures, figure));
        cutting.figures().forEach(figure -> figure(figures, figure));
        ArrayNode members = root.putArray("members");
        model.members().forEach(member -> members.add(member(member)));
        ArrayNode uprights = root.putArray("uprights");
        model.members().stream()
                .filter(FiguresJson::standsInASide)
                .forEach(member -> upright(uprights, member, model.outline()));
        ArrayNode sheets = root.putArray("sheets");
        model.built().ifPresent(built -> built.skins().pieces().forEach(p -> sheets.add(sheet(p))));
        ArrayNode cuts = root.putArray("cuts");
        cutting.kinds().forEach((kind, plan) -> cuts(cuts, kind, plan));
        ArrayNode masses = root.putArray("masses");
        model.balance().parts().forEach(part -> masses.add(mass(part)));
        ArrayNode findings = root.putArray("findings");
        model.findings().forEach(finding -> findings.add(finding(finding, model)));
        return print(root);
    }

    /** {@return figures alone, key to value and unit} */
    public static String text(List<Figure> figures) {
        ObjectNode root = NODES.objectNode();
        figures.forEach(figure -> figure(root, figure));
        return print(root);
    }

    private static String print(ObjectNode root) {
        DefaultIndenter indent = new DefaultIndenter("  ", "\n");
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter().withObjectIndenter(indent);
        try {
            return JsonMapper.builder().build().writer(printer).writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: figures that cannot be written", e);
        }
    }

    private static BigDecimal number(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value).round(DIGITS).stripTrailingZeros();
        return rounded.scale() < 0 ? rounded.setScale(0) : rounded;
    }

    private static void figure(ObjectNode figures, Figure figure) {
        ObjectNode node = figures.putObject(figure.key());
        node.put("value", number(figure.value()));
        node.put("unit", figure.quantity().unit().symbol());
        node.put("name", figure.name());
    }

    private static ObjectNode member(Member member) {
        ObjectNode node = NODES.objectNode();
        node.put("name", member.name());
        node.put("role", member.role().label());
        node.put("panel", member.panel().id());
        node.put("timber", member.timber());
        ObjectNode section = node.putObject("section");
        section.put("thicknessMm", number(member.section().thicknessMm()));
        section.put("depthMm", number(member.section().depthMm()));
        node.put("lengthMm", number(member.lengthMm()));
        ObjectNode cuts = node.putObject("cutAnglesDegrees");
        cuts.set("start", angles(member.startCut()));
        cuts.set("end", angles(member.endCut()));
        cuts.put("rip", number(member.ripDegrees()));
        node.set("start", point(member.start()));
        node.set("end", point(member.end()));
        node.put("massKg", number(member.massKg()));
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
                            node.put("xMm", number(face));
                            node.put("frontFaceMm", number(upright.frontFaceMm()));
                            node.put("rearFaceMm", number(upright.rearFaceMm()));
                            node.put("bevelDegrees", number(upright.bevelDegrees()));
                            node.put("lengthMm", number(member.lengthMm()));
                            node.put("shortSideMm", number(member.shortSideMm()));
                        });
    }

    private static ArrayNode angles(EndCut cut) {
        ArrayNode angles = NODES.arrayNode();
        cut.degrees().forEach(angle -> angles.add(number(angle)));
        return angles;
    }

    private static ObjectNode point(Point3 point) {
        ObjectNode node = NODES.objectNode();
        node.put("x", number(point.x()));
        node.put("y", number(point.y()));
        node.put("z", number(point.z()));
        return node;
    }

    private static ObjectNode sheet(SheetPiece piece) {
        ObjectNode node = NODES.objectNode();
        node.put("piece", piece.name());
        node.put("panel", piece.panel().id());
        node.put("face", piece.skin().face().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        node.put("material", piece.skin().layer().material());
        node.put("thicknessMm", number(piece.skin().layer().thicknessMm()));
        node.put("areaM2", number(piece.shape().area() / 1e6));
        node.put("massKg", number(piece.massKg()));
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
            polygon.addArray().add(number(corner.u())).add(number(corner.v()));
        }
        return polygon;
    }

    private static void cuts(ArrayNode cuts, BarCutting.Kind kind, CuttingPlan plan) {
        for (Bar bar : plan.bars()) {
            ObjectNode node = cuts.addObject();
            ObjectNode section = node.putObject("section");
            section.put("thicknessMm", number(kind.section().thicknessMm()));
            section.put("depthMm", number(kind.section().depthMm()));
            node.put("timber", kind.timber());
            node.put("stockMm", number(bar.stockMm()));
            node.put("kerfMm", number(bar.kerfMm()));
            node.put("restMm", number(bar.restMm()));
            ArrayNode pieces = node.putArray("pieces");
            bar.pieces()
                    .forEach(
                            piece -> {
                                ObjectNode part = pieces.addObject();
                                part.put("name", piece.name());
                                part.put("lengthMm", number(piece.lengthMm()));
                            });
        }
    }

    private static ObjectNode mass(Part part) {
        ObjectNode node = NODES.objectNode();
        node.put("name", part.name());
        node.put("group", part.group().name().toLowerCase(Locale.ROOT));
        node.put("kg", number(part.massKg()));
        node.put("x", number(part.place().x()));
        node.put("y", number(part.place().y()));
        node.put("z", number(part.place().z()));
        return node;
    }

    private static ObjectNode finding(Finding finding, BoxModel model) {
        ObjectNode node = NODES.objectNode();
        node.put("code", finding.code());
        node.put("severity", finding.severity().name().toLowerCase(Locale.ROOT));
        ObjectNode place = node.putObject("place");
        place.put("station", finding.place().station());
        place.put("part", finding.place().part());
        place.put("x", number(finding.place().xMm()));
        place.put("y", number(finding.place().yMm()));
        place.put("z", number(finding.place().zMm()));
        node.set("demand", quantity(finding.demand()));
        node.set("limit", quantity(finding.limit().quantity()));
        node.put("margin", number(finding.margin()));
        node.put("cure", CureWords.of(finding.cure(), model.plan().units()));
        node.put("sentence", FindingWords.sentence(finding, model.plan()));
        return node;
    }

    private static ObjectNode quantity(Quantity quantity) {
        ObjectNode node = NODES.objectNode();
        node.put("value", number(quantity.value()));
        node.put("unit", quantity.unit().symbol());
        return node;
    }
}
