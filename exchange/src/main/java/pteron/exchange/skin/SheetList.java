package pteron.exchange.skin;

import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.exchange.csv.Csv;

/** Writes the pieces of sheet. */
final class SheetList {

    private static final String[] HEADER = {
        "piece",
        "panel",
        "face",
        "material",
        "thickness mm",
        "width mm",
        "height mm",
        "area m²",
        "holes",
        "mass kg"
    };

    private SheetList() {}

    /** {@return one row for each piece of sheet: where it goes and how large it is} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows ->
                        model.built()
                                .ifPresent(
                                        built ->
                                                built.get(Skins.class)
                                                        .pieces()
                                                        .forEach(piece -> sheet(rows, piece))));
    }

    private static void sheet(Csv.Rows rows, SheetPiece piece) {
        rows.print(
                piece.name(),
                piece.panel().id(),
                Named.words(piece.skin().face()),
                piece.skin().layer().material(),
                Csv.number(piece.skin().layer().thicknessMm(), 1),
                Csv.number(piece.cutShape().bounds().width(), 1),
                Csv.number(piece.cutShape().bounds().height(), 1),
                Csv.number(piece.cutShape().area() / 1e6, 3),
                piece.cutShape().holes().size(),
                Csv.number(piece.massKg(), 2));
    }
}
