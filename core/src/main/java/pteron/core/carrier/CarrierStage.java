package pteron.core.carrier;

import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.stage.Stage;

/** Lays the box on its carrier. */
public final class CarrierStage {

    private CarrierStage() {}

    /** The stage. */
    public static final Stage<CarrierInput, Carrier> STAGE =
            Stage.of(
                    Carrier.class,
                    given -> CarrierInput.of(given.plan(), given.get(Outline.class)),
                    CarrierStage::of);

    /** {@return the carrier seen from the box} */
    public static Carrier of(CarrierInput plan) {
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
