package pteron.core.drawing;

import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.Outline;
import pteron.core.plan.OutlinePoint;
import pteron.core.shell.PanelKind;
import pteron.core.station.Station;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Trailer;

/** Dimensions of the side elevations. */
final class SideDimensions {

    private final Canvas canvas;
    private final BoxModel model;
    private final Outline outline;
    private final double top;

    SideDimensions(Canvas canvas) {
        this.canvas = canvas;
        this.model = canvas.model();
        this.outline = model.outline();
        this.top = outline.heightMm();
    }

    private Point2 at(double x, double z) {
        return canvas.at(x, 0, z);
    }

    /** The side of the drawing on which the rear of the box lies. */
    private Side rearSide() {
        return canvas.view() == View.RIGHT ? Side.LEFT : Side.RIGHT;
    }

    private Side frontSide() {
        return canvas.view() == View.RIGHT ? Side.RIGHT : Side.LEFT;
    }

    void of(Station station, String selected) {
        int row = 0;
        switch (station) {
            case CARRIER -> carrier();
            case OUTLINE -> row = corners(selected);
            case OPENINGS -> row = openings(selected);
            default -> row = 0;
        }
        overall(row);
    }

    private void overall(int row) {
        canvas.dimension(
                "box.length",
                at(outline.foremostMm(), top),
                at(outline.rearmostMm(), top),
                Side.TOP,
                row);
        double rear = outline.rearmostMm();
        canvas.dimension("box.height", at(rear, 0), at(rear, top), rearSide(), 0);
        double ground = model.carrier().groundMm();
        canvas.tells(at(rear, ground), at(rear, top), rearSide(), 1);
    }

    private void carrier() {
        Carrier carrier = model.carrier();
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
        canvas.dimension("deck.height", at(front, ground), at(front, deck), frontSide(), 0);
        carrier.vehicle().cab().ifPresent(cab -> cab(cab, front, deck));
    }

    private void cab(Cab cab, double front, double deck) {
        double back = front - cab.gapMm();
        canvas.dimension("cab.roof", at(back, deck), at(back, deck + cab.roofMm()), frontSide(), 0);
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
        double ground = model.carrier().groundMm();
        double deck = -model.carrier().raisedMm();
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
                rearSide(),
                2);
    }

    /** {@return rows taken above} */
    private int corners(String selected) {
        List<Point2> points = outline.points();
        int last = points.size() - 1;
        int frontRow = 0;
        int rearRow = 0;
        int topRow = 0;
        for (int i = 1; i < last; i++) {
            Point2 corner = points.get(i);
            boolean overFront = corner.u() - outline.foremostMm() > 1;
            boolean beforeRear = outline.rearmostMm() - corner.u() > 1;
            if (overFront && beforeRear && Math.abs(corner.u()) > 1) {
                canvas.dimension(
                        "outline." + i + ".x",
                        at(0, top),
                        at(corner.u(), corner.v()),
                        Side.TOP,
                        topRow++ % 2);
            }
            if (top - corner.v() > 1) {
                boolean nearFront = corner.u() < (outline.foremostMm() + outline.rearmostMm()) / 2;
                canvas.dimension(
                        "outline." + i + ".z",
                        at(corner.u(), 0),
                        at(corner.u(), corner.v()),
                        nearFront ? frontSide() : rearSide(),
                        nearFront ? frontRow++ : 2 + rearRow++);
            }
        }
        int row = canvas.drawing().rows(Side.TOP);
        return spot(selected, row, frontRow) ? row + 1 : row;
    }

    /**
     * Dimensions the chosen spot of an arc or batten.
     *
     * @return whether one is chosen
     */
    private boolean spot(String selected, int topRow, int frontRow) {
        List<OutlinePoint> points = model.plan().box().outline();
        for (int i = 0; i < points.size(); i++) {
            List<OutlinePoint.Spot> spots = points.get(i).link().through();
            for (int k = 0; k < spots.size(); k++) {
                String key = "outline." + i + ".spot." + k;
                if (key.equals(selected)) {
                    double x = spots.get(k).xMm();
                    double z = spots.get(k).zMm();
                    canvas.dimension(key + ".x", at(0, top), at(x, z), Side.TOP, topRow);
                    canvas.dimension(key + ".z", at(x, 0), at(x, z), frontSide(), frontRow);
                    return true;
                }
            }
        }
        return false;
    }

    /** {@return rows taken above} */
    private int openings(String selected) {
        PanelKind wall = canvas.view() == View.RIGHT ? PanelKind.RIGHT : PanelKind.LEFT;
        List<PlacedOpening> openings =
                model.built()
                        .map(
                                built ->
                                        built.get(Openings.class).placed().stream()
                                                .filter(one -> one.panel().kind() == wall)
                                                .toList())
                        .orElse(List.of());
        double floor = model.plan().makeUp().floor().structureMm();
        for (int i = 0; i < openings.size(); i++) {
            PlacedOpening one = openings.get(i);
            String key = "opening." + one.opening().id();
            double from = one.cutOut().fromU();
            double to = one.cutOut().toU();
            canvas.dimension(key + ".along", at(0, top), at(from, one.cutOut().toV()), Side.TOP, i);
            canvas.dimension(
                    key + ".width",
                    at(from, one.cutOut().toV()),
                    at(to, one.cutOut().toV()),
                    Side.TOP,
                    i);
            boolean chosen = one.opening().id().equals(selected);
            boolean nobodyChosen =
                    openings.stream().noneMatch(o -> o.opening().id().equals(selected));
            if (chosen || (nobodyChosen && i == 0)) {
                canvas.dimension(
                        key + ".sill",
                        at(from, floor),
                        at(from, one.cutOut().fromV()),
                        frontSide(),
                        0);
                canvas.dimension(
                        key + ".height",
                        at(from, one.cutOut().fromV()),
                        at(from, one.cutOut().toV()),
                        frontSide(),
                        0);
            }
        }
        return openings.size();
    }
}
