package pteron.core.outline;

import java.util.List;
import pteron.core.curve.Batten;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Grip;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.PlanKeys;

/** Draws uprights, handles and where curves bend hardest. */
final class OutlineShapes {

    /** Half the side of a handle's area (mm). */
    private static final double REACH_MM = 60;

    /** How far the number of a corner stands from it (mm). */
    private static final double NUMBER_MM = 110;

    private final Canvas canvas;
    private final BoxPlan plan;
    private final Outline outline;

    OutlineShapes(Canvas canvas) {
        this.canvas = canvas;
        this.plan = canvas.box().plan();
        this.outline = canvas.box().get(Outline.class);
    }

    void draw() {
        if (!outline.isOfFlatPanels()) {
            uprights();
        }
        hardest();
        lines();
        handles();
    }

    private Point2 at(Point2 point) {
        return canvas.at(point.u(), 0, point.v());
    }

    private void uprights() {
        for (Upright upright : UprightSetting.of(plan.makeUp()).under(outline)) {
            double x = upright.placeMm();
            canvas.line(
                    LineKind.HELP,
                    canvas.at(x, 0, upright.footMm()),
                    canvas.at(x, 0, upright.frontFaceMm()));
        }
    }

    private void hardest() {
        for (Element element : outline.elements()) {
            Curve curve = element.curve();
            if (curve instanceof Batten) {
                Point2 place = at(curve.at(curve.hardestMm()));
                canvas.add(new Shape.Mark(place, Shape.Mark.Kind.HARDEST));
            }
        }
    }

    /** The lines between the corners, to be clicked. */
    private void lines() {
        List<OutlinePoint> points = plan.box().outline();
        for (int i = 1; i < points.size(); i++) {
            int corner = i;
            List<Point2> path =
                    outline.elements().stream()
                            .filter(element -> element.point() == corner)
                            .flatMap(element -> CurveSums.points(element.curve(), 1).stream())
                            .map(this::at)
                            .toList();
            if (path.size() > 1) {
                canvas.grip(Grip.along(PlanKeys.line(i), path, canvas.axes()));
            }
        }
    }

    /** The number that findings and inputs call a corner by, outside of the box. */
    private void number(int index, Point2 corner) {
        Point2 middle = at(outline.shape().bounds().middle());
        double u = corner.u() - Math.copySign(NUMBER_MM, middle.u() - corner.u());
        double v = corner.v() - Math.copySign(NUMBER_MM, middle.v() - corner.v());
        canvas.add(
                new Shape.Label(
                        new Point2(u, v),
                        Integer.toString(index + 1),
                        Shape.Label.Kind.NUMBER,
                        NUMBER_MM));
    }

    private void handles() {
        List<OutlinePoint> points = plan.box().outline();
        Axes axes = canvas.axes();
        for (int i = 0; i < points.size(); i++) {
            OutlinePoint point = points.get(i);
            List<Spot> spots = point.link().through();
            for (int k = 0; k < spots.size(); k++) {
                Point2 spot = at(new Point2(spots.get(k).xMm(), spots.get(k).zMm()));
                canvas.add(new Shape.Mark(spot, Shape.Mark.Kind.SPOT));
                canvas.grip(grip(PlanKeys.spot(i, k), spot, axes));
            }
            Point2 corner = at(new Point2(point.xMm(), point.zMm()));
            canvas.add(new Shape.Mark(corner, Shape.Mark.Kind.HANDLE));
            number(i, corner);
            canvas.grip(grip(PlanKeys.corner(i), corner, axes));
        }
    }

    private static Grip grip(String key, Point2 at, Axes axes) {
        Bounds2 area =
                new Bounds2(
                        at.u() - REACH_MM, at.u() + REACH_MM, at.v() - REACH_MM, at.v() + REACH_MM);
        return new Grip(key, area, axes, Grip.Kind.OUTLINE);
    }
}
