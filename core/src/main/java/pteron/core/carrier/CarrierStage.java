package pteron.core.carrier;

import java.util.List;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;

/** Lays the box on its carrier. */
public final class CarrierStage {

    private CarrierStage() {}

    /**
     * {@return the carrier seen from the box}
     *
     * @param plan the plan
     * @param outline its outline
     */
    public static Carrier of(BoxPlan plan, Outline outline) {
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
