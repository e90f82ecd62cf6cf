package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import pteron.core.buildup.SectionText;
import pteron.core.figure.Figure;
import pteron.core.frame.CutGroup;
import pteron.core.frame.Member;
import pteron.core.page.Piece;
import pteron.core.page.SawSetting;
import pteron.core.quantity.LengthText;
import pteron.core.tube.Tubes;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.PieceSketch;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** The cut list on paper. */
final class CutTable implements PaperTable {

    private static final float[] SHARES = {0.145f, 0.14f, 0.1f, 0.115f, 0.1f, 0.11f, 0.29f};

    private static final List<String> HEADINGS =
            List.of("parts × length", "section", "start cut", "", "end cut", "edge bevel", "which");

    /** Where the sketch of a piece stands: between its two cuts. */
    private static final float SKETCH = 0.388f;

    @Override
    public void write(Job job, Pages pages) throws IOException {
        if (job.model().isWeighedByAreas()) {
            pages.heading("Cut list, bars, sheets");
            pages.line("No cut list yet: frame not detailed. Mass is estimated from areas.");
            return;
        }
        pages.page(false);
        pages.heading("Cut list");
        pages.quiet("Equal parts grouped. Lengths to the long point; angles from square (0°).");
        pages.quiet(
                "“block”: past 60°; stand the piece along a block square to the fence and set the figure.");
        pages.row(true, SHARES, HEADINGS);
        for (CutGroup group : CutGroup.of(job.model().members(), job.units())) {
            pages.row(false, SHARES, cells(job, group));
            sketch(pages, group.first());
        }
        tubes(job, pages);
    }

    private static void sketch(Pages pages, Member member) throws IOException {
        double start = member.startCut().degrees().getFirst();
        double end = member.endCut().degrees().getFirst();
        new PieceSketch(pages).piece(SKETCH, start, end);
    }

    /** What joins the tubes, in a line under the list. */
    private static void tubes(Job job, Pages pages) throws IOException {
        List<Figure> figures = job.model().find(Tubes.class).map(Tubes::figures).orElse(List.of());
        if (!figures.isEmpty()) {
            pages.line(
                    figures.stream()
                            .map(one -> one.name() + " " + one.text(job.units()))
                            .collect(Collectors.joining("; ")));
            pages.line("Welding is for a licensed trade.");
        }
    }

    private static List<String> cells(Job job, CutGroup group) {
        Member member = group.first();
        return List.of(
                group.count() + " × " + LengthText.format(member.lengthMm(), job.units()),
                section(job, member),
                SawSetting.words(member.startCut()),
                "",
                SawSetting.words(member.endCut()),
                Piece.bevel(member),
                group.names() + BendWords.of(member, job.units()));
    }

    static String section(Job job, Member member) {
        return SectionText.of(member.section(), job.units());
    }
}
