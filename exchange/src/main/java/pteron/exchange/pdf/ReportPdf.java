package pteron.exchange.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Drawings;
import pteron.core.drawing.View;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.EndCut;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.plan.Saw;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.Sealing;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.core.station.Station;
import pteron.core.strength.Check;
import pteron.core.strength.Strength;
import pteron.exchange.words.Cautions;
import pteron.exchange.words.FindingWords;

/** The plan on paper: views, findings, figures, uprights, strip, glue, checks, cut list, bars, sheets. */
public final class ReportPdf {

    private static final List<View> VIEWS =
            List.of(
                    View.LEFT,
                    View.RIGHT,
                    View.FRONT,
                    View.REAR,
                    View.PLAN,
                    View.ROOF,
                    View.UNFOLDED,
                    View.SECTION);

    private final BoxModel model;
    private final BarCutting cutting;
    private final UnitSystem units;
    private final Pages pages;

    private ReportPdf(BoxModel model, BarCutting cutting, Pages pages) {
        this.model = model;
        this.cutting = cutting;
        this.units = model.plan().units();
        this.pages = pages;
    }

    /**
     * {@return the report as a PDF file}
     *
     * @param model the box
     * @param cutting its bars
     * @param paper paper to print on
     * @throws IOException if it cannot be made
     */
    public static byte[] bytes(BoxModel model, BarCutting cutting, Paper paper) throws IOException {
        String footer = model.plan().name() + "  ·  " + Cautions.ON_PAPER;
        try (Pages pages = new Pages(paper, footer)) {
            ReportPdf report = new ReportPdf(model, cutting, pages);
            report.views();
            report.findings();
            report.figures();
            new StationTables(pages, model).write();
            if (model.isWeighedByAreas()) {
                report.notSetOut();
            } else {
                report.checks();
                report.cutList();
                report.bars();
                report.sheets();
            }
            return pages.bytes();
        }
    }

    private void views() throws IOException {
        for (View view : VIEWS) {
            pages.page(true);
            pages.heading(model.plan().name() + ": " + view.title());
            Drawing drawing = Drawings.of(model, view, station(view), "");
            PDRectangle room =
                    new PDRectangle(
                            Paper.MARGIN,
                            Paper.MARGIN,
                            pages.width(),
                            pages.y() - Paper.MARGIN - 10);
            DrawingOnPaper onPaper = new DrawingOnPaper(pages, drawing, units, room);
            onPaper.draw();
            pages.quiet(
                    "about 1 : %d; lengths in %s; measure the work, not the paper"
                            .formatted(
                                    onPaper.scaleOneTo(),
                                    units == UnitSystem.METRIC ? "mm" : "feet and inches"));
        }
    }

    private static Station station(View view) {
        return switch (view) {
            case LEFT, RIGHT, FRONT, REAR -> Station.OPENINGS;
            case UNFOLDED -> Station.OUTLINE;
            case SECTION -> Station.MAKE_UP;
            default -> Station.FRAME;
        };
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
        figures("Weight and balance", model.balance().figures());
        if (model.built().isPresent()) {
            BoxModel built = model.built().get();
            figures("Frame", built.get(Frame.class).figures());
            figures("Strength", built.get(Strength.class).figures());
            figures("Openings", built.get(Openings.class).figures());
            figures("Skins", built.get(Skins.class).figures());
            figures("Sealing", built.get(Sealing.class).figures());
        }
    }

    private void figures(String heading, List<Figure> figures) throws IOException {
        if (figures.isEmpty()) {
            return;
        }
        pages.heading(heading);
        float[] shares = {0.6f, 0.4f};
        for (Figure figure : figures) {
            pages.row(false, shares, List.of(figure.name(), figure.quantity().text(units)));
        }
    }

    private void notSetOut() throws IOException {
        pages.heading("Cut list, bars, sheets");
        pages.line("Not set out for this box yet: it is weighed by its areas.");
    }

