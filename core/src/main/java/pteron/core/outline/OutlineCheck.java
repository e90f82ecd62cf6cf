package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;

/** Whether a box can be built on an outline. */
final class OutlineCheck {

    /** Shortest edge that can be cut and fixed (mm): a finger's width; common practice. */
    static final double SHORTEST_EDGE_MM = 20;

    private OutlineCheck() {}

    /** {@return what is wrong with the corners as the plan gives them} */
    static List<Finding> ofCorners(Box box, List<Point2> points) {
        List<Finding> findings = new ArrayList<>();
        DropFloor drop = box.details().dropFloor();
        double lowest = drop.exists() ? -drop.depthMm() : 0;
        standsOnDeck(points, lowest, findings);
        closed(points, lowest, findings);
        edgesLongEnough(points, findings);
        dropLiesUnderBox(drop, points, findings);
        return findings;
    }

    /** {@return what is wrong with the curves between them} */
    static List<Finding> ofCurves(Box box, Chain chain, List<Curve> closed) {
        List<Finding> findings = new ArrayList<>();
        for (Chain.Fault fault : chain.faults()) {
            findings.add(finding(box, fault));
        }
        if (!stops(findings)) {
            runsFrontToRear(SideShape.points(closed), box.outline().size(), findings);
        }
        return findings;
    }

    static boolean stops(List<Finding> findings) {
        return findings.stream().anyMatch(finding -> finding.severity() == Severity.STOPS);
    }

    private static Finding finding(Box box, Chain.Fault fault) {
        OutlinePoint point = box.outline().get(fault.point());
        Severity severity =
                fault.kind() == Chain.Fault.Kind.BATTEN_HAS_NO_LINE
                        ? Severity.STOPS
                        : Severity.WATCH;
        double to = Math.floor(fault.limitMm());
        Cure cure =
                switch (fault.kind()) {
                    case ARC_IS_FLAT -> Cure.advice("MOVE_SPOT_OFF_THE_LINE", Quantity.mm(0));
                    case BATTEN_HAS_NO_LINE -> Cure.advice("MOVE_SPOTS_APART", Quantity.mm(0));
                    case FILLET_TOO_LARGE, FILLET_AT_CURVE ->
                            Cure.press(
                                    "SET_FILLET",
                                    Quantity.mm(to),
                                    "corner",
                                    (double) fault.point());
                };
        return new Finding(
                "OUTLINE_" + fault.kind(),
                severity,
                corner(fault.point(), Chain.point(point)),
                Quantity.mm(fault.hasMm()),
                Limit.atMost(Quantity.mm(fault.limitMm())),
                cure);
    }

    private static void standsOnDeck(List<Point2> points, double lowest, List<Finding> findings) {
        for (int i = 0; i < points.size() - 1; i++) {
            double z = points.get(i).v();
            boolean foot = i == 0;
            boolean low = z < lowest - Tolerance.PENCIL.lengthMm();
            if (foot ? !Tolerance.PENCIL.sameLength(z, 0) : low) {
                findings.add(offFloor("OUTLINE_NOT_ON_FLOOR", i, points.get(i), 0));
            }
        }
    }

    private static void closed(List<Point2> points, double lowest, List<Finding> findings) {
        Point2 last = points.getLast();
        if (!Tolerance.PENCIL.sameLength(last.v(), lowest)) {
            findings.add(offFloor("OUTLINE_NOT_CLOSED", points.size() - 1, last, lowest));
        }
    }

    private static Finding offFloor(String code, int index, Point2 point, double floorMm) {
        return new Finding(
                code,
                Severity.STOPS,
                corner(index, point),
                Quantity.mm(point.v()),
                Limit.atMost(Quantity.mm(floorMm)),
                Cure.press("PUT_POINT_ON_FLOOR", Quantity.mm(floorMm), "corner", (double) index));
    }

    private static void dropLiesUnderBox(
            DropFloor drop, List<Point2> points, List<Finding> findings) {
        double front = points.getFirst().u();
        double rear = points.getLast().u();
        double from = drop.fromMm();
        if (drop.exists() && (from < front + SHORTEST_EDGE_MM || from > rear - SHORTEST_EDGE_MM)) {
            findings.add(
                    new Finding(
                            "DROP_FLOOR_NOT_UNDER_BOX",
                            Severity.STOPS,
                            Place.of(OutlineStation.OUTLINE, "drop-floor")
                                    .at(from, -drop.depthMm()),
                            Quantity.mm(from),
                            Limit.atMost(Quantity.mm(rear - SHORTEST_EDGE_MM)),
                            Cure.advice("MOVE_DROP_FLOOR", Quantity.mm(rear - SHORTEST_EDGE_MM))));
        }
    }

    /** Every line of the side, the floor from the rear foot to the front foot among them. */
    private static void edgesLongEnough(List<Point2> points, List<Finding> findings) {
        for (int i = 0; i < points.size(); i++) {
            Point2 next = points.get((i + 1) % points.size());
            double length = points.get(i).distance(next);
            if (length < SHORTEST_EDGE_MM) {
                int last = Math.min(i + 1, points.size() - 1);
                findings.add(
                        new Finding(
                                "OUTLINE_EDGE_TOO_SHORT",
                                Severity.STOPS,
                                corner(last, points.get(last)),
                                Quantity.mm(length),
                                Limit.atLeast(Quantity.mm(SHORTEST_EDGE_MM)),
                                Cure.advice(
                                        "MOVE_OR_REMOVE_POINT",
                                        Quantity.mm(SHORTEST_EDGE_MM - length))));
            }
        }
    }

    private static void runsFrontToRear(List<Point2> closed, int corners, List<Finding> findings) {
        boolean crosses = !Polygon2.of(closed).isSimple();
        if (crosses || Polygon2.signedArea(closed) >= 0) {
            findings.add(
                    new Finding(
                            crosses ? "OUTLINE_CROSSES_ITSELF" : "OUTLINE_RUNS_BACKWARDS",
                            Severity.STOPS,
                            Place.of(OutlineStation.OUTLINE),
                            Quantity.count(1),
                            Limit.atMost(Quantity.count(0)),
                            Cure.advice("REORDER_POINTS", Quantity.count(corners))));
        }
    }

    private static Place corner(int index, Point2 point) {
        return Place.of(OutlineStation.OUTLINE, "corner-" + index).at(point.u(), point.v());
    }
}
