package pteron.exchange.skin;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.geometry.Bounds2;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;
import pteron.core.skin.FoamPiece;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.PaperTable;

/** Pieces of foam on paper, equal ones together. */
final class FoamTable implements PaperTable {

    @Override
    public void write(Job job, Pages pages) throws IOException {
        Map<String, List<FoamPiece>> groups = new LinkedHashMap<>();
        for (FoamPiece piece : FoamList.pieces(job.model())) {
            String alike = piece.layer() + size(piece, job.units());
            groups.computeIfAbsent(alike, key -> new ArrayList<>()).add(piece);
        }
        if (groups.isEmpty()) {
            return;
        }
        pages.heading("Insulation");
        pages.quiet("Cut sizes, gap already taken off; fill the gap with expanding foam.");
        float[] shares = {0.28f, 0.3f, 0.42f};
        pages.row(true, shares, List.of("pieces × size", "material", "which"));
        for (List<FoamPiece> group : groups.values()) {
            FoamPiece first = group.getFirst();
            pages.row(
                    false,
                    shares,
                    List.of(
                            group.size() + " × " + size(first, job.units()),
                            LayerWords.of(first.layer(), job),
                            names(group)));
        }
    }

    private static String size(FoamPiece piece, UnitSystem units) {
        Bounds2 bounds = piece.cutShape().bounds();
        boolean square = piece.cutShape().area() > 0.999 * bounds.width() * bounds.height();
        return LengthText.format(Math.rint(bounds.width()), units)
                + " × "
                + LengthText.format(Math.rint(bounds.height()), units)
                + (square ? "" : ", cut to shape");
    }

    private static String names(List<FoamPiece> pieces) {
        return pieces.stream()
                .map(piece -> piece.name().replace(" foam", ""))
                .collect(Collectors.joining(", "));
    }
}
