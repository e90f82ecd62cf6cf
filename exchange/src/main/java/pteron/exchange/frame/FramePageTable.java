package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import pteron.core.frame.EndCut;
import pteron.core.page.FramePage;
import pteron.core.page.FramePages;
import pteron.core.page.PageShapes;
import pteron.core.page.Piece;
import pteron.core.page.SawSetting;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.pdf.DrawingOnPaper;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.PieceSketch;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** The frame of each panel on paper: a drawing to mark from, and a list with one line a piece to saw from. */
final class FramePageTable implements PaperTable {

    private static final float[] SHARES = {
        0.03f, 0.125f, 0.195f, 0.095f, 0.085f, 0.085f, 0.066f, 0.085f, 0.095f, 0.1f, 0.035f
    };

    /** Where the sketch of a piece stands: between its two cuts. */
    private static final float SKETCH = 0.607f;

    private static final float BOX = 0.965f;

    private static final List<String> HOW_TO_READ =
            List.of(
                    "Section: the first figure lies in the drawing, the second goes through the panel.",
                    "Saw: the figure is the saw's own scale, square is 0°. Piece as drawn: start at the left, the edge nearer to 0 up; hatched is waste. "
                            + "“block”: past 60°; stand the piece along a block square to the fence and set the figure.");

    private static final List<String> HEADINGS =
            List.of(
                    "no.",
                    "piece",
                    "section",
                    "long point",
                    "short point",
                    "start",
                    "",
                    "end",
                    "from 0",
                    "centre",
                    "cut");

    @Override
    public void write(Job job, Pages pages) throws IOException {
        for (FramePage page : FramePages.of(job.model())) {
            drawing(job, pages, page);
            list(job, pages, page);
        }
    }

    private static void drawing(Job job, Pages pages, FramePage page) throws IOException {
        pages.page(true);
        pages.heading(job.model().plan().name() + ": " + page.title() + ", frame");
        DrawingOnPaper paper =
                new DrawingOnPaper(
                        pages,
                        PageShapes.of(page, job.units()).drawing(),
                        job.units(),
                        pages.left());
        paper.draw();
        pages.quiet(
                "Scale about 1 : %d. Lengths in %s. Do not scale from this drawing."
                        .formatted(paper.scaleOneTo(), unit(job.units())));
    }

    private static String unit(UnitSystem units) {
        return units == UnitSystem.METRIC ? "mm" : "feet and inches";
    }

    private static void list(Job job, Pages pages, FramePage page) throws IOException {
        pages.page(true);
        pages.heading(job.model().plan().name() + ": " + page.title() + ", pieces");
        for (String line : HOW_TO_READ) {
            pages.quiet(line);
        }
        pages.row(true, SHARES, HEADINGS);
        for (Piece piece : page.pieces()) {
            pages.row(false, SHARES, cells(job, piece));
            PieceSketch sketch = new PieceSketch(pages);
            sketch.piece(SKETCH, first(piece.member().startCut()), first(piece.member().endCut()));
            sketch.box(BOX);
        }
        if (page.pieces().stream().anyMatch(Piece::isTakenFromWork)) {
            pages.quiet(
                    "“fit”: the length is planned; measure the gap when both neighbours stand, then cut.");
        }
    }

    private static double first(EndCut cut) {
        return cut.degrees().getFirst();
    }

    private static List<String> cells(Job job, Piece piece) {
        boolean slanted = Math.abs(piece.longPointMm() - piece.shortPointMm()) > 0.05;
        return List.of(
                String.valueOf(piece.number()),
                title(piece) + BendWords.of(piece.member(), job.units()),
                CutTable.section(job, piece.member()),
                text(piece.longPointMm(), job) + (piece.isTakenFromWork() ? " fit" : ""),
                slanted ? text(piece.shortPointMm(), job) : "",
                SawSetting.words(piece.member().startCut()),
                "",
                SawSetting.words(piece.member().endCut()),
                text(piece.fromZeroMm(), job),
                text(piece.middleMm(), job),
                "");
    }

    private static String title(Piece piece) {
        String bevel = Piece.bevel(piece.member());
        return bevel.isEmpty() ? piece.title() : piece.title() + "; edge bevel " + bevel;
    }

    private static String text(double mm, Job job) {
        return LengthText.format(mm, job.units());
    }
}
