package pteron.app.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javafx.embed.swing.SwingFXUtils;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.image.Image;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import pteron.app.document.FileDesk;
import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;
import pteron.exchange.report.ReportPdf;
import pteron.exchange.station.Job;

/** Prints the plan, with a preview. */
final class Printing {

    /** Dots an inch of a printed page: sharp enough for 8 point letters. */
    private static final float DOTS = 150;

    private final PlanWindow window;
    private final FileDesk desk;
    private boolean preparing;

    /** A page's pictures and the file they come from. */
    private record Printed(byte[] pdf, List<BufferedImage> pages) {}

    Printing(PlanWindow window, FileDesk desk) {
        this.window = window;
        this.desk = desk;
    }

    /** Makes the pages beside and shows them. */
    void preview() {
        if (preparing) {
            // asked once more while the first is made: one preview is enough
            return;
        }
        preparing = true;
        BoxModel model = window.bench().document().model();
        Runnable words = window.underway("Preparing the pages …");
        Runnable over =
                () -> {
                    preparing = false;
                    words.run();
                };
        desk.beside(
                () -> printed(model),
                printed -> {
                    over.run();
                    show(printed);
                },
                sentence -> {
                    over.run();
                    window.tell("Nothing to print", sentence);
                });
    }

    private static Printed printed(BoxModel model) throws IOException {
        BarCutting cutting = BarCutting.of(model.members(), model.plan().supplies());
        Paper paper = model.plan().units() == UnitSystem.METRIC ? Paper.A4 : Paper.LETTER;
        byte[] pdf = ReportPdf.bytes(new Job(model, cutting), paper);
        List<BufferedImage> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(renderer.renderImageWithDPI(i, DOTS));
            }
        }
        return new Printed(pdf, pages);
    }

    private void show(Printed printed) {
        List<Image> pages =
                printed.pages().stream()
                        .map(page -> (Image) SwingFXUtils.toFXImage(page, null))
                        .toList();
        PrintCard[] card = new PrintCard[1];
        Overlay overlay = window.dialogs().overlay();
        Runnable away = () -> overlay.hide(card[0]);
        card[0] =
                new PrintCard(
                        pages,
                        new PrintCard.Ways(
                                () -> {
                                    away.run();
                                    print(pages);
                                },
                                () -> {
                                    away.run();
                                    save(printed);
                                },
                                away));
        overlay.show(card[0], () -> {});
    }

    private void print(List<Image> pages) {
        PrinterJob job = Printer.getAllPrinters().isEmpty() ? null : PrinterJob.createPrinterJob();
        if (job == null) {
            window.tell(
                    "No printer",
                    "No printer is set up on this machine. Save the pages as a PDF and print them elsewhere.");
        } else if (job.showPrintDialog(window.dialogs().owner()) && !PrintCard.print(job, pages)) {
            window.tell("Not printed", "The printer did not take the pages; look at its queue.");
        }
    }

    private void save(Printed printed) {
        String name = window.bench().document().plan().name() + ".pdf";
        window.dialogs()
                .chooseToSaveAs(name, "Paper (PDF)", "*.pdf")
                .ifPresent(
                        file ->
                                desk.beside(
                                        () -> {
                                            WholeFile.write(file, printed.pdf());
                                            return file;
                                        },
                                        written ->
                                                window.tell("Saved", "The pages are in " + written),
                                        sentence -> window.tell("Not saved", sentence)));
    }
}
