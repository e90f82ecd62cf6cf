package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
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
        float[] shares = {0.34f, 0.16f, 0.18f, 0.12f, 0.12f, 0.08f};
        pages.row(
                true,
                shares,
                List.of("member", "section", "length", "start cut", "end cut", "rip"));
        for (Member member : job.model().members()) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            member.name(),
                            section(job, member),
                            LengthText.format(member.lengthMm(), job.units()),
                            angles(member.startCut()),
                            angles(member.endCut()),
                            PaperText.angle(member.ripDegrees())));
        }
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
