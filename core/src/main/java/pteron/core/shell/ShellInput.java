package pteron.core.shell;

import pteron.core.outline.Outline;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

/**
 * What the shell reads.
 *
 * @param widthMm outside width of the box (mm)
 * @param makeUp its layers
 * @param outline its outline, usable
 * @param details dropped floor, wheels, wings, how far the roof's outer skin reaches over the walls
 */
public record ShellInput(double widthMm, MakeUp makeUp, Outline outline, BoxDetails details) {

    /** {@return what it reads of a plan} */
    public static ShellInput of(BoxPlan plan, Outline outline) {
        return new ShellInput(plan.box().widthMm(), plan.makeUp(), outline, plan.box().details());
    }
}
