package pteron.exchange.station;

import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;

/**
 * A box of which something is written. Immutable.
 *
 * @param model the box
 * @param cutting its bars
 */
public record Job(BoxModel model, BarCutting cutting) {

    /** {@return units of the plan} */
    public UnitSystem units() {
        return model.plan().units();
    }
}
