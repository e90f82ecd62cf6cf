package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Working;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Box;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Checks and measures the outline of a box. */
public final class OutlineStage {

    /** Rise up to which an edge is roof (degrees); common practice: one can still walk on it. */
    public static final double STEEPEST_ROOF_DEGREES = 30;

    private OutlineStage() {}

    /**
     * {@return the outline of a box}
     *
     * @param box the box as planned
     */
    public static Outline of(Box box) {
        List<Point2> points =
                box.outline().stream().map(point -> new Point2(point.xMm(), point.zMm())).toList();
        List<Finding> findings = OutlineCheck.findings(points);
        if (OutlineCheck.stops(findings)) {
            return new Outline(points, List.of(), List.of(), 0, false, List.of(), findings);
        }
        List<Edge> edges = edges(points);
        List<Corner> corners = corners(edges);
        double area = Polygon2.of(points).area();
        Outline bare = new Outline(points, edges, corners, area, true, List.of(), findings);
        return new Outline(points, edges, corners, area, true, figures(bare, box), findings);
    }

    private static List<Edge> edges(List<Point2> points) {
        List<Edge> edges = new ArrayList<>();
        int last = points.size() - 2;
        for (int i = 0; i <= last; i++) {
            Edge bare = new Edge(i, EdgeKind.ROOF, points.get(i), points.get(i + 1));
            edges.add(new Edge(i, kind(bare, last), bare.from(), bare.to()));
        }
        return edges;
    }

    private static EdgeKind kind(Edge edge, int last) {
        if (edge.index() == 0) {
            return EdgeKind.FRONT;
        }
        if (edge.index() == last) {
            return EdgeKind.REAR;
        }
        double rise = edge.riseDegrees();
        return Math.abs(rise) <= STEEPEST_ROOF_DEGREES
                ? EdgeKind.ROOF
                : rise > 0 ? EdgeKind.NOSE : EdgeKind.TAIL;
    }

    private static List<Corner> corners(List<Edge> edges) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 1; i < edges.size(); i++) {
            Point2 before = edges.get(i - 1).line().direction();
            Point2 after = edges.get(i).line().direction();
            double turn = Math.toDegrees(Math.atan2(after.cross(before), after.dot(before)));
            corners.add(new Corner(edges.get(i).from(), turn));
        }
        return corners;
    }

    private static List<Figure> figures(Outline outline, Box box) {
        List<Figure> figures = new ArrayList<>();
        figures.add(
                span(
                        "outline.length",
                        "Length of the box",
                        outline.foremostMm(),
                        outline.rearmostMm()));
        figures.add(span("outline.height", "Height over the deck", 0, outline.heightMm()));
        figures.add(width(box));
        for (int i = 0; i < outline.edges().size(); i++) {
            figures.add(stripLength(outline.edges().get(i)));
        }
        figures.add(strip(outline));
        for (int i = 0; i < outline.corners().size(); i++) {
            figures.add(mitre(i + 1, outline.corners().get(i)));
        }
        figures.add(sideArea(outline));
        figures.add(volume(outline, box));
        return figures;
    }

    private static Figure span(String key, String name, double from, double to) {
        return Figure.of(
                key,
                name,
                Quantity.mm(to - from),
                () ->
                        Working.of("length = last − first")
                                .plan("first", "least measure of the outline", Quantity.mm(from))
                                .plan("last", "greatest measure of the outline", Quantity.mm(to))
                                .source("geometry"));
    }

    private static Figure width(Box box) {
        Quantity width = Quantity.mm(box.widthMm());
        return Figure.of(
                "outline.width",
                "Outside width",
                width,
                () -> Working.of("W").plan("W", "outside width", width).source("the plan"));
    }

    private static Figure stripLength(Edge edge) {
        return Figure.of(
                "outline.strip." + edge.index(),
                "Length of strip "
                        + (edge.index() + 1)
                        + ", "
                        + edge.kind().name().toLowerCase(Locale.ROOT),
                Quantity.mm(edge.lengthMm()),
                () ->
                        Working.of("length = sqrt(run² + rise²)")
                                .plan(
                                        "run",
                                        "along the box",
                                        Quantity.mm(edge.to().u() - edge.from().u()))
                                .plan(
                                        "rise",
                                        "upwards",
                                        Quantity.mm(edge.to().v() - edge.from().v()))
                                .source("Pythagoras"));
    }

    private static Figure strip(Outline outline) {
        double total = outline.edges().stream().mapToDouble(Edge::lengthMm).sum();
        return Figure.of(
                "outline.strip-total",
                "Whole strip, foot to foot",
                Quantity.mm(total),
                () -> {
                    Working.Builder working = Working.of("whole strip = sum of its lengths");
                    for (Edge edge : outline.edges()) {
                        working.worked(
                                "l" + (edge.index() + 1),
                                edge.kind().name().toLowerCase(Locale.ROOT),
                                Quantity.mm(edge.lengthMm()));
                    }
                    return working.source("geometry");
                });
    }

    private static Figure mitre(int number, Corner corner) {
        return Figure.of(
                "outline.mitre." + number,
                "Mitre at corner " + number,
                Quantity.degrees(corner.mitreDegrees()),
                () ->
                        Working.of("mitre = turn / 2")
                                .worked(
                                        "turn",
                                        "how far the outline turns there",
                                        Quantity.degrees(corner.turnDegrees()))
                                .source(
                                        "geometry: half the turn, for pieces of one depth; common practice"));
    }

    private static Figure sideArea(Outline outline) {
        Quantity area = new Quantity(outline.areaMm2() / 1e6, Unit.SQUARE_METRE);
        return Figure.of(
                "outline.side-area",
                "Area of one side",
                area,
                () ->
                        Working.of("A = half the sum of x(i) z(i+1) − x(i+1) z(i)")
                                .plan(
                                        "n",
                                        "corners of the outline",
                                        Quantity.count(outline.points().size()))
                                .source("shoelace formula, Gauss"));
    }

    private static Figure volume(Outline outline, Box box) {
        return Figure.of(
                "outline.volume",
                "Outside volume",
                new Quantity(outline.areaMm2() * box.widthMm() / 1e9, Unit.CUBIC_METRE),
                () ->
                        Working.of("V = A · W")
                                .worked(
                                        "A",
                                        "area of one side",
                                        new Quantity(outline.areaMm2() / 1e6, Unit.SQUARE_METRE))
                                .plan("W", "outside width", Quantity.mm(box.widthMm()))
                                .source("geometry"));
    }
}
