package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import pteron.core.found.Found;
import pteron.core.found.Packing;
import pteron.core.found.Repair;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** What a bought shell wants, on paper. */
final class FoundTable implements PaperTable {

    private static final float[] SHARES = {0.34f, 0.22f, 0.22f, 0.22f};

    @Override
    public void write(Job job, Pages pages) throws IOException {
        Optional<Found> found = job.model().find(Found.class);
        if (found.isEmpty()
                || found.get().repairs().isEmpty() && found.get().packings().isEmpty()) {
            return;
        }
        pages.heading("As found");
        pages.quiet("Repair pieces reach from centre to centre of the members that stay.");
        pages.row(
                true,
                SHARES,
                List.of("what", "behind front of box", "length", "width or thickness"));
        for (Repair one : found.get().repairs()) {
            String what =
                    Named.words(one.damage().kind()) + ", " + Named.words(one.damage().face());
            row(job, pages, what, one.fromMm(), one.lengthMm(), one.heightMm());
        }
        for (Packing one : found.get().packings()) {
            row(
                    job,
                    pages,
                    "packing on a cross-member",
                    one.placeMm(),
                    one.lengthMm(),
                    one.thickMm());
        }
    }

    private static void row(
            Job job, Pages pages, String what, double from, double length, double other)
            throws IOException {
        pages.row(
                false,
                SHARES,
                List.of(
                        what,
                        LengthText.format(from, job.units()),
                        LengthText.format(length, job.units()),
                        LengthText.format(other, job.units())));
    }
}
