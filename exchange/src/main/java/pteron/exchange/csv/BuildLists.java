package pteron.exchange.csv;

import java.util.OptionalDouble;
import pteron.core.glue.Glue;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.model.BoxModel;
import pteron.core.outline.StripPiece;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.Named;

/** Lists of the first stations: uprights under the outline, the strip with its bends, the glue. */
public final class BuildLists {

    private BuildLists() {}

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
                    "long side mm",
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
                    "least radius mm",
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
                                number(piece.leastRadiusMm(), 1),
                                number(piece.turnAfterDegrees(), 2));
                    }
                });
    }

    private static String number(OptionalDouble value, int decimals) {
        return value.isEmpty() ? "" : Csv.number(value.getAsDouble(), decimals);
    }

    /** {@return every joint of the make-up with its glue: coats, litres, temperatures, times} */
    public static String glue(BoxModel model) {
        return Csv.text(
                new String[] {
                    "part",
                    "joint",
                    "outer",
                    "inner",
                    "held",
                    "glue",
                    "area m2",
                    "coats",
                    "litres",
                    "from C",
                    "to C",
                    "open minutes",
                    "cure hours"
                },
                rows ->
                        model.made()
                                .ifPresent(
                                        made ->
                                                made.get(Glues.class)
                                                        .joints()
                                                        .forEach(joint -> row(rows, joint))));
    }

    private static void row(Csv.Rows rows, GlueJoint joint) {
        Glue glue = joint.glue().orElse(null);
        boolean none = glue == null;
        rows.print(
                joint.part(),
                joint.number(),
                joint.outer(),
                joint.inner(),
                Named.words(joint.held()),
                none ? "" : glue.id(),
                Csv.number(joint.areaM2(), 2),
                none ? "" : glue.spread().coats(),
                none ? "" : Csv.number(joint.litres(), 2),
                none ? "" : Csv.number(glue.window().leastC(), 0),
                none ? "" : Csv.number(glue.window().mostC(), 0),
                none ? "" : Csv.number(glue.times().openMinutes(), 0),
                none ? "" : Csv.number(glue.times().cureHours(), 0));
    }
}
