package pteron.core.picture;

import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Matter;
import pteron.core.frame.Frame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.StripWall;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Opening;
import pteron.core.shell.PanelKind;

/** Draws what the outline alone tells of the box: bare walls with their openings. */
final class BareShapes {

    private final Canvas canvas;

    BareShapes(Canvas canvas) {
        this.canvas = canvas;
    }

    /** Draws a side: its skin with arches cut out, its openings. */
    void side(PanelKind side) {
        var plan = canvas.box().plan();
        WheelArchShape.without(
                        canvas.box().get(Outline.class).shape().polygon(),
                        plan.box().details().wheelArches())
                .forEach(
                        shape ->
                                canvas.area(
                                        Matter.SKIN,
                                        shape.corners().stream()
                                                .map(c -> canvas.at(c.u(), 0, c.v()))
                                                .toList()));
        openings(side);
    }

    /** Draws the openings of the strip that a view looks at. */
    void strip() {
        if (canvas.box().find(Frame.class).isEmpty()) {
            PanelKind.seenIn(canvas.view()).forEach(this::openings);
        }
    }

    private void openings(PanelKind seen) {
        canvas.box().plan().openings().stream()
                .filter(opening -> opening.wall().part().name().equals(seen.name()))
                .forEach(this::opening);
    }

    private void opening(Opening opening) {
        var at = opening.place();
        var size = opening.size();
        Optional<StripWall> wall =
                StripWall.of(canvas.box().plan(), canvas.box().get(Outline.class), opening.wall());
        if (wall.isEmpty() && !opening.wall().isSide()) {
            return;
        }
        List<Point2> corners =
                Polygon2.rectangle(
                                new Bounds2(
                                        at.alongMm(),
                                        at.alongMm() + size.widthMm(),
                                        at.sillMm(),
                                        at.sillMm() + size.heightMm()))
                        .corners();
        List<Point2> seen = corners.stream().map(corner -> canvas.at(at(wall, corner))).toList();
        Axes axes =
                new Axes(
                        seen.get(1).minus(seen.get(0)).times(1 / size.widthMm()),
                        seen.get(3).minus(seen.get(0)).times(1 / size.heightMm()));
        if (axes.canBeMoved()) {
            new PanelShapes(canvas).opening(opening, seen, axes);
        }
    }

    private Point3 at(Optional<StripWall> wall, Point2 place) {
        double floor = canvas.box().plan().makeUp().floor().structureMm();
        return wall.map(strip -> strip.at(place))
                .orElseGet(() -> new Point3(place.u(), 0, floor + place.v()));
    }
}
