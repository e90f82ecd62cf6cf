package pteron.core.carrier;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Trailer;
import pteron.core.quantity.Quantity;

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
        Carrier bare = new Carrier(plan.trailer(), -plan.box().offsetMm(), List.of(), List.of());
        return new Carrier(
                plan.trailer(),
                bare.deckFrontMm(),
                figures(plan, bare, outline),
                CarrierCheck.findings(plan, bare, outline));
    }

    private static List<Figure> figures(BoxPlan plan, Carrier carrier, Outline outline) {
        return List.of(
                payload(plan.trailer()),
                emptyAxles(carrier),
                emptyCentre(carrier),
                overallHeight(plan, outline),
                floorHeight(plan));
    }

    private static Figure payload(Trailer trailer) {
        Quantity gross = Quantity.kg(trailer.ratings().grossKg());
        Quantity empty = Quantity.kg(trailer.empty().massKg());
        return Figure.of(
                "carrier.payload",
                "Payload of the bare carrier",
                Quantity.kg(gross.value() - empty.value()),
                () ->
                        Working.of("payload = G − m")
                                .plan("G", "gross rating", gross)
                                .plan("m", "empty mass", empty)
                                .source("common practice; what the plate says governs"));
    }

    private static Figure emptyAxles(Carrier carrier) {
        Trailer.Empty empty = carrier.trailer().empty();
        return Figure.of(
                "carrier.empty-axles",
                "Load on the axles, empty",
                Quantity.kg(carrier.emptyAxlesKg()),
                () ->
                        Working.of("axles = m − c")
                                .plan("m", "empty mass", Quantity.kg(empty.massKg()))
                                .plan("c", "empty coupler load", Quantity.kg(empty.couplerKg()))
                                .source("equilibrium"));
    }

    private static Figure emptyCentre(Carrier carrier) {
        Trailer.Empty empty = carrier.trailer().empty();
        return Figure.of(
                "carrier.empty-centre",
                "Where the empty carrier's weight sits",
                Quantity.mm(carrier.emptyCentreMm()),
                () ->
                        Working.of("x = (c · xc + (m − c) · xa) / m")
                                .plan("c", "empty coupler load", Quantity.kg(empty.couplerKg()))
                                .plan("m", "empty mass", Quantity.kg(empty.massKg()))
                                .worked(
                                        "xc",
                                        "coupler, from the box's front face",
                                        Quantity.mm(carrier.couplerMm()))
                                .worked(
                                        "xa",
                                        "middle of the axles, from the box's front face",
                                        Quantity.mm(carrier.axleMiddleMm()))
                                .source("equilibrium"));
    }

    private static Figure overallHeight(BoxPlan plan, Outline outline) {
        double deck = plan.trailer().deck().heightMm();
        return Figure.of(
                "carrier.overall-height",
                "Height over the ground",
                Quantity.mm(deck + outline.heightMm()),
                () ->
                        Working.of("H = deck + box")
                                .plan("deck", "height of the deck", Quantity.mm(deck))
                                .worked(
                                        "box",
                                        "height of the box over the deck",
                                        Quantity.mm(outline.heightMm()))
                                .source("geometry; nothing on the roof is counted"));
    }

    private static Figure floorHeight(BoxPlan plan) {
        double deck = plan.trailer().deck().heightMm();
        double floor = plan.makeUp().floor().heightMm();
        return Figure.of(
                "carrier.floor-height",
                "Floor over the ground",
                Quantity.mm(deck + floor),
                () ->
                        Working.of("step = deck + floor")
                                .plan("deck", "height of the deck", Quantity.mm(deck))
                                .worked("floor", "bearers and sandwich", Quantity.mm(floor))
                                .source("geometry"));
    }
}
