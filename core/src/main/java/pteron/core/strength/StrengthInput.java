package pteron.core.strength;

import java.util.List;
import java.util.Map;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Frame;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Check;
import pteron.core.outline.Outline;
import pteron.core.panel.PanelMode;
import pteron.core.panel.Panels;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.plan.Loads;
import pteron.core.plan.MakeUp;
import pteron.core.tube.Joint;
import pteron.core.tube.Tubes;

/**
 * What the strength reads.
 *
 * @param box the box
 * @param makeUp its layers and members
 * @param joints where the ends of tubes are joined to the sides of others, by the name of the other
 * @param loads what it must carry
 * @param library the materials
 * @param carrier the carrier
 * @param outline the outline, usable
 * @param frame the frame
 * @param bought whether posts and bows that are there carry wind and roof
 * @param floorUnderHeel checks of the floor under one person on a heel, by the way it gives way
 */
public record StrengthInput(
        Box box,
        MakeUp makeUp,
        Map<String, List<Joint>> joints,
        Loads loads,
        MaterialLibrary library,
        Carrier carrier,
        Outline outline,
        Frame frame,
        boolean bought,
        Map<PanelMode, Check> floorUnderHeel) {

    /** {@return how tubes are joined} */
    Joining joining() {
        return makeUp.joining();
    }

    /** {@return what it reads of a plan} */
    public static StrengthInput of(
            BoxPlan plan,
            MaterialLibrary library,
            Carrier carrier,
            Outline outline,
            Frame frame,
            Tubes tubes,
            Panels panels) {
        return new StrengthInput(
                plan.box(),
                plan.makeUp(),
                tubes.onSides(),
                plan.loads(),
                library,
                carrier,
                outline,
                frame,
                plan.found().isPresent(),
                panels.floorUnderHeel());
    }
}
