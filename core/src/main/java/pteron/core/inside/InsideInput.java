package pteron.core.inside;

import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

/**
 * What the room inside reads.
 *
 * @param box the box
 * @param makeUp its layers
 * @param outline its outline
 */
public record InsideInput(Box box, MakeUp makeUp, Outline outline) {

    /** {@return what it reads of a plan} */
    public static InsideInput of(BoxPlan plan, Outline outline) {
        return new InsideInput(plan.box().withOffset(0).withRaised(0), plan.makeUp(), outline);
    }
}
