package pteron.core.edit;

import java.util.Map;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.vehicle.Pickup;

/** Cures that move the box, size it, or move its openings. */
final class BoxCures {

    static final Map<String, CureWay> WAYS =
            Map.of(
                    "MOVE_BOX_BACK", (plan, mm, press) -> moved(plan, mm),
                    "MOVE_BOX_FORWARD", (plan, mm, press) -> moved(plan, -mm),
                    "SET_BOX_WIDTH", (plan, mm, press) -> plan.withBox(plan.box().withWidth(mm)),
                    "SET_SUB_FRAME", (plan, mm, press) -> plan.withBox(plan.box().withRaised(mm)),
                    "ADD_CROSS_MEMBER",
                            (plan, mm, press) -> VehicleEdits.withCrossMemberAt(plan, mm),
                    "TAKE_OFF_TAILGATE", (plan, mm, press) -> withoutTailgate(plan),
                    "MOVE_OPENING",
                            (plan, mm, press) ->
                                    slid(
                                            plan,
                                            press.part(),
                                            press.numbers().get(0),
                                            press.numbers().get(1)));

    private BoxCures() {}

    private static BoxPlan moved(BoxPlan plan, double backMm) {
        return plan.withBox(plan.box().withOffset(plan.box().offsetMm() + backMm));
    }

    private static BoxPlan withoutTailgate(BoxPlan plan) {
        return plan.vehicle() instanceof Pickup pickup
                ? plan.withVehicle(pickup.withoutTailgate())
                : plan;
    }

    private static BoxPlan slid(BoxPlan plan, String id, double alongMm, double upMm) {
        return plan.withOpening(
                id,
                opening -> {
                    Opening.Place old = opening.place();
                    return opening.withPlace(
                            new Opening.Place(old.alongMm() + alongMm, old.sillMm() + upMm));
                });
    }
}
