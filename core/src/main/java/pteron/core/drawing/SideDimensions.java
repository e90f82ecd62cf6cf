package pteron.core.drawing;

import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.Outline;
import pteron.core.shell.PanelKind;

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

    void of(String station, String selected) {
        int row = 0;
        switch (station) {
            case "carrier" -> carrier();
            case "outline" -> row = corners();
            case "openings" -> row = openings(selected);
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
        double ground = -model.plan().trailer().deck().heightMm();
        canvas.tells(at(rear, ground), at(rear, top), rearSide(), 1);
    }

    private void carrier() {
        Carrier carrier = model.carrier();
        double front = carrier.deckFrontMm();
        double ground = -carrier.trailer().deck().heightMm();
        canvas.dimension(
                "coupler.ahead",
                at(carrier.couplerMm(), ground),
                at(front, ground),
                Side.BOTTOM,
                0);
        for (int i = 0; i < carrier.axlesMm().size(); i++) {
            canvas.dimension(
                    "axle." + i,
                    at(front, ground),
                    at(carrier.axlesMm().get(i), ground),
                    Side.BOTTOM,
                    i);
        }
        int last = carrier.axlesMm().size();
        canvas.dimension(
                "deck.length",
                at(front, ground),
                at(carrier.deckRearMm(), ground),
                Side.BOTTOM,
                last);
        canvas.dimension("deck.height", at(front, ground), at(front, 0), frontSide(), 0);
    }

    /** {@return rows taken above} */
    private int corners() {
        List<Point2> points = outline.points();
        int last = points.size() - 1;
        for (int i = 1; i < last; i++) {
            Point2 corner = points.get(i);
            boolean overFront = corner.u() - outline.foremostMm() > 1;
            boolean beforeRear = outline.rearmostMm() - corner.u() > 1;
            if (overFront && beforeRear) {
                canvas.dimension(
                        "outline." + i + ".x",
                        at(0, top),
                        at(corner.u(), corner.v()),
                        Side.TOP,
                        Math.min(i - 1, 1));
            }
            if (top - corner.v() > 1) {
                boolean nearFront = corner.u() < (outline.foremostMm() + outline.rearmostMm()) / 2;
                canvas.dimension(
                        "outline." + i + ".z",
                        at(corner.u(), 0),
                        at(corner.u(), corner.v()),
                        nearFront ? frontSide() : rearSide(),
                        nearFront ? 0 : 2);
            }
        }
        return canvas.drawing().rows(Side.TOP);
    }

    /** {@return rows taken above} */
    private int openings(String selected) {
        PanelKind wall = canvas.view() == View.RIGHT ? PanelKind.RIGHT : PanelKind.LEFT;
        List<PlacedOpening> openings =
                model.built()
                        .map(
                                built ->
                                        built.openings().placed().stream()
                                                .filter(one -> one.panel().kind() == wall)
                                                .toList())
                        .orElse(List.of());
        double floor = model.plan().makeUp().floor().heightMm();
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
