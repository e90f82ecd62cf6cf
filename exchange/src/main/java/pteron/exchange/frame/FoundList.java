package pteron.exchange.frame;

import pteron.core.found.Found;
import pteron.core.found.Packing;
import pteron.core.found.Repair;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.exchange.csv.Csv;

/** Writes what a bought shell wants: pieces that replace damage, packings that level the floor. */
final class FoundList {

    private static final String[] HEADER = {
        "what", "where", "from mm", "length mm", "width mm", "thickness mm"
    };

    private FoundList() {}

    /** {@return one row for each repair and packing; none for a box that is built anew} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows ->
                        model.find(Found.class)
                                .ifPresent(
                                        found -> {
                                            found.repairs().forEach(one -> repair(rows, one));
                                            found.packings().forEach(one -> packing(rows, one));
                                        }));
    }

    private static void repair(Csv.Rows rows, Repair one) {
        rows.print(
                "new piece, " + Named.words(one.damage().kind()),
                Named.words(one.damage().face()),
                Csv.number(one.fromMm(), 1),
                Csv.number(one.lengthMm(), 1),
                Csv.number(one.heightMm(), 1),
                "");
    }

    private static void packing(Csv.Rows rows, Packing one) {
        rows.print(
                "packing",
                "cross-member",
                Csv.number(one.placeMm(), 1),
                Csv.number(one.lengthMm(), 1),
                "",
                Csv.number(one.thickMm(), 1));
    }
}
