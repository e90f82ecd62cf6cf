package pteron.core.picture;

import java.util.List;
import java.util.Optional;
import pteron.core.curve.Curve;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.frame.Frame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.StripWall;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Opening;
import pteron.core.shell.PanelKind;

/** Draws what the outline alone tells of the box: bare walls with their openings, edges of the roof. */
final class BareShapes {

    private final Canvas canvas;

    BareShapes(Canvas canvas) {
        this.canvas = canvas;
    }

    /** The roof over front and rear, with its drip edge. */
    void overhang() {
        Outline outline = canvas.box().get(Outline.class);
        var over = canvas.box().plan().box().details().overhang();
        if (!over.exists() || !outline.usable()) {
            return;
        }
        List<Element> roofs =
                outline.elements().stream().filter(e -> e.kind() == EdgeKind.ROOF).toList();
        if (!roofs.isEmpty()) {
            Curve first = roofs.getFirst().curve();
            Curve last = roofs.getLast().curve();
            edge(first.from(), first.direction(0).times(-over.frontMm()), over.dripMm());
            Point2 way = last.direction(last.lengthMm());
            edge(last.to(), way.times(over.rearMm()), over.dripMm());
        }
    }

    /** The roof beyond a wall, and what drips hang from it. */
    private void edge(Point2 from, Point2 over, double dripMm) {
        Point2 end = from.plus(over);
        if (over.length() > 0) {
            canvas.line(
                    LineKind.OUTLINE,
                    canvas.at(from.u(), 0, from.v()),
                    canvas.at(end.u(), 0, end.v()),
                    canvas.at(end.u(), 0, end.v() - dripMm));
        }
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
