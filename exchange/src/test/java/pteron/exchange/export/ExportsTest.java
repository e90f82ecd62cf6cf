package pteron.exchange.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Figure;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.glue.Glues;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.core.skin.Skins;
import pteron.exchange.demo.Demos;
import pteron.exchange.export.Exports.Order;
import pteron.exchange.pdf.Paper;
import pteron.exchange.report.ReportPdf;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;

class ExportsTest {

    @TempDir Path folder;

    private static BoxModel model;
    private static BarCutting cutting;

    @BeforeAll
    static void work() {
        BoxPlan plan = Demos.wagtail();
        model = BoxModel.of(plan, MaterialLibrary.starting());
        cutting = BarCutting.of(model.members(), plan.supplies());
    }

    private static List<CSVRecord> csv(Path file) throws IOException {
        try (Reader reader = Files.newBufferedReader(file)) {
            return CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(reader)
                    .getRecords();
        }
    }

    /** Lists that the demo has something for: it has no bonded panels and no shell that is there. */
    private static long lists() {
        return FileRoute.ALL.stream()
                .flatMap(files -> files.lists().stream())
                .filter(list -> list.wanted().test(new Job(model, cutting)))
                .count();
    }

    @Test
    void all_areWritten() throws IOException {
        List<Path> files =
                Exports.write(
                        model, cutting, new Order(folder.resolve("out"), Exports.KINDS, Paper.A4));
        assertThat(files)
                .extracting(file -> file.getFileName().toString())
                .isSorted()
                .hasSize((int) lists() + 3)
                .contains(
                        "wagtail-bars.csv",
                        "wagtail-cut-list.csv",
                        "wagtail-figures.json",
                        "wagtail-glue.csv",
                        "wagtail-materials.csv",
                        "wagtail-foam.csv",
                        "wagtail-sheets.csv",
                        "wagtail-strip.csv",
                        "wagtail-uprights.csv",
                        "wagtail.pdf");
    }

    @Test
    void cutList_readBack_hasEveryMember() throws IOException {
        Exports.write(model, cutting, new Order(folder, Set.of("csv"), Paper.A4));
        List<CSVRecord> rows = csv(folder.resolve("wagtail-cut-list.csv"));
        assertThat(rows).hasSize(model.members().size());
        double mass =
                rows.stream().mapToDouble(row -> Double.parseDouble(row.get("mass kg"))).sum();
        assertThat(mass)
                .isCloseTo(model.built().orElseThrow().get(Frame.class).massKg(), within(0.1));
        Member first = model.members().getFirst();
        assertThat(rows.getFirst().get("name")).isEqualTo(first.name());
        assertThat(Double.parseDouble(rows.getFirst().get("length mm")))
                .isCloseTo(first.lengthMm(), within(0.051));
    }

    @Test
    void materials_countBarsAndSheets() throws IOException {
        Exports.write(model, cutting, new Order(folder, Set.of("csv"), Paper.A4));
        List<CSVRecord> rows = csv(folder.resolve("wagtail-materials.csv"));
        int bars =
                rows.stream()
                        .filter(r -> r.get("kind").equals("bar"))
                        .mapToInt(r -> Integer.parseInt(r.get("amount")))
                        .sum();
        assertThat(bars).isEqualTo(cutting.barCount());
        assertThat(csv(folder.resolve("wagtail-bars.csv"))).hasSize(cutting.barCount());
        assertThat(csv(folder.resolve("wagtail-sheets.csv")))
                .hasSize(model.built().orElseThrow().get(Skins.class).pieces().size());
        assertThat(rows)
                .extracting(r -> r.get("kind"))
                .contains("sheet", "foam", "door", "window", "sealant", "tape");
    }

