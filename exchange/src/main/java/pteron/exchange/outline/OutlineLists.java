package pteron.exchange.outline;

import java.util.OptionalDouble;
import pteron.core.model.BoxModel;
import pteron.core.outline.StripPiece;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.Named;
import pteron.exchange.csv.Csv;

/** Lists of the outline: its uprights, the strip with its bends. */
public final class OutlineLists {

    private OutlineLists() {}

    /** {@return the uprights under the outline at the spacing of the studs} */
    public static String uprights(BoxModel model) {
        return uprights(model, UprightSetting.of(model.plan().makeUp()));
    }

    /** {@return the uprights under the outline: place, both faces, bevel} */
    public static String uprights(BoxModel model, UprightSetting setting) {
        return Csv.text(
                new String[] {
                    "number",
                    "place mm",
                    "foot mm",
                    "front side mm",
                    "rear side mm",
                    "long point mm",
                    "bevel degrees"
                },
                rows -> {
                    int number = 1;
                    for (Upright upright : setting.under(model.outline())) {
                        rows.print(
                                number++,
                                Csv.number(upright.placeMm(), 1),
                                Csv.number(upright.footMm(), 1),
                                Csv.number(upright.frontSideMm(), 1),
                                Csv.number(upright.rearSideMm(), 1),
                                Csv.number(upright.longSideMm(), 1),
                                Csv.number(upright.bevelDegrees(), 2));
                    }
                });
    }

    /** {@return the strip over front, roof and rear: every piece with its place, bend and least radius} */
    public static String strip(BoxModel model) {
        return Csv.text(
                new String[] {
                    "number",
                    "piece",
                    "from mm",
                    "to mm",
                    "length mm",
                    "width mm",
                    "tightest radius mm",
                    "turn after degrees"
                },
                rows -> {
                    for (StripPiece piece : model.outline().strip()) {
                        rows.print(
                                piece.element().index() + 1,
                                Named.small(piece.element().kind()),
                                Csv.number(piece.fromMm(), 1),
                                Csv.number(piece.toMm(), 1),
                                Csv.number(piece.element().lengthMm(), 1),
                                Csv.number(piece.element().acrossMm(model.plan().box()), 1),
                                number(piece.leastRadiusMm(), 1),
                                number(piece.turnAfterDegrees(), 2));
                    }
                });
    }

    private static String number(OptionalDouble value, int decimals) {
        return value.isEmpty() ? "" : Csv.number(value.getAsDouble(), decimals);
    }
}
