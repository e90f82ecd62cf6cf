package pteron.core.picture;

import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.View;
import pteron.core.frame.Frame;
import pteron.core.geometry.Point2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
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
        openings(side == PanelKind.LEFT ? Opening.Wall.LEFT : Opening.Wall.RIGHT);
    }

    /** Draws the openings of front or rear. */
    void end() {
        if (canvas.box().find(Frame.class).isEmpty()) {
            openings(canvas.view() == View.FRONT ? Opening.Wall.FRONT : Opening.Wall.REAR);
        }
    }

    private void openings(Opening.Wall wall) {
        canvas.box().plan().openings().stream()
                .filter(opening -> opening.wall() == wall)
                .forEach(this::opening);
    }

    private void opening(Opening opening) {
        var plan = canvas.box().plan();
        boolean onSide =
                opening.wall() == Opening.Wall.LEFT || opening.wall() == Opening.Wall.RIGHT;
        double from = opening.place().alongMm() - (onSide ? 0 : plan.box().widthMm() / 2);
        double to = from + opening.size().widthMm();
        double low = plan.makeUp().floor().structureMm() + opening.place().sillMm();
        double high = low + opening.size().heightMm();
        Point2 one = onSide ? canvas.at(from, 0, low) : canvas.at(0, from, low);
        Point2 other = onSide ? canvas.at(to, 0, high) : canvas.at(0, to, high);
        new PanelShapes(canvas)
                .opening(
                        opening,
                        List.of(
                                one,
                                new Point2(other.u(), one.v()),
                                other,
                                new Point2(one.u(), other.v())));
    }
}
