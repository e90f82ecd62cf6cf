package pteron.exchange.frame;

import java.io.IOException;
import java.util.List;
import pteron.core.figure.Verdict;
import pteron.core.mechanics.Check;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.strength.Strength;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** How hard members work, as a table on paper. */
final class CheckTable implements PaperTable {

    private static final float[] SHARES = {0.26f, 0.28f, 0.16f, 0.16f, 0.14f};

    @Override
    public void write(Job job, Pages pages) throws IOException {
        if (job.model().isWeighedByAreas()) {
            return;
        }
        pages.heading("Checks");
        pages.row(true, SHARES, List.of("check", "part", "demand", "capacity", "utilisation"));
        List<Check> checks =
                job.model().find(Strength.class).map(Strength::checks).orElse(List.of());
        for (Check check : checks) {
            pages.row(false, SHARES, row(check, job.units()));
        }
    }

    private static List<String> row(Check check, UnitSystem units) {
        double use = check.utilisation();
        return List.of(
                check.name(),
                check.part(),
                text(check.demand(), units),
                text(check.capacity(), units),
                NumberText.percent(use) + ", " + Verdict.of(use).word());
    }

    private static String text(Quantity quantity, UnitSystem units) {
        return quantity.unit() == Unit.RATIO
                ? NumberText.percent(quantity.value())
                : quantity.text(units);
    }
}