    /** The lists of a box whose frame is not set out: what the outline and the make-up give is there. */
    @Test
    void curvedBox_uprightsStripAndGlue() throws IOException {
        BoxModel siskin = BoxModel.of(Demos.siskin(), MaterialLibrary.starting());
        BarCutting none = BarCutting.of(siskin.members(), siskin.plan().supplies());
        Exports.write(siskin, none, new Order(folder, Set.of("csv"), Paper.A4));
        List<CSVRecord> strip = csv(folder.resolve("siskin-strip.csv"));
        assertThat(strip).hasSize(siskin.outline().elements().size());
        double along = 0;
        for (CSVRecord piece : strip) {
            assertThat(number(piece, "from mm")).isCloseTo(along, within(0.2));
            along += number(piece, "length mm");
        }
        assertThat(along)
                .isCloseTo(
                        siskin.figure("outline.strip-total").orElseThrow().quantity().value(),
                        within(0.5));
        for (CSVRecord upright : csv(folder.resolve("siskin-uprights.csv"))) {
            double place = number(upright, "place mm");
            assertThat(number(upright, "front side mm"))
                    .isCloseTo(siskin.outline().heightAt(place).orElseThrow(), within(25.0));
            assertThat(number(upright, "long point mm"))
                    .isGreaterThanOrEqualTo(number(upright, "rear side mm"));
        }
        List<CSVRecord> glue = csv(folder.resolve("siskin-glue.csv"));
        assertThat(glue).hasSize(siskin.made().orElseThrow().get(Glues.class).joints().size());
        assertThat(glue).allMatch(joint -> number(joint, "area m2") > 0);
        assertThat(csv(folder.resolve("siskin-cut-list.csv"))).hasSize(siskin.members().size());
        List<CSVRecord> panels = csv(folder.resolve("siskin-panels.csv"));
        assertThat(panels).hasSize(5).allMatch(panel -> number(panel, "people") >= 1);
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    @Test
    void pdf_a4_hasDrawingsListsChecksAndFindings() throws IOException {
        byte[] bytes = ReportPdf.bytes(new Job(model, cutting), Paper.A4);
        try (PDDocument document = Loader.loadPDF(bytes)) {
            PDRectangle first = document.getPage(0).getMediaBox();
            assertThat(first.getHeight()).isCloseTo(PDRectangle.A4.getHeight(), within(0.1f));
            // the summary comes first, what the saw needs next, drawings lie on pages of their own
            assertThat(new PDFTextStripper().getText(document).indexOf("Cut list"))
                    .isLessThan(new PDFTextStripper().getText(document).indexOf(": Left side"));
            // joined letters are taken apart again, thin spaces become plain ones
            String text =
                    Normalizer.normalize(
                            new PDFTextStripper().getText(document), Normalizer.Form.NFKC);
            assertThat(text)
                    .contains(
                            "Left side, seen from outside",
                            "Floor plan on the carrier",
                            "4 300",
                            "Findings",
                            "Checks",
                            "Stud, deflection",
                            "Cut list",
                            "Bars",
                            "Sheets")
                    .contains("left stud 1", "An aid for planning, not an approval")
                    .doesNotContain("?");
        }
    }

    /** A curved box of bonded panels: its unfolded view, its cut, its uprights, its panels as they are carried. */
    @Test
    void pdf_ofACurvedBox_hasWhatTheFirstStationsTell() throws IOException {
        BoxModel siskin = BoxModel.of(Demos.siskin(), MaterialLibrary.starting());
        BarCutting none = BarCutting.of(siskin.members(), siskin.plan().supplies());
        try (PDDocument document =
                Loader.loadPDF(ReportPdf.bytes(new Job(siskin, none), Paper.A4))) {
            String text =
                    Normalizer.normalize(
                            new PDFTextStripper().getText(document), Normalizer.Form.NFKC);
            assertThat(text)
                    .contains(
                            "Flat view",
                            "Section: temperature",
                            "Extruded polystyrene",
                            "Uprights, every 1 250",
                            "Wrap over front, roof and rear",
                            "Glue of every joint",
                            "Payload of the carrier alone",
                            "U of the walls",
                            "Bonded panels")
                    .doesNotContain("?");
        }
    }

    /** Where a rounding meets a line the strip runs on; only a bevel is called square. */
    @Test
    void pdf_ofRoundedCorners_stripRunsOn() throws IOException {
        BoxModel dipper = BoxModel.of(Demos.dipper(), MaterialLibrary.starting());
        BarCutting none = BarCutting.of(dipper.members(), dipper.plan().supplies());
        try (PDDocument document =
                Loader.loadPDF(ReportPdf.bytes(new Job(dipper, none), Paper.LETTER))) {
            String text = new PDFTextStripper().getText(document);
            int strip = text.indexOf("Wrap over front, roof and rear");
            String table = text.substring(strip, text.indexOf("Glue of every joint", strip));
            assertThat(table).contains("runs on").doesNotContain("square");
        }
    }

    @Test
    void pdf_letter_inInches() throws IOException {
        BoxModel inches = model.after(model.plan().withUnits(UnitSystem.INCHES));
        try (PDDocument document =
                Loader.loadPDF(ReportPdf.bytes(new Job(inches, cutting), Paper.LETTER))) {
            assertThat(document.getPage(0).getMediaBox().getHeight())
                    .isCloseTo(PDRectangle.LETTER.getHeight(), within(0.1f));
            assertThat(new PDFTextStripper().getText(document))
                    .contains("14′ 1 5⁄16″", "Extruded polystyrene 2 3⁄8″", "Poplar plywood 3⁄16″")
                    .doesNotContain("?", "xps 60");
        }
    }

    @Test
    void fileName_isPlain() {
        assertThat(Exports.fileName("Wägtail / 2")).isEqualTo("wägtail-2");
        assertThat(Exports.fileName("???")).isEqualTo("plan");
        assertThat(Exports.fileName("小屋")).isEqualTo("小屋").isNotEqualTo(Exports.fileName("移動図書"));
        assertThat(Exports.fileName("x".repeat(300))).hasSize(60);
    }

    @Test
    void order_illegalArguments() {
        assertThatThrownBy(() -> new Order(folder, Set.of("dwg"), Paper.A4))
                .hasMessageContaining("[dwg]")
                .hasMessageContaining("csv, json, pdf");
        assertThatThrownBy(() -> Paper.named("a3")).hasMessageContaining("a4 or letter");
    }

    /** Every figure of every demo reaches the paper, those of the bars too. */
    @Test
    void pdf_hasEveryFigure() throws IOException {
        for (BoxPlan demo : Demos.all()) {
            BoxModel box = BoxModel.of(demo, MaterialLibrary.starting());
            BarCutting bars = BarCutting.of(box.members(), demo.supplies());
            byte[] pdf = ReportPdf.bytes(new Job(box, bars), Paper.A4);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                String text =
                        plain(
                                Normalizer.normalize(
                                        new PDFTextStripper().getText(document),
                                        Normalizer.Form.NFKC));
                List<String> missing = new ArrayList<>();
                for (Figure figure : box.figures()) {
                    // uprights and strip stand in tables of their own, by their values
                    boolean tabled = figure.key().matches("outline\\.(upright|strip|bend)\\..*");
                    String value = figure.quantity().text(demo.units()).replaceAll("( mm|°)$", "");
                    if (!text.contains(plain(tabled ? value : figure.name()))) {
                        missing.add(figure.key());
                    }
                }
                assertThat(missing).as(demo.name()).isEmpty();
            }
        }
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC).replaceAll("\\s+", "");
    }

    @Test
    void alreadyThere_isTold() throws IOException {
        Order order = new Order(folder.resolve("o"), Set.of("csv"), Paper.A4);
        assertThat(Exports.alreadyThere(model, order)).isEmpty();
        Exports.write(model, cutting, order);
        assertThat(Exports.alreadyThere(model, order)).hasSize((int) lists() + 1);
    }
}
