package pteron.core.carrier;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Weighed;

/** What the carrier weighs and leaves; what it measures and clears follows. */
final class CarrierFigures {

    private final Standing standing;
    private final Carrier carrier;
    private final FigureList figures = new FigureList(CarrierStation.CARRIER);

    private CarrierFigures(Standing standing) {
        this.standing = standing;
        this.carrier = standing.carrier();
    }

    static List<Figure> of(Standing standing) {
        CarrierFigures all = new CarrierFigures(standing);
        all.weights();
        all.figures.addAll(SizeFigures.of(standing));
        if (standing.outline().usable()) {
            all.figures.addAll(ClearanceFigures.of(standing));
        }
        return all.figures.list();
    }

    private String state() {
        Weighed weighed = carrier.vehicle().gear().weighed();
        String source = weighed.source() == Weighed.Source.SCALES ? "weighed on scales" : "typed";
        return carrier.vehicle().cab().isEmpty()
                ? source
                : "%s, tank at %.0f %%, %s"
                        .formatted(
                                source,
                                weighed.fuelPercent(),
                                weighed.driverAboard() ? "driver aboard" : "nobody aboard");
    }

    private void weights() {
        Quantity gross = Quantity.kg(carrier.vehicle().gear().grossKg());
        Quantity empty = Quantity.kg(carrier.vehicle().emptyKg());
        Working.Builder payload =
                Working.of("payload = G − m")
                        .plan("G", "gross rating", gross)
                        .plan("m", "unladen mass, " + state(), empty);
        if (carrier.vehicle() instanceof Pickup pickup) {
            payload.plan("sticker", "no more than the sticker", Quantity.kg(pickup.payloadKg()));
        }
        figures.addAtMost(
                "payload",
                "Payload of the carrier alone",
                Quantity.kg(standing.payloadKg()),
                () -> payload.source("common practice; what the plate says governs"));
        axles();
        centre();
    }

    private void axles() {
        Working.Builder axles = Working.of("axles = sum of what each carries");
        int number = 1;
        for (Axle axle : carrier.vehicle().gear().axles()) {
            axles.plan("m" + number, "axle " + number, Quantity.kg(axle.emptyKg()));
            number++;
        }
        figures.add(
                "empty-axles",
                "Axle load, unladen",
                Quantity.kg(carrier.vehicle().gear().emptyKg()),
                () -> axles.source(state()));
    }

    private void centre() {
        Support front = carrier.front();
        Support rear = carrier.rear();
        figures.add(
                "empty-centre",
                "Centre of gravity, empty carrier",
                Quantity.mm(carrier.emptyCentreMm()),
                () ->
                        Working.of("x = (f · xf + r · xr) / (f + r)")
                                .plan("f", front.name() + ", empty", Quantity.kg(front.emptyKg()))
                                .plan("r", rear.name() + ", empty", Quantity.kg(rear.emptyKg()))
                                .plan("xf", front.name(), Quantity.mm(front.placeMm()))
                                .plan("xr", "middle of " + rear.name(), Quantity.mm(rear.placeMm()))
                                .source("equilibrium; from the box's front face"));
    }
}
