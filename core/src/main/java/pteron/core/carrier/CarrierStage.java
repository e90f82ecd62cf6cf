package pteron.core.carrier;

import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.RoadLimits;
import pteron.core.stage.Stage;
import pteron.core.vehicle.Vehicle;

/** Lays the box on its carrier. */
public final class CarrierStage {

    private CarrierStage() {}

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
    public record Input(
            Vehicle vehicle,
            Box box,
            RoadLimits limits,
            List<Opening> openings,
            double floorMm,
            Outline outline) {

        /** {@return what it reads of a plan} */
        public static Input of(BoxPlan plan, Outline outline) {
            return new Input(
                    plan.vehicle(),
                    plan.box(),
                    plan.limits(),
                    plan.openings(),
                    plan.makeUp().floor().heightMm(),
                    outline);
        }
    }

    /** The stage. */
    public static final Stage<Input, Carrier> STAGE =
            Stage.of(
                    Carrier.class,
                    given -> Input.of(given.plan(), given.get(Outline.class)),
                    CarrierStage::of);

    /** {@return the carrier seen from the box} */
    public static Carrier of(Input plan) {
        Outline outline = plan.outline();
        double front = -plan.box().offsetMm();
        List<Clearance> clearances =
                outline.usable()
                        ? new Clearances(plan.box(), front, outline).of(plan.vehicle())
                        : List.of();
        Carrier bare =
                new Carrier(
                        plan.vehicle(),
                        front,
                        plan.box().raisedMm(),
                        clearances,
                        List.of(),
                        List.of());
        Standing standing = new Standing(plan, bare, outline);
        return new Carrier(
                plan.vehicle(),
                front,
                plan.box().raisedMm(),
                clearances,
                CarrierFigures.of(standing),
                CarrierCheck.findings(standing));
    }
}
