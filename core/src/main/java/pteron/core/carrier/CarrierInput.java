package pteron.core.carrier;

import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.RoadLimits;
import pteron.core.vehicle.Vehicle;

/**
 * What the carrier reads.
 *
 * @param vehicle the vehicle
 * @param box the box on it
 * @param limits what the road allows
 * @param openings doors and windows, which a cab's window should meet
 * @param floorMm height of the floor's top above the deck (mm)
 * @param outline the outline of the box
 */
public record CarrierInput(
        Vehicle vehicle,
        Box box,
        RoadLimits limits,
        List<Opening> openings,
        double floorMm,
        Outline outline) {

    /** {@return what it reads of a plan} */
    public static CarrierInput of(BoxPlan plan, Outline outline) {
        return new CarrierInput(
                plan.vehicle(),
                plan.box(),
                plan.limits(),
                plan.openings(),
                plan.makeUp().floor().heightMm(),
                outline);
    }
}
