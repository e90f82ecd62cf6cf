package pteron.core.carrier;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Point2;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Trailer;

/** Dimensions of the carrier in the views of sides and ends. */
final class CarrierDimensions {

    private final Canvas canvas;
    private final Carrier carrier;

    CarrierDimensions(Canvas canvas) {
        this.canvas = canvas;
        this.carrier = canvas.box().get(Carrier.class);
    }

    private Point2 at(double x, double z) {
        return canvas.at(x, 0, z);
    }

    void side() {
        double front = carrier.deckFrontMm();
        double ground = carrier.groundMm();
        double deck = -carrier.raisedMm();
        int row = 0;
        if (carrier.vehicle() instanceof Trailer) {
            canvas.dimension(
                    "coupler.ahead",
                    at(carrier.front().placeMm(), ground),
                    at(front, ground),
                    Side.BOTTOM,
                    0);
        }
        for (int i = 0; i < carrier.axlesMm().size(); i++) {
            double axle = carrier.axlesMm().get(i);
            canvas.dimension("axle." + i, at(front, ground), at(axle, ground), Side.BOTTOM, row);
            row += axle > front ? 1 : 0;
        }
        canvas.dimension(
                "deck.length",
                at(front, ground),
                at(carrier.deckRearMm(), ground),
                Side.BOTTOM,
                row);
        if (carrier.vehicle() instanceof Pickup pickup) {
            bed(pickup, front, row);
        }
        canvas.dimension("deck.height", at(front, ground), at(front, deck), canvas.frontSide(), 0);
        carrier.vehicle().cab().ifPresent(cab -> cab(cab, front, deck));
    }

    private void cab(Cab cab, double front, double deck) {
        double back = front - cab.gapMm();
        canvas.dimension(
                "cab.roof", at(back, deck), at(back, deck + cab.roofMm()), canvas.frontSide(), 0);
        if (cab.gapMm() > 1) {
            canvas.dimension(
                    "cab.gap",
                    at(back, deck + cab.roofMm()),
                    at(front, deck + cab.roofMm()),
                    Side.TOP,
                    1);
        }
    }

    private void bed(Pickup pickup, double front, int row) {
        double ground = carrier.groundMm();
        double deck = -carrier.raisedMm();
        Pickup.Wells wells = pickup.bed().wells();
        double from = front + wells.fromMm();
        canvas.dimension("wells.from", at(front, ground), at(from, ground), Side.BOTTOM, row + 1);
        canvas.dimension(
                "wells.length",
                at(from, ground),
                at(from + wells.lengthMm(), ground),
                Side.BOTTOM,
                row + 1);
        double rear = front + pickup.bed().railLengthMm();
        canvas.dimension(
                "bed.rail-height",
                at(rear, deck),
                at(rear, deck + pickup.bed().railHeightMm()),
                canvas.rearSide(),
                2);
    }

    void end() {
        across("deck.width", carrier.vehicle().deck().widthMm(), 0);
        if (carrier.vehicle() instanceof Pickup pickup) {
            across("wells.between", pickup.bed().wells().betweenMm(), 1);
            across("bed.rail-width", pickup.bed().railWidthMm(), 2);
        }
    }

    /** Dimensions a width of the carrier, the same on both sides of the middle. */
    private void across(String key, double widthMm, int row) {
        double ground = carrier.groundMm();
        canvas.dimension(
                key,
                canvas.at(0, -widthMm / 2, ground),
                canvas.at(0, widthMm / 2, ground),
                Side.BOTTOM,
                row);
    }
}
