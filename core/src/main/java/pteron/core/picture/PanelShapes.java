package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Grip;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Hull;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.PlacedOpening;
import pteron.core.plan.Opening;
import pteron.core.shell.Panel;
import pteron.core.surface.Surface;

/** Draws what lies in the plane of a panel: its area, a member, an opening. */
final class PanelShapes {

    private final Canvas canvas;

    PanelShapes(Canvas canvas) {
        this.canvas = canvas;
    }

    /** Adds a polygon of a panel, seen from outside. */
    void flat(Matter matter, Panel panel, Polygon2 shape) {
        canvas.area(matter, onPanel(panel, shape));
    }

    private List<Point2> onPanel(Panel panel, Polygon2 shape) {
        return panel.surface().outline(shape, 0).stream().map(canvas::at).toList();
    }

    /** Adds what can be seen of a member: the outline of its shadow. */
    void member(Member member, double use) {
        Surface surface = member.surface();
        List<Point2> shadow =
                member.bend().isPresent()
                        ? seen(surface.outline(member.profile(), member.fromInwardMm()))
                        : Hull.of(box(member, surface));
        Matter matter = Matter.ofMember(member.section().isTube());
        canvas.add(new Shape.Area(shadow, matter, member.name(), use));
    }

    private List<Point2> seen(List<Point3> points) {
        return points.stream().map(canvas::at).toList();
    }

    private List<Point2> box(Member member, Surface surface) {
        List<Point2> corners = new ArrayList<>();
        for (Point2 corner : member.profile().corners()) {
            corners.add(canvas.at(surface.at(corner, member.fromInwardMm())));
            corners.add(canvas.at(surface.at(corner, member.toInwardMm())));
        }
        return corners;
    }

    /** Adds an opening as it lies in its panel; one that is seen edge on is left out. */
    void opening(PlacedOpening one) {
        Axes axes = canvas.axes(one.panel().surface(), one.cutOut().middle());
        if (axes.canBeMoved()) {
            List<Point2> corners = onPanel(one.panel(), Polygon2.rectangle(one.cutOut()));
            opening(one.opening(), corners, axes);
        }
    }

    /** Adds an opening with its name and its grip. */
    void opening(Opening opening, List<Point2> corners, Axes axes) {
        Matter matter = opening.kind() == Opening.Kind.WINDOW ? Matter.GLASS : Matter.DOOR;
        canvas.add(new Shape.Area(corners, matter, opening.id(), 0));
        Bounds2 bounds = Polygon2.of(corners).bounds();
        canvas.add(
                new Shape.Label(
                        bounds.middle(), opening.name(), Shape.Label.Kind.UNIT, bounds.width()));
        canvas.grip(new Grip(opening.id(), bounds, axes, Grip.Kind.OPENING));
    }
}
