package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.outline.Element;
import pteron.core.outline.StripWall;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;

/**
 * Draws the box unfolded: the strip over front, roof and rear laid out flat from left to right, the right side
 * above it and the left side below, each joined to it along its longest piece, the floor behind the strip.
 */
final class UnfoldedShapes {

    /** Share of the whole length that a figure takes on its line at least. */
    private static final double FIGURE_SHARE = 0.12;

    private final BoxModel model;
    private final BoxPlan plan;
    private final Canvas canvas;
    private final double half;
    private final UnfoldedUnderside underside;

    UnfoldedShapes(BoxModel model) {
        this.model = model;
        this.plan = model.plan();
        this.canvas = Canvases.of(model, View.UNFOLDED);
        this.half = plan.box().widthMm() / 2;
        this.underside = new UnfoldedUnderside(plan.box(), canvas);
    }

    Drawing drawing() {
        List<Element> elements = model.outline().elements();
        if (elements.isEmpty()) {
            canvas.line(LineKind.OUTLINE, model.outline().points());
            return canvas.drawing();
        }
        strip(elements);
        Fold fold = Fold.of(elements);
        side(fold, 1);
        side(fold, -1);
        underside.floor(along(elements, elements.size()));
        return canvas.drawing();
    }

    private void strip(List<Element> elements) {
        double at = 0;
        for (Element element : elements) {
            double end = at + element.lengthMm();
            piece(element, at);
            if (!element.isStraight()) {
                bends(element, at);
            }
            at = end;
        }
        lengths(elements);
        stripOpenings(elements);
        for (int i = 1; i < elements.size(); i++) {
            double bend = along(elements, i);
            canvas.line(LineKind.SEAM, new Point2(bend, -half), new Point2(bend, half));
        }
        canvas.dimension("box.width", new Point2(0, -half), new Point2(0, half), Side.LEFT, 0);
    }

    /** A piece of the strip; a wall at an end is narrower below wings. */
    private void piece(Element element, double at) {
        double end = at + element.lengthMm();
        double narrow = narrowMm(element);
        boolean front = element.index() == 0;
        double from = front ? at + narrow : at;
        double to = front ? end : end - narrow;
        canvas.rectangle(Matter.SKIN, new Point2(from, -half), new Point2(to, half));
        if (narrow > 0) {
            double lower = plan.box().lowerWidthMm() / 2;
            canvas.rectangle(
                    Matter.SKIN,
                    new Point2(front ? at : to, -lower),
                    new Point2(front ? from : end, lower));
        }
    }

    /** {@return how much of a wall at an end lies below wings, along it (mm)} */
    private double narrowMm(Element element) {
        boolean first = element.index() == 0;
        boolean last = element.index() == model.outline().elements().size() - 1;
        double high = Math.abs(element.curve().to().v() - element.curve().from().v());
        if (!plan.box().details().wings().exists() || !(first || last) || high == 0) {
            return 0;
        }
        double share = Math.min(1, plan.box().details().wings().fromMm() / high);
        return share * element.lengthMm();
    }

    /** Dimensions the pieces of the strip and the floor behind it, short ones in rows of their own. */
    private void lengths(List<Element> elements) {
        double whole = along(elements, elements.size());
        double floor = underside.lengths().stream().mapToDouble(Double::doubleValue).sum();
        DimensionRows rows = new DimensionRows((whole + floor) * FIGURE_SHARE);
        double at = 0;
        for (Element element : elements) {
            length(at, at + element.lengthMm(), rows.row(at, at + element.lengthMm()));
            at += element.lengthMm();
        }
        for (double piece : underside.lengths()) {
            length(at, at + piece, rows.row(at, at + piece));
            at += piece;
        }
        length(0, whole, rows.count());
    }

    private void length(double from, double to, int row) {
        canvas.tells(new Point2(from, -half), new Point2(to, -half), Side.BOTTOM, row);
    }

    private static double along(List<Element> elements, int count) {
        return elements.subList(0, count).stream().mapToDouble(Element::lengthMm).sum();
    }

    /** Lines across a curved piece, and a mark where it bends hardest. */
    private void bends(Element element, double at) {
        for (double s : element.curve().stations()) {
            canvas.line(LineKind.HELP, new Point2(at + s, -half), new Point2(at + s, half));
        }
        Point2 hardest = new Point2(at + element.curve().hardestMm(), 0);
        canvas.add(new Shape.Mark(hardest, Shape.Mark.Kind.HARDEST));
    }

