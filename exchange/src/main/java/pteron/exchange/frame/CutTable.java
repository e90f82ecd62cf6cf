package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import pteron.core.frame.CutGroup;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.quantity.LengthText;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.PaperText;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** The cut list on paper. */
final class CutTable implements PaperTable {

    @Override
    public void write(Job job, Pages pages) throws IOException {
        if (job.model().isWeighedByAreas()) {
            pages.heading("Cut list, bars, sheets");
            pages.line("Not set out for this box yet: it is weighed by its areas.");
            return;
        }
        pages.page(false);
        pages.heading("Cut list");
        pages.quiet(
                "Pieces that are cut alike stand together; lengths on the long side, angles from a square cut (square is 0°).");
        float[] shares = {0.20f, 0.14f, 0.11f, 0.11f, 0.08f, 0.36f};
        pages.row(
                true,
                shares,
                List.of("pieces × length", "section", "start cut", "end cut", "rip", "which"));
        for (CutGroup group : CutGroup.of(job.model().members())) {
            pages.row(false, shares, cells(job, group));
        }
    }

    private static List<String> cells(Job job, CutGroup group) {
        Member member = group.first();
        return List.of(
                group.count() + " × " + LengthText.format(member.lengthMm(), job.units()),
                section(job, member),
                angles(member.startCut()),
                angles(member.endCut()),
                PaperText.angle(member.ripDegrees()),
                group.names() + BendWords.of(member, job.units()));
    }

    private static String section(Job job, Member member) {
        return LengthText.format(member.section().thicknessMm(), job.units())
                + " × "
                + LengthText.format(member.section().depthMm(), job.units());
    }

    private static String angles(EndCut cut) {
        return String.join(" / ", cut.degrees().stream().map(PaperText::angle).toList());
    }
}
