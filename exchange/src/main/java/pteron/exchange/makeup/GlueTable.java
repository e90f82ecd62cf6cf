package pteron.exchange.makeup;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** What holds every joint, as a table on paper. */
final class GlueTable implements PaperTable {

    @Override
    public void write(Job job, Pages pages) throws IOException {
        Glues glues = job.model().made().map(found -> found.get(Glues.class)).orElse(Glues.NONE);
        if (glues.joints().isEmpty()) {
            return;
        }
        pages.heading("Glue of every joint");
        float[] shares = {0.1f, 0.34f, 0.32f, 0.12f, 0.12f};
        pages.row(true, shares, List.of("part", "joint", "fixing", "area", "amount"));
        for (GlueJoint joint : glues.joints()) {
            boolean glued = joint.glue().isPresent();
            Quantity litres = new Quantity(joint.litres(), Unit.LITRE);
            pages.row(
                    false,
                    shares,
                    List.of(
                            joint.part(),
                            joint.outer() + " to " + joint.inner().toLowerCase(Locale.ROOT),
                            GlueWords.held(joint, job.model().library()),
                            new Quantity(joint.areaM2(), Unit.SQUARE_METRE).text(job.units()),
                            glued ? litres.text(job.units()) : ""));
        }
    }
}
