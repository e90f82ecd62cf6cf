package pteron.core.drawing;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.shell.PanelKind;
import pteron.core.station.Station;
import pteron.core.vehicle.Pickup;

/** Draws front or rear of the box on its carrier. */
final class EndShapes {

    private final BoxModel model;
    private final Station station;
    private final Canvas canvas;
    private final double half;
    private final double top;

    EndShapes(BoxModel model, View view, Station station) {
        this.model = model;
        this.station = station;
        this.canvas = new Canvas(view, model);
        this.half = model.plan().box().widthMm() / 2;
        this.top = model.outline().heightMm();
    }

    Drawing drawing() {
        Set<PanelKind> kinds =
                canvas.view() == View.FRONT
                        ? EnumSet.of(PanelKind.FRONT, PanelKind.NOSE)
                        : EnumSet.of(PanelKind.REAR, PanelKind.TAIL);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).end();
        canvas.rectangle(Matter.SKIN, canvas.at(0, -half, 0), canvas.at(0, half, top));
        box.panels(kinds);
        new BareShapes(canvas).end();
        if (station == Station.CARRIER) {
            new SolidShapes(canvas).draw();
        }
        canvas.line(
                LineKind.OUTLINE,
                canvas.at(0, -half, 0),
                canvas.at(0, -half, top),
                canvas.at(0, half, top),
                canvas.at(0, half, 0));
        box.extras();
        dimensions(kinds);
        return canvas.drawing();
    }

    private void dimensions(Set<PanelKind> kinds) {
        Point2 left = canvas.at(0, -half, top);
        Point2 right = canvas.at(0, half, top);
        int row = station == Station.OPENINGS ? openings(kinds) : 0;
        canvas.dimension("box.width", left, right, Side.TOP, row);
        Point2 outermost = left.u() > right.u() ? left : right;
        canvas.dimension(
                "box.height",
                new Point2(outermost.u(), outermost.v() - top),
                outermost,
                Side.RIGHT,
                0);
        canvas.tells(new Point2(outermost.u(), 0), outermost, Side.RIGHT, 1);
        if (station == Station.CARRIER) {
            across("deck.width", model.plan().vehicle().deck().widthMm(), 0);
            if (model.carrier().vehicle() instanceof Pickup pickup) {
                across("wells.between", pickup.bed().wells().betweenMm(), 1);
                across("bed.rail-width", pickup.bed().railWidthMm(), 2);
            }
        }
    }

    /** Dimensions a width of the carrier, the same on both sides of the middle. */
    private void across(String key, double widthMm, int row) {
        double ground = model.carrier().groundMm();
        canvas.dimension(
                key,
                canvas.at(0, -widthMm / 2, ground),
                canvas.at(0, widthMm / 2, ground),
                Side.BOTTOM,
                row);
    }

    private int openings(Set<PanelKind> kinds) {
        List<PlacedOpening> openings =
                model
                        .built()
                        .map(built -> built.get(Openings.class).placed())
                        .orElse(List.of())
                        .stream()
                        .filter(one -> kinds.contains(one.panel().kind()))
                        .toList();
        for (int i = 0; i < openings.size(); i++) {
            Bounds2 cutOut = openings.get(i).cutOut();
            String key = "opening." + openings.get(i).opening().id();
            Point2 from = canvas.at(0, cutOut.fromU(), cutOut.toV());
            canvas.dimension(key + ".along", canvas.at(0, -half, cutOut.toV()), from, Side.TOP, i);
            canvas.dimension(
                    key + ".width", from, canvas.at(0, cutOut.toU(), cutOut.toV()), Side.TOP, i);
        }
        return openings.size();
    }
}
