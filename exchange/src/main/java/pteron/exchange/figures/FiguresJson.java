package pteron.exchange.figures;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pteron.core.cure.CureTrial;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;
import pteron.exchange.station.JsonNumber;
import pteron.exchange.words.CureWords;
import pteron.exchange.words.FindingWords;

/** Writes the figures of a box. */
public final class FiguresJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private FiguresJson() {}

    /** {@return one JSON object with everything that follows from a plan} */
    public static String text(BoxModel model, BarCutting cutting) {
        ObjectNode root = NODES.objectNode();
        root.put("name", model.plan().name());
        ObjectNode figures = root.putObject("figures");
        model.figures().forEach(figure -> figure(figures, figure));
        cutting.figures().forEach(figure -> figure(figures, figure));
        Job job = new Job(model, cutting);
        FileRoute.ALL.forEach(files -> files.nodes().forEach(node -> node.add(root, job)));
        ArrayNode findings = root.putArray("findings");
        CureTrial.findings(model).forEach(finding -> findings.add(finding(finding, model)));
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

    private static void figure(ObjectNode figures, Figure figure) {
        ObjectNode node = figures.putObject(figure.key());
        node.put("value", JsonNumber.of(figure.value()));
        node.put("unit", figure.quantity().unit().symbol());
        node.put("name", figure.name());
    }

    private static ObjectNode finding(Finding finding, BoxModel model) {
        ObjectNode node = NODES.objectNode();
        node.put("code", finding.code());
        node.put("severity", Named.small(finding.severity()));
        ObjectNode place = node.putObject("place");
        place.put("station", finding.place().station().key());
        place.put("part", finding.place().part());
        place.put("x", JsonNumber.of(finding.place().xMm()));
        place.put("y", JsonNumber.of(finding.place().yMm()));
        place.put("z", JsonNumber.of(finding.place().zMm()));
        node.set("demand", quantity(finding.demand()));
        node.set("limit", quantity(finding.limit().quantity()));
        node.put("margin", JsonNumber.of(finding.margin()));
        node.put("cure", CureWords.of(finding.cure(), model.plan()));
        node.put("sentence", FindingWords.sentence(finding, model.plan()));
        return node;
    }

    private static ObjectNode quantity(Quantity quantity) {
        ObjectNode node = NODES.objectNode();
        node.put("value", JsonNumber.of(quantity.value()));
        node.put("unit", quantity.unit().symbol());
        return node;
    }
}
