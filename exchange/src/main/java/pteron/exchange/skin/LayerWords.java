package pteron.exchange.skin;

import pteron.core.buildup.Layer;
import pteron.core.quantity.LengthText;
import pteron.exchange.station.Job;

/** A layer as paper names it: what it is of and how thick. */
final class LayerWords {

    private LayerWords() {}

    /** {@return material and thickness, in the units of the paper} */
    static String of(Layer layer, Job job) {
        return job.model().library().get(layer.material()).name()
                + " "
                + LengthText.format(layer.thicknessMm(), job.units());
    }
}
