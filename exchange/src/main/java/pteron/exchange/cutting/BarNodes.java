package pteron.exchange.cutting;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.exchange.station.Job;
import pteron.exchange.station.JsonNumber;

/** Bars and their pieces in the file of figures. */
final class BarNodes {

    private BarNodes() {}

    static void add(ObjectNode root, Job job) {
        ArrayNode cuts = root.putArray("cuts");
        job.cutting().kinds().forEach((kind, plan) -> cuts(cuts, kind, plan));
    }

    private static void cuts(ArrayNode cuts, BarCutting.Kind kind, CuttingPlan plan) {
        for (Bar bar : plan.bars()) {
            ObjectNode node = cuts.addObject();
            ObjectNode section = node.putObject("section");
            section.put("thicknessMm", JsonNumber.of(kind.section().thicknessMm()));
            section.put("depthMm", JsonNumber.of(kind.section().depthMm()));
            section.put("wallMm", JsonNumber.of(kind.section().wallMm()));
            node.put("timber", kind.timber());
            node.put("stockMm", JsonNumber.of(bar.stockMm()));
            node.put("kerfMm", JsonNumber.of(bar.kerfMm()));
            node.put("restMm", JsonNumber.of(bar.restMm()));
            ArrayNode pieces = node.putArray("pieces");
            bar.pieces()
                    .forEach(
                            piece -> {
                                ObjectNode part = pieces.addObject();
                                part.put("name", piece.name());
                                part.put("lengthMm", JsonNumber.of(piece.lengthMm()));
                            });
        }
    }
}