    /**
     * How a side is turned so that its longest piece lies along the strip.
     *
     * @param from where that piece begins (x, z)
     * @param way its direction
     * @param at where it begins on the strip (mm)
     * @param bulge how far that piece stands over its chord (mm)
     */
    private record Fold(Point2 from, Point2 way, double at, double bulge) {
        static Fold of(List<Element> elements) {
            double along = 0;
            double at = 0;
            Element longest = elements.getFirst();
            for (Element element : elements) {
                if (element.lengthMm() > longest.lengthMm()) {
                    longest = element;
                    at = along;
                }
                along += element.lengthMm();
            }
            Curve curve = longest.curve();
            Point2 chord = curve.to().minus(curve.from());
            Point2 unit = chord.unit();
            double bulge =
                    CurveSums.points(curve, 1).stream()
                            .mapToDouble(point -> unit.cross(point.minus(curve.from())))
                            .max()
                            .orElse(0);
            return new Fold(curve.from(), unit, at, Math.max(0, bulge));
        }

        /** {@return a point of the side laid flat above (1) or below (−1) the strip} */
        Point2 flat(Point2 point, int side, double halfMm) {
            Point2 off = point.minus(from);
            double out = -way.cross(off);
            return new Point2(at + way.dot(off), side * (halfMm + bulge + out));
        }
    }

    private void side(Fold fold, int side) {
        List<Polygon2> shapes =
                WheelArchShape.without(
                        model.outline().shape().polygon(), plan.box().details().wheelArches());
        for (Polygon2 shape : shapes.stream().flatMap(s -> underside.side(s).stream()).toList()) {
            List<Point2> corners = new ArrayList<>();
            shape.corners().forEach(c -> corners.add(fold.flat(c, side, half)));
            canvas.area(Matter.SKIN, corners);
        }
        if (!plan.box().details().wings().exists()) {
            for (Element element : model.outline().elements()) {
                List<Point2> edge = new ArrayList<>();
                CurveSums.points(element.curve(), 1)
                        .forEach(point -> edge.add(fold.flat(point, side, half)));
                canvas.line(LineKind.OUTLINE, edge);
            }
        }
        Wall wall = side > 0 ? Wall.RIGHT : Wall.LEFT;
        plan.openings().stream()
                .filter(opening -> opening.wall().equals(wall))
                .forEach(opening -> sideOpening(opening, fold, side));
    }

    private void sideOpening(Opening opening, Fold fold, int side) {
        double from = opening.place().alongMm();
        double low = plan.makeUp().floor().structureMm() + opening.place().sillMm();
        double to = from + opening.size().widthMm();
        double high = low + opening.size().heightMm();
        List<Point2> corners = new ArrayList<>();
        for (Point2 corner :
                List.of(
                        new Point2(from, low),
                        new Point2(to, low),
                        new Point2(to, high),
                        new Point2(from, high))) {
            corners.add(fold.flat(corner, side, half));
        }
        opening(opening, corners);
    }

    private void opening(Opening opening, List<Point2> corners) {
        Matter matter = opening.kind() == Opening.Kind.WINDOW ? Matter.GLASS : Matter.DOOR;
        canvas.area(matter, corners);
        canvas.add(
                new Shape.Label(
                        Polygon2.of(corners).bounds().middle(),
                        opening.name(),
                        Shape.Label.Kind.UNIT,
                        opening.size().widthMm()));
    }

    private void stripOpenings(List<Element> elements) {
        for (Opening opening : plan.openings()) {
            StripWall.of(plan, model.outline(), opening.wall())
                    .ifPresent(
                            wall ->
                                    stripOpening(
                                            opening,
                                            wall,
                                            along(elements, wall.element().index())));
        }
    }

    private void stripOpening(Opening opening, StripWall wall, double startMm) {
        Point2 low = new Point2(opening.place().alongMm(), opening.place().sillMm());
        Point2 size = new Point2(opening.size().widthMm(), opening.size().heightMm());
        Point2 high = low.plus(size);
        double from = startMm + wall.alongOutline(low);
        double to = startMm + wall.alongOutline(high);
        double left = wall.rightMm(low);
        double right = wall.rightMm(high);
        opening(
                opening,
                List.of(
                        new Point2(Math.min(from, to), right),
                        new Point2(Math.max(from, to), right),
                        new Point2(Math.max(from, to), left),
                        new Point2(Math.min(from, to), left)));
    }
}
