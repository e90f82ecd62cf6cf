package pteron.exchange.report;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
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

/** The plan on paper: views, findings, then figures and tables of the stations in the order of the work. */
public final class ReportPdf {

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
            report.views();
            report.findings();
            report.figures();
            report.tables();
            return pages.bytes();
        }
    }

    private void views() throws IOException {
        for (View view : View.values()) {
            Optional<Station> station = station(view);
            if (station.isPresent()) {
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
        pages.page(true);
        pages.heading(model.plan().name() + ": " + view.title());
        Drawing drawing = Drawings.of(model, view, station, "");
        DrawingOnPaper onPaper = new DrawingOnPaper(pages, drawing, units, pages.left());
        onPaper.draw();
        pages.quiet(
                "about 1 : %d; lengths in %s; measure the work, not the paper"
                        .formatted(
                                onPaper.scaleOneTo(),
                                units == UnitSystem.METRIC ? "mm" : "feet and inches"));
    }

    private void findings() throws IOException {
        pages.page(false);
        pages.heading("Findings");
        List<Finding> findings = model.findings();
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
            pages.row(false, shares, List.of(figure.name(), figure.quantity().text(units)));
        }
    }

    private void tables() throws IOException {
        for (StationFiles files : FileRoute.ALL) {
            for (PaperTable table : files.tables()) {
                table.write(job, pages);
            }
        }
    }
}
