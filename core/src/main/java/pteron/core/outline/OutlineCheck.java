package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;

/** Whether a box can be built on an outline. */
final class OutlineCheck {

    /** Shortest edge that can be cut and fixed (mm): a finger's width; common practice. */
    static final double SHORTEST_EDGE_MM = 20;

    private OutlineCheck() {}

    static List<Finding> findings(List<Point2> points) {
        List<Finding> findings = new ArrayList<>();
        standsOnDeck(points, findings);
        closed(points, findings);
        edgesLongEnough(points, findings);
        if (findings.isEmpty()) {
            runsFrontToRear(points, findings);
        }
        return findings;
    }

    static boolean stops(List<Finding> findings) {
        return findings.stream().anyMatch(finding -> finding.severity() == Severity.STOPS);
    }

    private static void standsOnDeck(List<Point2> points, List<Finding> findings) {
        for (int i = 0; i < points.size() - 1; i++) {
            double z = points.get(i).v();
            boolean foot = i == 0;
            if (foot ? !Tolerance.PENCIL.sameLength(z, 0) : z < -Tolerance.PENCIL.lengthMm()) {
                findings.add(offFloor("OUTLINE_NOT_ON_FLOOR", i, points.get(i)));
            }
        }
    }

    private static void closed(List<Point2> points, List<Finding> findings) {
        Point2 last = points.getLast();
        if (!Tolerance.PENCIL.sameLength(last.v(), 0)) {
            findings.add(offFloor("OUTLINE_NOT_CLOSED", points.size() - 1, last));
        }
    }

    private static Finding offFloor(String code, int index, Point2 point) {
        return new Finding(
                code,
                Severity.STOPS,
                corner(index, point),
                Quantity.mm(point.v()),
                Limit.atMost(Quantity.mm(0)),
                new Cure("PUT_POINT_ON_FLOOR", Quantity.mm(0), plan -> onFloor(plan, index)));
    }

    private static BoxPlan onFloor(BoxPlan plan, int index) {
        List<OutlinePoint> outline = new ArrayList<>(plan.box().outline());
        outline.set(index, new OutlinePoint(outline.get(index).xMm(), 0));
        return plan.withBox(plan.box().withOutline(outline));
    }

    private static void edgesLongEnough(List<Point2> points, List<Finding> findings) {
        for (int i = 0; i < points.size() - 1; i++) {
            double length = points.get(i).distance(points.get(i + 1));
            if (length < SHORTEST_EDGE_MM) {
                findings.add(
                        new Finding(
                                "OUTLINE_EDGE_TOO_SHORT",
                                Severity.STOPS,
                                corner(i + 1, points.get(i + 1)),
                                Quantity.mm(length),
                                Limit.atLeast(Quantity.mm(SHORTEST_EDGE_MM)),
                                Cure.advice(
                                        "MOVE_OR_REMOVE_POINT",
                                        Quantity.mm(SHORTEST_EDGE_MM - length))));
            }
        }
    }

    private static void runsFrontToRear(List<Point2> points, List<Finding> findings) {
        boolean crosses = !Polygon2.of(points).isSimple();
        if (crosses || Polygon2.signedArea(points) >= 0) {
            findings.add(
                    new Finding(
                            crosses ? "OUTLINE_CROSSES_ITSELF" : "OUTLINE_RUNS_BACKWARDS",
                            Severity.STOPS,
                            Place.of("outline"),
                            Quantity.count(1),
                            Limit.atMost(Quantity.count(0)),
                            Cure.advice("REORDER_POINTS", Quantity.count(points.size()))));
        }
    }

    private static Place corner(int index, Point2 point) {
        return Place.of("outline", "corner-" + index).at(point.u(), point.v());
    }
}
