package pteron.exchange.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.Drawing;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.InchCsv;
import pteron.exchange.figures.FiguresJson;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;
import pteron.exchange.report.ReportPdf;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;
import pteron.exchange.svg.DrawingSvg;

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
     * @param alsoMetric whether lists of a plan in inches give millimetres beside
     */
    public record Order(Path folder, Set<String> kinds, Paper paper, boolean alsoMetric) {

        /** An order in the units of the plan alone. */
        public Order(Path folder, Set<String> kinds, Paper paper) {
            this(folder, kinds, paper, false);
        }

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

    /** Kinds that one view can be written as; a picture in pixels is made where there is a screen. */
    public static final Set<String> VIEW_KINDS = Set.of("svg", "pdf");

    /**
     * {@return the content of a file with one view}
     *
     * @param model the box
     * @param drawing the view
     * @param kind out of {@link #VIEW_KINDS}
     * @param paper paper of a PDF
     * @throws IOException if it cannot be made
     */
    public static byte[] view(BoxModel model, Drawing drawing, String kind, Paper paper)
            throws IOException {
        return switch (kind) {
            case "svg" ->
                    DrawingSvg.text(drawing, model.plan().units()).getBytes(StandardCharsets.UTF_8);
            case "pdf" -> ReportPdf.view(new Job(model, BarCutting.NONE), drawing, paper);
            default ->
                    throw new IllegalArgumentException(
                            "kind is [%s] and must be svg or pdf".formatted(kind));
        };
    }

    /** {@return the name of a file for one view, without its ending} */
    public static String viewName(BoxModel model, Drawing drawing) {
        return fileName(model.plan().name()) + "-" + drawing.view().key();
    }

    /** Makes the content of a file when it is wanted. */
    private interface Content {
        byte[] bytes() throws IOException;
    }

    /**
     * {@return the files written, in alphabetical order; those that are there already are written over}
     *
     * @param model the box
     * @param cutting its bars
     * @param order what is to be written
     * @throws IOException if a file cannot be written
     */
    public static List<Path> write(BoxModel model, BarCutting cutting, Order order)
            throws IOException {
        List<Path> written = new ArrayList<>();
        write(model, cutting, order, written::add);
        return written.stream().sorted().toList();
    }

    /**
     * Writes the files of an order; those that are there already are written over.
     *
     * @param written is given each file when it is whole on the disk
     * @throws IOException if a file cannot be written
     */
    public static void write(
            BoxModel model, BarCutting cutting, Order order, Consumer<Path> written)
            throws IOException {
        Files.createDirectories(order.folder());
        for (Map.Entry<Path, Content> file : contents(model, cutting, order).entrySet()) {
            WholeFile.writeHere(file.getKey(), file.getValue().bytes());
            written.accept(file.getKey());
        }
    }

    /** {@return files that {@link #write} would write over} */
    public static List<Path> alreadyThere(BoxModel model, Order order) {
        return contents(model, BarCutting.NONE, order).keySet().stream()
                .filter(file -> Files.exists(file, LinkOption.NOFOLLOW_LINKS))
                .sorted()
                .toList();
    }

    private static Map<Path, Content> contents(BoxModel model, BarCutting cutting, Order order) {
        Job job = new Job(model, cutting);
        String name = fileName(model.plan().name());
        Map<Path, Content> files = new LinkedHashMap<>();
        if (order.kinds().contains("csv")) {
            FileRoute.ALL.stream()
                    .flatMap(station -> station.lists().stream())
                    .filter(list -> list.wanted().test(job))
                    .forEach(
                            list ->
                                    put(
                                            files,
                                            order,
                                            name + "-" + list.name() + ".csv",
                                            () -> inUnits(job, order, list.text().apply(job))));
            put(files, order, name + "-materials.csv", () -> MaterialList.text(job));
        }
        if (order.kinds().contains("json")) {
            put(files, order, name + "-figures.json", () -> FiguresJson.text(model, cutting));
        }
        if (order.kinds().contains("pdf")) {
            files.put(
                    order.folder().resolve(name + ".pdf"),
                    () -> ReportPdf.bytes(job, order.paper()));
        }
        return files;
    }

    /** Lists speak the units of the plan; JSON stays in millimetres. */
    private static String inUnits(Job job, Order order, String metric) {
        return job.units() == UnitSystem.METRIC ? metric : InchCsv.of(metric, order.alsoMetric());
    }

    private static void put(
            Map<Path, Content> files, Order order, String name, Supplier<String> text) {
        files.put(order.folder().resolve(name), () -> text.get().getBytes(StandardCharsets.UTF_8));
    }

    /** Longest beginning of a file's name that a plan's name gives (letters). */
    private static final int LONGEST_NAME = 60;

    /** {@return a name of small letters of any script, digits and hyphens, never empty} */
    static String fileName(String name) {
        String plain =
                Normalizer.normalize(name, Normalizer.Form.NFC)
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-");
        String cut = plain.substring(0, Math.min(LONGEST_NAME, plain.length()));
        String bare = cut.replaceAll("^-|-$", "");
        return bare.isEmpty() ? "plan" : bare;
    }
}
