package pteron.core.picture;

import java.util.function.ToDoubleFunction;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.View;
import pteron.core.field.PlanFields;
import pteron.core.model.BoxModel;

/** Makes canvases whose dimensions say what fields of the plan say. */
final class Canvases {

    private Canvases() {}

    static Canvas of(BoxModel model, View view) {
        return of(model, view, "");
    }

    static Canvas of(BoxModel model, View view, String aspect) {
        return new Canvas(view, model, -model.carrier().groundMm(), new Fields(model), aspect);
    }

    /** Values of fields; listed when one is asked for, as many views show no number that can be typed. */
    private static final class Fields implements ToDoubleFunction<String> {

        private final BoxModel model;
        private PlanFields listed;

        Fields(BoxModel model) {
            this.model = model;
        }

        @Override
        public double applyAsDouble(String key) {
            if (listed == null) {
                listed = PlanFields.of(model.plan(), model.library());
            }
            return listed.number(key)
                    .map(field -> field.value(model.plan()).value())
                    .orElseThrow(
                            () ->
                                    new IllegalStateException(
                                            "Impossible state: no field [%s]".formatted(key)));
        }
    }
}
