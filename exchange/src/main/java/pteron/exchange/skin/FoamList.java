package pteron.exchange.skin;

import java.util.ArrayList;
import java.util.List;
import pteron.core.found.Found;
import pteron.core.frame.Frame;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.skin.FoamPiece;
import pteron.exchange.csv.Csv;

/** Writes the pieces of foam. */
final class FoamList {

    private static final String[] HEADER = {
        "piece", "panel", "material", "thickness mm", "width mm", "height mm", "area m²"
    };

    private FoamList() {}

    /** {@return one row for each piece of foam, its gap taken off} */
    static String text(BoxModel model) {
        return Csv.text(HEADER, rows -> pieces(model).forEach(piece -> row(rows, model, piece)));
    }

    static List<FoamPiece> pieces(BoxModel model) {
        List<FoamPiece> pieces = new ArrayList<>();
        model.find(Found.class).ifPresent(found -> pieces.addAll(found.foam()));
        model.find(Frame.class)
                .map(frame -> FoamPiece.of(frame, model.get(Openings.class), model.plan().makeUp()))
                .ifPresent(pieces::addAll);
        return pieces;
    }

    private static void row(Csv.Rows rows, BoxModel model, FoamPiece piece) {
        rows.print(
                piece.name(),
                piece.panel().words(),
                model.library().get(piece.layer().material()).name(),
                Csv.number(piece.layer().thicknessMm(), 1),
                Csv.number(piece.cutShape().bounds().width(), 1),
                Csv.number(piece.cutShape().bounds().height(), 1),
                Csv.number(piece.cutShape().area() / 1e6, 3));
    }
}
