package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Batten;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.outline.Element;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;

/** Draws the matter of the outline station: room inside, uprights, handles, where curves bend hardest. */
final class OutlineShapes {

    /** Half the side of a handle's area (mm). */
    private static final double REACH_MM = 60;

    private final Canvas canvas;
    private final BoxModel model;

    OutlineShapes(Canvas canvas) {
        this.canvas = canvas;
        this.model = canvas.model();
    }

    void draw() {
        model.inside().room().ifPresent(this::inside);
        if (!model.outline().isOfFlatPanels()) {
            uprights();
        }
        hardest();
        handles();
    }

    private void inside(Polygon2 room) {
        List<Point2> corners = new ArrayList<>();
        room.corners().forEach(corner -> corners.add(at(corner)));
        corners.add(corners.getFirst());
        canvas.line(LineKind.INSIDE, corners);
    }

    private Point2 at(Point2 point) {
        return canvas.at(point.u(), 0, point.v());
    }

    private void uprights() {
        for (Upright upright : UprightSetting.of(model.plan().makeUp()).under(model.outline())) {
            double x = upright.placeMm();
            canvas.line(
                    LineKind.HELP,
                    canvas.at(x, 0, upright.footMm()),
                    canvas.at(x, 0, upright.frontFaceMm()));
        }
    }

    private void hardest() {
        for (Element element : model.outline().elements()) {
            Curve curve = element.curve();
            if (curve instanceof Batten) {
                Point2 place = at(curve.at(curve.hardestMm()));
                canvas.add(new Shape.Mark(place, Shape.Mark.Kind.HARDEST));
            }
        }
    }

    private void handles() {
        List<OutlinePoint> points = model.plan().box().outline();
        int direction = canvas.view() == View.RIGHT ? -1 : 1;
        for (int i = 0; i < points.size(); i++) {
            OutlinePoint point = points.get(i);
            List<Spot> spots = point.link().through();
            for (int k = 0; k < spots.size(); k++) {
                Point2 spot = at(new Point2(spots.get(k).xMm(), spots.get(k).zMm()));
                canvas.add(new Shape.Mark(spot, Shape.Mark.Kind.SPOT));
                canvas.grip(grip("outline." + i + ".spot." + k, spot, direction));
            }
            Point2 corner = at(new Point2(point.xMm(), point.zMm()));
            canvas.add(new Shape.Mark(corner, Shape.Mark.Kind.HANDLE));
            canvas.grip(grip("outline." + i, corner, direction));
        }
    }

    private static Grip grip(String key, Point2 at, int direction) {
        Bounds2 area =
                new Bounds2(
                        at.u() - REACH_MM, at.u() + REACH_MM, at.v() - REACH_MM, at.v() + REACH_MM);
        return new Grip(key, area, direction, Grip.Kind.OUTLINE);
    }

    /** {@return the outline as a chain of points, the underside among them} */
    static List<Point2> chain(BoxModel model) {
        List<Point2> chain = new ArrayList<>();
        for (Element element : model.outline().elements()) {
            chain.addAll(CurveSums.points(element.curve(), 0.5));
        }
        var drop = model.plan().box().details().dropFloor();
        if (!chain.isEmpty() && drop.exists()) {
            chain.add(new Point2(drop.fromMm(), -drop.depthMm()));
            chain.add(new Point2(drop.fromMm(), 0));
            chain.add(chain.getFirst());
        }
        return chain.isEmpty() ? model.outline().points() : chain;
    }
}
