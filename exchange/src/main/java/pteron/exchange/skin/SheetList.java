package pteron.exchange.skin;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.core.skin.OnePiece;
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
        "mass kg",
        "one piece with"
    };

    private SheetList() {}

    /** {@return one row for each piece of sheet: where it goes and how large it is} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows -> model.find(Skins.class).ifPresent(skins -> sheets(rows, skins, model)));
    }

    private static void sheets(Csv.Rows rows, Skins skins, BoxModel model) {
        Map<String, List<SheetPiece>> with = OnePiece.with(skins.pieces(), model.library());
        skins.pieces()
                .forEach(
                        piece ->
                                sheet(
                                        rows,
                                        model.library(),
                                        piece,
                                        with.getOrDefault(piece.name(), List.of())));
    }

    private static void sheet(
            Csv.Rows rows, MaterialLibrary library, SheetPiece piece, List<SheetPiece> with) {
        rows.print(
                piece.name(),
                piece.panel().words(),
                Named.words(piece.skin().face()),
                library.get(piece.skin().layer().material()).name(),
                Csv.number(piece.skin().layer().thicknessMm(), 1),
                Csv.number(piece.cutShape().bounds().width(), 1),
                Csv.number(piece.cutShape().bounds().height(), 1),
                Csv.number(piece.cutShape().area() / 1e6, 3),
                piece.cutShape().holes().size(),
                Csv.number(piece.massKg(), 2),
                with.stream()
                        .filter(other -> other != piece)
                        .map(SheetPiece::name)
                        .collect(Collectors.joining("; ")));
    }
}
