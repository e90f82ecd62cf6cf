package pteron.exchange.csv;

import java.util.Map;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/** Writes the lists. */
public final class ShopLists {

    private ShopLists() {}

    /** {@return one row for each member: what to cut, how long, at which angles} */
    public static String cutList(BoxModel model) {
        return Csv.text(
                new String[] {
                    "name",
                    "role",
                    "panel",
                    "timber",
                    "thickness mm",
                    "depth mm",
                    "length mm",
                    "start cut °",
                    "end cut °",
                    "rip °",
                    "mass kg"
                },
                rows -> {
                    for (Member member : model.members()) {
                        rows.print(
                                member.name(),
                                member.role().label(),
                                member.panel().id(),
                                member.timber(),
                                Csv.number(member.section().thicknessMm(), 1),
                                Csv.number(member.section().depthMm(), 1),
                                Csv.number(member.lengthMm(), 1),
                                angles(member.startCut()),
                                angles(member.endCut()),
                                Csv.number(member.ripDegrees(), 1),
                                Csv.number(member.massKg(), 3));
                    }
                });
    }

    /** {@return one row for each piece of sheet: where it goes and how large it is} */
    public static String sheetList(BoxModel model) {
        return Csv.text(
                new String[] {
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
                },
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
                Csv.number(piece.shape().bounds().width(), 1),
                Csv.number(piece.shape().bounds().height(), 1),
                Csv.number(piece.shape().area() / 1e6, 3),
                piece.shape().holes().size(),
                Csv.number(piece.massKg(), 2));
    }

    /** {@return one row for each bar: what it is and what is cut from it} */
    public static String barList(BarCutting cutting) {
        return Csv.text(
                new String[] {
                    "bar",
                    "timber",
                    "thickness mm",
                    "depth mm",
                    "stock mm",
                    "kerf mm",
                    "rest mm",
                    "pieces"
                },
                rows -> {
                    int number = 0;
                    for (Map.Entry<BarCutting.Kind, CuttingPlan> kind :
                            cutting.kinds().entrySet()) {
                        for (Bar bar : kind.getValue().bars()) {
                            number++;
                            rows.print(
                                    number,
                                    kind.getKey().timber(),
                                    Csv.number(kind.getKey().section().thicknessMm(), 1),
                                    Csv.number(kind.getKey().section().depthMm(), 1),
                                    Csv.number(bar.stockMm(), 1),
                                    Csv.number(bar.kerfMm(), 1),
                                    Csv.number(bar.restMm(), 1),
                                    pieces(bar));
                        }
                    }
                });
    }

    /** {@return the pieces of a bar in one line, longest first} */
    public static String pieces(Bar bar) {
        return String.join(
                "; ",
                bar.pieces().stream()
                        .map(piece -> piece.name() + " " + Csv.number(piece.lengthMm(), 1))
                        .toList());
    }

    private static String angles(EndCut cut) {
        return String.join(
                " / ", cut.degrees().stream().map(angle -> Csv.number(angle, 1)).toList());
    }
}
