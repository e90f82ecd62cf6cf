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
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.skin.Skins;
import pteron.core.stage.Part;
import pteron.exchange.words.CureWords;
import pteron.exchange.words.FindingWords;

/** Writes the figures of a box. */
public final class FiguresJson {

    /** Digits kept of a number: a thousandth of a mm in a kilometre, and no noise of rounding. */
    private static final MathContext DIGITS = new MathContext(12);

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
        model.members().forEach(member -> members.add(BuiltNodes.member(member)));
        ArrayNode uprights = root.putArray("uprights");
        model.members().stream()
                .filter(BuiltNodes::standsInASide)
                .forEach(member -> BuiltNodes.upright(uprights, member, model.outline()));
        ArrayNode sheets = root.putArray("sheets");
        model.built()
                .ifPresent(
                        built ->
                                built.get(Skins.class)
                                        .pieces()
                                        .forEach(p -> sheets.add(BuiltNodes.sheet(p))));
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

    static BigDecimal number(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value).round(DIGITS).stripTrailingZeros();
        return rounded.scale() < 0 ? rounded.setScale(0) : rounded;
    }

    private static void figure(ObjectNode figures, Figure figure) {
        ObjectNode node = figures.putObject(figure.key());
        node.put("value", number(figure.value()));
        node.put("unit", figure.quantity().unit().symbol());
        node.put("name", figure.name());
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
        node.put("group", Named.small(part.group()));
        node.put("kg", number(part.massKg()));
        node.put("x", number(part.place().x()));
        node.put("y", number(part.place().y()));
        node.put("z", number(part.place().z()));
        return node;
    }

    private static ObjectNode finding(Finding finding, BoxModel model) {
        ObjectNode node = NODES.objectNode();
        node.put("code", finding.code());
        node.put("severity", Named.small(finding.severity()));
        ObjectNode place = node.putObject("place");
        place.put("station", finding.place().station().key());
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
