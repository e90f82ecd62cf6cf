package pteron.exchange.makeup;

import pteron.core.glue.Glue;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Named;
import pteron.exchange.csv.Csv;

/** Writes every joint of the make-up with its glue. */
final class GlueList {

    private static final String[] HEADER = {
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
    };

    private GlueList() {}

    /** {@return every joint of the make-up with its glue: coats, litres, temperatures, times} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows ->
                        model.made()
                                .ifPresent(
                                        made ->
                                                made.get(Glues.class)
                                                        .joints()
                                                        .forEach(
                                                                joint ->
                                                                        row(
                                                                                rows,
                                                                                model.library(),
                                                                                joint))));
    }

    private static void row(Csv.Rows rows, MaterialLibrary library, GlueJoint joint) {
        Glue glue = joint.glue().orElse(null);
        boolean none = glue == null;
        rows.print(
                joint.part(),
                joint.number(),
                joint.outer(),
                joint.inner(),
                Named.words(joint.held()),
                none ? "" : library.get(glue.id()).name(),
                Csv.number(joint.areaM2(), 2),
                none ? "" : glue.spread().coats(),
                none ? "" : Csv.number(joint.litres(), 2),
                none ? "" : Csv.number(glue.window().leastC(), 0),
                none ? "" : Csv.number(glue.window().mostC(), 0),
                none ? "" : Csv.number(glue.times().openMinutes(), 0),
                none ? "" : Csv.number(glue.times().cureHours(), 0));
    }
}
