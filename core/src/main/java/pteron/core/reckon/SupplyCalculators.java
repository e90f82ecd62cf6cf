package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import pteron.core.cutting.Bar;
import pteron.core.cutting.CuttingJob;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.cutting.CuttingPlan;
import pteron.core.cutting.CuttingStage;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.plan.Saw;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.Bead;

/** Cartridges and bars. */
final class SupplyCalculators {

    private SupplyCalculators() {}

    static Calculator cartridges() {
        Input length = Input.length("length", "length of the joints (length)", "40 m");
        Input width = Input.length("width", "width of the bead (length)", "6").from(1, 100);
        Input depth = Input.length("depth", "depth of the bead (length)", "6").from(1, 100);
        Input content = Input.number("content", "cartridge volume (mL)", "290").from(20, 5000);
        return new Calculator(
                "cartridges",
                "Cartridges of sealant for a length of joint",
                List.of(length, width, depth, content),
                in -> {
                    Bead bead = new Bead(in.mm(width), in.mm(depth));
                    double each = bead.lengthPerCartridgeMm(in.number(content));
                    int number = bead.cartridges(in.mm(length), in.number(content));
                    Working working =
                            Working.of("each = V / (w · d); n = L · 1.1 / each, rounded up")
                                    .plan("L", "length of the joints", metres(in.mm(length)))
                                    .plan("w", "width of the bead", Quantity.mm(bead.widthMm()))
                                    .plan("d", "depth of the bead", Quantity.mm(bead.depthMm()))
                                    .plan(
                                            "V",
                                            "content of a cartridge",
                                            new Quantity(in.number(content), Unit.MILLILITRE))
                                    .source("volume; common practice: a tenth for waste");
                    return new Answers(() -> working)
                            .add("each", "Bead from one cartridge", metres(each))
                            .add("cartridges", "Cartridges", Quantity.count(number))
                            .list();
                });
    }

    static Calculator bars() {
        Input parts =
                Input.lengths("parts", "parts, each with how many", "2047x11,1885x4")
                        .from(1, 100_000);
        Input stock =
                Input.lengths("stock", "stock lengths", "3000,3600,4200,4800").from(1, 100_000);
        Input kerf = Input.length("kerf", "saw kerf (length)", "3").from(0, 50);
        Input trim =
                Input.length("trim", "end trim, each end of a bar (length)", "0").from(0, 1000);
        Input tolerance =
                Input.length("tolerance", "cutting allowance, each part (length)", "0")
                        .from(0, 100);
        return new Calculator(
                "bars",
                "Bars to buy, at the least total length",
                List.of(parts, stock, kerf, trim, tolerance),
                in -> {
                    Saw saw = new Saw(in.mm(kerf), in.mm(trim), in.mm(tolerance));
                    return answer(CuttingStage.of(job(in.lengths(parts), in.lengths(stock), saw)));
                });
    }

    private static CuttingJob job(List<Double> lengths, List<Double> stock, Saw saw) {
        List<CutPart> parts = new ArrayList<>();
        for (double length : lengths) {
            parts.add(new CutPart("part " + (parts.size() + 1), length));
        }
        CuttingJob job = new CuttingJob(parts, stock, saw);
        if (!job.tooLong().isEmpty()) {
            throw new IllegalArgumentException(
                    "parts: [%s] mm is longer than the longest bar allows, %s mm; give a longer stock"
                            .formatted(
                                    NumberText.format(job.tooLong().getFirst().lengthMm(), 3),
                                    NumberText.format(job.longestPartMm(), 3)));
        }
        return job;
    }

    private static List<Figure> answer(CuttingPlan plan) {
        Working.Builder working =
                Working.of(
                        "least total length, so that every part is cut from a bar with its kerf");
        for (Bar bar : plan.bars()) {
            List<String> lengths =
                    bar.pieces().stream()
                            .map(piece -> Quantity.mm(piece.lengthMm()).text(UnitSystem.METRIC))
                            .toList();
            working.standard("bar", String.join(" + ", lengths), Quantity.mm(bar.stockMm()));
        }
        Working written =
                working.source("cutting stock, Gilmore and Gomory 1961; solved with OR-Tools");
        return new Answers(() -> written)
                .add("bars", "Bars to buy", Quantity.count(plan.bars().size()))
                .add("bought", "Length to buy", metres(plan.boughtMm()))
                .add("bound", "Proven minimum", metres(plan.boundMm()))
                .add("waste", "Waste", new Quantity(plan.wastePercent(), Unit.PERCENT))
                .list();
    }

    private static Quantity metres(double mm) {
        return new Quantity(mm / 1000, Unit.METRE);
    }
}
