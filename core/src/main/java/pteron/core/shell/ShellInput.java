package pteron.core.shell;

import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Partition;

/**
 * What the shell reads.
 *
 * @param widthMm outside width of the box (mm)
 * @param makeUp its layers
 * @param outline its outline, usable
 * @param partitions walls inside
 * @param details dropped floor, wheels, wings, how far the roof's outer skin reaches over the walls
 */
public record ShellInput(
        double widthMm,
        MakeUp makeUp,
        Outline outline,
        List<Partition> partitions,
        BoxDetails details) {

    /** Copies the partitions. */
    public ShellInput {
        partitions = List.copyOf(partitions);
    }

    /** {@return what it reads of a plan} */
    public static ShellInput of(BoxPlan plan, Outline outline) {
        return new ShellInput(
                plan.box().widthMm(),
                plan.makeUp(),
                outline,
                plan.partitions(),
                plan.box().details());
    }
}
