package pteron.exchange.skin;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.skin.OnePiece;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.exchange.pdf.Pages;
import pteron.exchange.station.Job;
import pteron.exchange.station.OtherUnits;
import pteron.exchange.station.PaperTable;

/** Pieces of sheet on paper. */
final class SheetTable implements PaperTable {

    @Override
    public void write(Job job, Pages pages) throws IOException {
        if (job.model().isWeighedByAreas()) {
            return;
        }
        pages.page(false);
        pages.heading("Sheets");
        Optional<String> others = OtherUnits.sentence(job.model());
        if (others.isPresent()) {
            pages.quiet(others.get());
        }
        float[] shares = {0.28f, 0.3f, 0.15f, 0.15f, 0.12f};
        pages.row(true, shares, List.of("piece", "material", "width", "height", "mass"));
        List<SheetPiece> pieces =
                job.model().find(Skins.class).map(Skins::pieces).orElse(List.of());
        Map<String, List<SheetPiece>> with = OnePiece.with(pieces, job.model().library());
        for (SheetPiece piece : pieces) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            piece.name() + with(with.getOrDefault(piece.name(), List.of()), piece),
                            LayerWords.of(piece.skin().layer(), job),
                            LengthText.format(piece.cutShape().bounds().width(), job.units()),
                            LengthText.format(piece.cutShape().bounds().height(), job.units()),
                            Quantity.kg(piece.massKg()).text(job.units())));
        }
    }

    private static String with(List<SheetPiece> sheet, SheetPiece piece) {
        return sheet.isEmpty()
                ? ""
                : sheet.stream()
                        .filter(other -> other != piece)
                        .map(SheetPiece::name)
                        .collect(Collectors.joining(", ", ", in one with ", ""));
    }
}
