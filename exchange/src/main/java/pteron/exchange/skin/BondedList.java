package pteron.exchange.skin;

import pteron.core.bonded.Bonded;
import pteron.core.bonded.BondedPiece;
import pteron.core.model.BoxModel;
import pteron.exchange.csv.Csv;

/** Writes the bonded panels as they are carried. */
final class BondedList {

    private static final String[] HEADER = {
        "panel", "length mm", "width mm", "thickness mm", "mass kg", "people"
    };

    private BondedList() {}

    /** {@return whether a box has bonded walls or a bonded roof} */
    static boolean isWanted(BoxModel model) {
        return model.find(Bonded.class).map(bonded -> !bonded.pieces().isEmpty()).orElse(false);
    }

    /** {@return one row for each bonded panel; none where walls and roof have a frame} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows ->
                        model.find(Bonded.class).stream()
                                .flatMap(bonded -> bonded.pieces().stream())
                                .forEach(piece -> row(rows, piece)));
    }

    private static void row(Csv.Rows rows, BondedPiece piece) {
        rows.print(
                piece.panel().id(),
                Csv.number(piece.longMm(), 1),
                Csv.number(piece.wideMm(), 1),
                Csv.number(piece.thickMm(), 1),
                Csv.number(piece.massKg(), 2),
                piece.people());
    }
}