    private void checks() throws IOException {
        pages.heading("Checks");
        float[] shares = {0.26f, 0.28f, 0.16f, 0.16f, 0.14f};
        pages.row(true, shares, List.of("check", "part", "demand", "capacity", "use"));
        List<Check> checks =
                model.built().map(built -> built.get(Strength.class).checks()).orElse(List.of());
        for (Check check : checks) {
            String verdict =
                    check.utilisation() > 1
                            ? " fails"
                            : check.utilisation() > 0.85 ? " close" : " holds";
            pages.row(
                    false,
                    shares,
                    List.of(
                            check.name(),
                            check.part(),
                            check.demand().text(units),
                            check.capacity().text(units),
                            NumberText.format(check.utilisation(), 2) + verdict));
        }
    }

    private void cutList() throws IOException {
        pages.page(false);
        pages.heading("Cut list");
        float[] shares = {0.34f, 0.16f, 0.18f, 0.12f, 0.12f, 0.08f};
        pages.row(
                true,
                shares,
                List.of("member", "section", "length", "start cut", "end cut", "rip"));
        for (Member member : model.members()) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            member.name(),
                            section(member),
                            LengthText.format(member.lengthMm(), units),
                            angles(member.startCut()),
                            angles(member.endCut()),
                            angle(member.ripDegrees())));
        }
    }

    private String section(Member member) {
        return LengthText.format(member.section().thicknessMm(), units)
                + " × "
                + LengthText.format(member.section().depthMm(), units);
    }

    private static String angles(EndCut cut) {
        return String.join(" / ", cut.degrees().stream().map(ReportPdf::angle).toList());
    }

    private static String angle(double degrees) {
        return Math.abs(degrees) < 0.05 ? "square" : NumberText.format(degrees, 1) + "°";
    }

    private void bars() throws IOException {
        pages.page(false);
        pages.heading("Bars");
        for (Figure figure : cutting.figures()) {
            pages.line(figure.name() + ": " + figure.quantity().text(units));
        }
        Saw saw = model.plan().supplies().saw();
        pages.line(
                "Kerf %s, %s cut off each end of a bar, %s allowed over each part"
                        .formatted(
                                Quantity.mm(saw.kerfMm()).text(units),
                                Quantity.mm(saw.endTrimMm()).text(units),
                                Quantity.mm(saw.toleranceMm()).text(units)));
        float[] shares = {0.18f, 0.14f, 0.68f};
        pages.row(true, shares, List.of("kind", "stock", "pieces, in the order of cutting"));
        cutting.kinds()
                .forEach(
                        (kind, plan) -> {
                            for (Bar bar : plan.bars()) {
                                bar(shares, kind, bar);
                            }
                        });
    }

    private void bar(float[] shares, BarCutting.Kind kind, Bar bar) {
        List<String> lengths =
                bar.pieces().stream()
                        .map(piece -> LengthText.format(piece.lengthMm(), units))
                        .toList();
        try {
            pages.row(
                    false,
                    shares,
                    List.of(
                            kind.text(),
                            Quantity.mm(bar.stockMm()).text(units),
                            String.join(" + ", lengths)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void sheets() throws IOException {
        pages.page(false);
        pages.heading("Sheets");
        float[] shares = {0.3f, 0.26f, 0.16f, 0.16f, 0.12f};
        pages.row(true, shares, List.of("piece", "material", "width", "height", "mass"));
        List<SheetPiece> pieces =
                model.built().map(built -> built.get(Skins.class).pieces()).orElse(List.of());
        for (SheetPiece piece : pieces) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            piece.name(),
                            piece.skin().layer().material()
                                    + " "
                                    + NumberText.format(piece.skin().layer().thicknessMm(), 1),
                            LengthText.format(piece.shape().bounds().width(), units),
                            LengthText.format(piece.shape().bounds().height(), units),
                            Quantity.kg(piece.massKg()).text(units)));
        }
    }
}
