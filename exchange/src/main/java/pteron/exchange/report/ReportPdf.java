package pteron.exchange.report;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import pteron.core.cure.CureTrial;
import pteron.core.cutting.CuttingStation;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.FrameStation;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStation;
import pteron.core.picture.Drawings;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.exchange.pdf.DrawingOnPaper;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.Paper;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;
import pteron.exchange.station.StationFiles;
import pteron.exchange.words.Cautions;
import pteron.exchange.words.FindingWords;

/** The plan on paper: a summary with picture, weights and findings, what the saw needs, views, further tables, figures. */
public final class ReportPdf {

    /** Share of the first page that its picture takes. */
    private static final float PICTURE = 0.42f;

    private final Job job;
    private final BoxModel model;
    private final UnitSystem units;
    private final Pages pages;

    private ReportPdf(Job job, Pages pages) {
        this.job = job;
        this.model = job.model();
        this.units = job.units();
        this.pages = pages;
    }

    /**
     * {@return the report as a PDF file}
     *
     * @param job the box and its bars
     * @param paper paper to print on
     * @throws IOException if it cannot be made
     */
    public static byte[] bytes(Job job, Paper paper) throws IOException {
        String footer = job.model().plan().name() + "  ·  " + Cautions.ON_PAPER;
        try (Pages pages = new Pages(paper, footer)) {
            ReportPdf report = new ReportPdf(job, pages);
            report.summary();
            report.tables(ReportPdf::isForTheSaw);
            report.views();
            report.tables(files -> !isForTheSaw(files));
            report.figures();
            return pages.bytes();
        }
    }

    /** {@return one view of the box as a PDF file that it fills} */
    public static byte[] view(Job job, Drawing drawing, Paper paper) throws IOException {
        String footer = job.model().plan().name() + "  ·  " + Cautions.ON_PAPER;
        try (Pages pages = new Pages(paper, footer)) {
            new ReportPdf(job, pages).drawing(drawing);
            return pages.bytes();
        }
    }

    /** {@return whether a station's tables are what is taken to the saw} */
    private static boolean isForTheSaw(StationFiles files) {
        return files.station().equals(FrameStation.FRAME)
                || files.station().equals(CuttingStation.CUTTING);
    }

    /** The first page: a picture, what it weighs, what is wrong or close. */
    private void summary() throws IOException {
        pages.page(false);
        pages.heading(model.plan().name());
        if (!model.plan().purpose().isEmpty()) {
            pages.quiet(model.plan().purpose());
        }
        PDRectangle left = pages.left();
        float high = left.getHeight() * PICTURE;
        PDRectangle room =
                new PDRectangle(
                        left.getLowerLeftX(), left.getUpperRightY() - high, left.getWidth(), high);
        Drawing all = Drawings.of(model, View.ALL, OutlineStation.OUTLINE, "");
        new DrawingOnPaper(pages, all, units, room).draw();
        pages.down(high);
        weights();
        findings();
    }

    private void weights() throws IOException {
        pages.heading("Mass");
        float[] shares = {0.66f, 0.34f};
        double gross = model.plan().vehicle().gear().grossKg();
        weight(shares, "Box, unladen", Quantity.kg(model.balance().boxKg()));
        weight(shares, "Box and carrier", Quantity.kg(model.balance().massKg()));
        weight(shares, "Gross rating", Quantity.kg(gross));
        weight(shares, "Payload left", Quantity.kg(gross - model.balance().massKg()));
        weight(
                shares,
                model.carrier().front().name() + " carries",
                Quantity.kg(model.balance().load().frontKg()));
        weight(
                shares,
                model.carrier().rear().name() + " carries",
                Quantity.kg(model.balance().load().rearKg()));
    }

    private void weight(float[] shares, String what, Quantity mass) throws IOException {
        pages.row(false, shares, List.of(what, mass.text(units)));
    }

    private void views() throws IOException {
        for (View view : View.values()) {
            Optional<Station> station = station(view);
            boolean bare = view == View.INSIDE && model.plan().partitions().isEmpty();
            if (station.isPresent() && !bare) {
                view(view, station.get());
            }
        }
    }

    /** {@return the station whose matter is laid over a view, empty for views that are not printed} */
    private static Optional<Station> station(View view) {
        return FileRoute.ALL.stream()
                .filter(files -> files.views().contains(view))
                .map(StationFiles::station)
                .findFirst();
    }

    private void view(View view, Station station) throws IOException {
        drawing(Drawings.of(model, view, station, ""));
    }

    private void drawing(Drawing drawing) throws IOException {
        pages.page(true);
        pages.heading(model.plan().name() + ": " + drawing.view().title());
        DrawingOnPaper onPaper = new DrawingOnPaper(pages, drawing, units, pages.left());
        onPaper.draw();
        pages.quiet(
                "Scale about 1 : %d. Lengths in %s. Do not scale from this drawing."
                        .formatted(
                                onPaper.scaleOneTo(),
                                units == UnitSystem.METRIC ? "mm" : "feet and inches"));
    }

    private void findings() throws IOException {
        pages.heading("Findings");
        List<Finding> findings = CureTrial.findings(model);
        if (findings.isEmpty()) {
            pages.line("None.");
        }
        for (Finding finding : findings) {
            pages.line(severity(finding) + ": " + FindingWords.sentence(finding, model.plan()));
        }
    }

    private static String severity(Finding finding) {
        return switch (finding.severity()) {
            case STOPS -> "Stops the job";
            case WATCH -> "Watch";
            case NOTE -> "Note";
        };
    }

    private void figures() throws IOException {
        pages.page(false);
        for (StationFiles files : FileRoute.ALL) {
            List<Figure> figures =
                    model.figures().stream()
                            .filter(figure -> files.station().has(figure.key()))
                            .filter(figure -> !files.told().test(figure.key()))
                            .toList();
            figures(files.station().label(), figures);
        }
    }

    private void figures(String heading, List<Figure> figures) throws IOException {
        if (figures.isEmpty()) {
            return;
        }
        pages.heading(heading);
        float[] shares = {0.66f, 0.34f};
        for (Figure figure : figures) {
            pages.row(false, shares, List.of(figure.name(), figure.text(units)));
        }
    }

    private void tables(Predicate<StationFiles> which) throws IOException {
        for (StationFiles files : FileRoute.ALL) {
            if (which.test(files)) {
                for (PaperTable table : files.tables()) {
                    table.write(job, pages);
                }
            }
        }
    }
}
