package pteron.exchange.skin;

import java.io.IOException;
import java.util.List;
import pteron.core.bonded.Bonded;
import pteron.core.bonded.BondedPiece;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** Bonded panels on paper: how large, how heavy, how many carry one. */
final class BondedTable implements PaperTable {

    @Override
    public void write(Job job, Pages pages) throws IOException {
        List<BondedPiece> pieces =
                job.model().find(Bonded.class).map(Bonded::pieces).orElse(List.of());
        if (pieces.isEmpty()) {
            return;
        }
        pages.heading("Bonded panels");
        pages.quiet(
                "Lift with straight backs; one carries "
                        + Quantity.kg(BondedPiece.EACH_KG).text(job.units())
                        + "; two people for any panel longer than "
                        + LengthText.format(BondedPiece.LONG_MM, job.units())
                        + ".");
        float[] shares = {0.24f, 0.34f, 0.14f, 0.14f, 0.14f};
        pages.row(true, shares, List.of("panel", "length × width", "thick", "mass", "people"));
        for (BondedPiece piece : pieces) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            piece.panel().id(),
                            LengthText.format(piece.longMm(), job.units())
                                    + " × "
                                    + LengthText.format(piece.wideMm(), job.units()),
                            LengthText.format(piece.thickMm(), job.units()),
                            Quantity.kg(piece.massKg()).text(job.units()),
                            String.valueOf(piece.people())));
        }
    }
}
