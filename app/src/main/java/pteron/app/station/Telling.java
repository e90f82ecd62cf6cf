package pteron.app.station;

import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;

/** Says the one telling figure of a station in words. */
public interface Telling {

    /** {@return the figure, never empty} */
    String of(BoxModel model, BarCutting cutting);

    /** {@return a figure of the model in its units, {@code no} where there is none} */
    static String text(BoxModel model, String key) {
        return model.figure(key).map(figure -> figure.text(model.plan().units())).orElse("no");
    }

    /** {@return a count with what is counted, unless the frame is not set out} */
    static String count(BoxModel model, String key, String what) {
        return model.isWeighedByAreas() ? "not detailed" : text(model, key) + " " + what;
    }
}
