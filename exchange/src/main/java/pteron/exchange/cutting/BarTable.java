package pteron.exchange.cutting;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.buildup.SectionText;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.figure.Figure;
import pteron.core.plan.Saw;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.OtherUnits;
import pteron.exchange.station.PaperTable;

/** Bars and how they are cut, on paper. */
final class BarTable implements PaperTable {

    private static final float[] SHARES = {0.18f, 0.14f, 0.68f};

    @Override
    public void write(Job job, Pages pages) throws IOException {
        if (job.model().isWeighedByAreas()) {
            return;
        }
        pages.page(false);
        pages.heading("Bars");
        Optional<String> others = OtherUnits.sentence(job.model());
        if (others.isPresent()) {
            pages.quiet(others.get());
        }
        for (Figure figure : job.cutting().figures()) {
            pages.line(figure.name() + ": " + figure.text(job.units()));
        }
        saw(job.model().plan().supplies().saw(), job.units(), pages);
        pages.row(true, SHARES, List.of("kind", "bars", "parts, in cutting order"));
        for (Map.Entry<BarCutting.Kind, CuttingPlan> kind : job.cutting().kinds().entrySet()) {
            for (List<Bar> bars : Bar.alike(kind.getValue().bars(), job.units())) {
                pages.row(false, SHARES, row(kind.getKey(), bars, job));
            }
        }
    }

    private static void saw(Saw saw, UnitSystem units, Pages pages) throws IOException {
        pages.line(
                "Kerf %s, %s cut off each end of a bar, %s allowed over each part"
                        .formatted(
                                Quantity.mm(saw.kerfMm()).text(units),
                                Quantity.mm(saw.endTrimMm()).text(units),
                                Quantity.mm(saw.toleranceMm()).text(units)));
    }

    private static List<String> row(BarCutting.Kind kind, List<Bar> bars, Job job) {
        UnitSystem units = job.units();
        Bar bar = bars.getFirst();
        String count = bars.size() > 1 ? bars.size() + " × " : "";
        List<String> lengths =
                bar.pieces().stream()
                        .map(piece -> LengthText.format(piece.lengthMm(), units))
                        .toList();
        return List.of(
                SectionText.of(kind.section(), units)
                        + ", "
                        + job.model().library().get(kind.timber()).name(),
                count + Quantity.mm(bar.stockMm()).text(units),
                String.join(" + ", lengths));
    }
}
