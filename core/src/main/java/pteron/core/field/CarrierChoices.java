package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import pteron.core.plan.BoxPlan;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Pickup.Bed;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;

/** Choices of the carrier, those of its kind only. */
final class CarrierChoices {

    private static final String A_FRAME = "A-frame";
    private static final String OVER = "over the wheels";

    private CarrierChoices() {}

    /** {@return the choices of the carrier} */
    static List<ChoiceField> of(BoxPlan plan) {
        List<ChoiceField> choices = new ArrayList<>();
        switch (plan.vehicle()) {
            case Trailer trailer -> {
                choices.add(
                        VehicleChoice.of(
                                "drawbar.form",
                                "Drawbar",
                                List.of(A_FRAME, "centre pole"),
                                v -> isFrame((Trailer) v) ? A_FRAME : "centre pole",
                                (v, id) -> withForm((Trailer) v, id)));
                choices.add(
                        VehicleChoice.of(
                                "deck.over-wheels",
                                "Deck",
                                List.of("between the wheels", OVER),
                                v -> ((Trailer) v).overWheels() ? OVER : "between the wheels",
                                (v, id) -> ((Trailer) v).withOverWheels(id.equals(OVER))));
            }
            case Pickup pickup ->
                    choices.add(
                            VehicleChoice.of(
                                    "tailgate.position",
                                    "Tailgate",
                                    Choices.of(Tailgate.Position.values()),
                                    v -> Choices.id(((Pickup) v).bed().tailgate().position()),
                                    (v, id) -> withGate((Pickup) v, id)));
            case Flatbed flatbed -> {}
        }
        if (plan.vehicle().cab().isPresent()) {
            choices.add(
                    VehicleChoice.of(
                            "weighed.driver",
                            "Weighed with",
                            List.of("nobody aboard", "driver aboard"),
                            v ->
                                    v.gear().weighed().driverAboard()
                                            ? "driver aboard"
                                            : "nobody aboard",
                            CarrierChoices::withDriver));
        }
        choices.addAll(SteelChoices.of(plan.vehicle()));
        return choices;
    }

    private static boolean isFrame(Trailer trailer) {
        return trailer.drawbar().form() == Drawbar.Form.A_FRAME;
    }

    private static Vehicle withForm(Trailer trailer, String id) {
        Drawbar old = trailer.drawbar();
        Drawbar.Form form = id.equals(A_FRAME) ? Drawbar.Form.A_FRAME : Drawbar.Form.CENTRE_POLE;
        return trailer.withDrawbar(new Drawbar(form, old.aheadMm(), old.emptyKg(), old.ratingKg()));
    }

    private static Vehicle withGate(Pickup pickup, String id) {
        Tailgate.Position position = Choices.value(Tailgate.Position.values(), id);
        Bed bed = pickup.bed();
        return pickup.withBed(bed.withTailgate(new Tailgate(position, bed.tailgate().heightMm())));
    }

    private static Vehicle withDriver(Vehicle vehicle, String id) {
        Weighed old = vehicle.gear().weighed();
        Weighed other = new Weighed(old.source(), old.fuelPercent(), id.equals("driver aboard"));
        return vehicle.withGear(vehicle.gear().withWeighed(other));
    }
}
