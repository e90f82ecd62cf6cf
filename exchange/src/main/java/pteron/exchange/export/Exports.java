package pteron.exchange.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;
import pteron.exchange.csv.BuildLists;
import pteron.exchange.csv.MaterialList;
import pteron.exchange.csv.ShopLists;
import pteron.exchange.figures.FiguresJson;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;
import pteron.exchange.pdf.ReportPdf;

/** Writes lists and drawings. */
public final class Exports {

    /** Kinds that can be written. */
    public static final Set<String> KINDS = Set.of("csv", "pdf", "json");

    private Exports() {}

    /**
     * What is to be written. Immutable.
     *
     * @param folder where to; made when it is missing
     * @param kinds which kinds, out of {@link #KINDS}
     * @param paper paper of the PDF
     */
    public record Order(Path folder, Set<String> kinds, Paper paper) {
        /**
         * Copies the kinds.
         *
         * @throws IllegalArgumentException if a kind is unknown
         */
        public Order {
            kinds = Set.copyOf(kinds);
            for (String kind : kinds) {
                if (!KINDS.contains(kind)) {
                    throw new IllegalArgumentException(
                            "kind is [%s] and must be one of %s"
                                    .formatted(
                                            kind,
                                            String.join(", ", KINDS.stream().sorted().toList())));
                }
            }
        }
    }

    /**
     * {@return the files written, in alphabetical order}
     *
     * @param model the box
     * @param cutting its bars
     * @param order what is to be written
     * @throws IOException if a file cannot be written
     */
    public static List<Path> write(BoxModel model, BarCutting cutting, Order order)
            throws IOException {
        Files.createDirectories(order.folder());
        String name = fileName(model.plan().name());
        List<Path> written = new ArrayList<>();
        if (order.kinds().contains("csv")) {
            written.add(text(order, name + "-cut-list.csv", ShopLists.cutList(model)));
            written.add(text(order, name + "-bars.csv", ShopLists.barList(cutting)));
            written.add(text(order, name + "-sheets.csv", ShopLists.sheetList(model)));
            written.add(text(order, name + "-materials.csv", MaterialList.text(model, cutting)));
            written.add(text(order, name + "-uprights.csv", BuildLists.uprights(model)));
            written.add(text(order, name + "-strip.csv", BuildLists.strip(model)));
            written.add(text(order, name + "-glue.csv", BuildLists.glue(model)));
        }
        if (order.kinds().contains("json")) {
            written.add(text(order, name + "-figures.json", FiguresJson.text(model, cutting)));
        }
        if (order.kinds().contains("pdf")) {
            Path file = order.folder().resolve(name + ".pdf");
            WholeFile.write(file, ReportPdf.bytes(model, cutting, order.paper()));
            written.add(file);
        }
        return written.stream().sorted().toList();
    }

    private static Path text(Order order, String name, String text) throws IOException {
        Path file = order.folder().resolve(name);
        WholeFile.write(file, text.getBytes(StandardCharsets.UTF_8));
        return file;
    }

    /** {@return a name of small letters, digits and hyphens, never empty} */
    static String fileName(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "plan" : plain;
    }
}
