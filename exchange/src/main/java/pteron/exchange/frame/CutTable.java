package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import pteron.core.buildup.SectionText;
import pteron.core.figure.Figure;
import pteron.core.frame.CutGroup;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.quantity.LengthText;
import pteron.core.tube.Tubes;
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
            pages.line("No cut list yet: frame not detailed. Mass is estimated from areas.");
            return;
        }
        pages.page(false);
        pages.heading("Cut list");
        pages.quiet("Equal parts grouped. Lengths to the long point; angles from square (0°).");
        float[] shares = {0.20f, 0.14f, 0.11f, 0.11f, 0.08f, 0.36f};
        pages.row(
                true,
                shares,
                List.of(
                        "parts × length",
                        "section",
                        "start cut",
                        "end cut",
                        "edge bevel",
                        "which"));
        for (CutGroup group : CutGroup.of(job.model().members(), job.units())) {
            pages.row(false, shares, cells(job, group));
        }
        tubes(job, pages);
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
                angles(member.startCut()),
                angles(member.endCut()),
                PaperText.angle(member.ripDegrees()),
                group.names() + BendWords.of(member, job.units()));
    }

    static String section(Job job, Member member) {
        return SectionText.of(member.section(), job.units());
    }

    private static String angles(EndCut cut) {
        return String.join(" / ", cut.degrees().stream().map(PaperText::angle).toList());
    }
}
