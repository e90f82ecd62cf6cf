package pteron.core.field;

import java.util.List;
import pteron.core.carrier.CarrierStation;
import pteron.core.plan.BoxPlan;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;

/** Choices of the carrier, those of its kind only. */
final class CarrierChoices {

    private static final String A_FRAME = "A-frame";
    private static final String CENTRE_POLE = "straight drawbar";
    private static final String BETWEEN = "between the wheels";
    private static final String OVER = "over the wheels";
    private static final String NOBODY = "nobody aboard";
    private static final String DRIVER = "driver aboard";

    private CarrierChoices() {}

    /** {@return the choices of the carrier} */
    static List<ChoiceField> of(BoxPlan plan) {
        Fields<Vehicle> vehicle =
                Fields.at(CarrierStation.CARRIER).part(BoxPlan::vehicle, BoxPlan::withVehicle);
        switch (plan.vehicle()) {
            case Trailer trailer -> trailer(vehicle.part(v -> (Trailer) v, (old, other) -> other));
            case Pickup pickup ->
                    vehicle.part(v -> ((Pickup) v).bed(), (v, bed) -> ((Pickup) v).withBed(bed))
                            .choice(
                                    "tailgate.position",
                                    "Tailgate",
                                    Tailgate.Position.values(),
                                    bed -> bed.tailgate().position(),
                                    (bed, id) ->
                                            bed.withTailgate(
                                                    new Tailgate(id, bed.tailgate().heightMm())));
            case Flatbed flatbed -> {}
        }
        if (plan.vehicle().cab().isPresent()) {
            weighed(
                    vehicle.part(Vehicle::gear, Vehicle::withGear)
                            .part(RunningGear::weighed, RunningGear::withWeighed));
        }
        SteelChoices.add(plan.vehicle(), vehicle);
        return vehicle.choices();
    }

    private static void trailer(Fields<Trailer> trailer) {
        trailer.part(Trailer::drawbar, Trailer::withDrawbar)
                .choice(
                        "drawbar.form",
                        "Drawbar",
                        List.of(A_FRAME, CENTRE_POLE),
                        bar -> bar.form() == Drawbar.Form.A_FRAME ? A_FRAME : CENTRE_POLE,
                        CarrierChoices::withForm);
        trailer.choice(
                "deck.over-wheels",
                "Deck",
                List.of(BETWEEN, OVER),
                t -> t.overWheels() ? OVER : BETWEEN,
                (t, id) -> t.withOverWheels(id.equals(OVER)));
    }

    private static Drawbar withForm(Drawbar old, String id) {
        Drawbar.Form form = id.equals(A_FRAME) ? Drawbar.Form.A_FRAME : Drawbar.Form.CENTRE_POLE;
        return new Drawbar(form, old.aheadMm(), old.emptyKg(), old.ratingKg());
    }

    private static void weighed(Fields<Weighed> weighed) {
        weighed.choice(
                "weighed.driver",
                "Weighed with",
                List.of(NOBODY, DRIVER),
                w -> w.driverAboard() ? DRIVER : NOBODY,
                (w, id) -> new Weighed(w.source(), w.fuelPercent(), id.equals(DRIVER)));
    }
}
