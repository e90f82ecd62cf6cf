package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.Arc;
import pteron.core.curve.BattenSolver;
import pteron.core.curve.Curve;
import pteron.core.curve.Fillet;
import pteron.core.curve.Straight;
import pteron.core.geometry.Point2;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.quantity.Tolerance;

/**
 * The curves of an outline as the plan draws them, before they are named.
 *
 * @param curves lines and curves in the order of the walk, fillets among them
 * @param points for each the index of the corner that it arrives at or rounds
 * @param faults corners where a curve or fillet could not be drawn; a straight line or a sharp corner
 *     stands in for it
 */
record Chain(List<Curve> curves, List<Integer> points, List<Fault> faults) {

    /**
     * Something that could not be drawn.
     *
     * @param kind what
     * @param point index of the corner
     * @param hasMm what there is (mm)
     * @param limitMm what there may be (mm)
     */
    record Fault(Kind kind, int point, double hasMm, double limitMm) {
        /** Kinds of fault. */
        enum Kind {
            /** The three points of an arc lie on a line. */
            ARC_IS_FLAT,
            /** No line of least bending goes through the points. */
            BATTEN_HAS_NO_LINE,
            /** A fillet takes more than its lines have. */
            FILLET_TOO_LARGE,
            /** A fillet at the end of a curve. */
            FILLET_AT_CURVE
        }
    }

    static Chain of(Box box) {
        List<OutlinePoint> points = box.outline();
        List<Curve> bare = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 1; i < points.size(); i++) {
            bare.add(curve(points.get(i - 1), points.get(i), i, faults));
        }
        return new Rounding(points, bare, faults).chain();
    }

    static Point2 point(OutlinePoint corner) {
        return new Point2(corner.xMm(), corner.zMm());
    }

    static Point2 point(Spot spot) {
        return new Point2(spot.xMm(), spot.zMm());
    }

    private static Curve curve(
            OutlinePoint before, OutlinePoint corner, int index, List<Fault> faults) {
        Point2 from = point(before);
        Point2 to = point(corner);
        Optional<? extends Curve> found =
                switch (corner.link()) {
                    case OutlinePoint.Straight straight -> Optional.of(new Straight(from, to));
                    case OutlinePoint.Arc arc -> Arc.through(from, point(arc.spot()), to);
                    case OutlinePoint.Batten batten -> {
                        List<Point2> all = new ArrayList<>(List.of(from));
                        batten.spots().forEach(spot -> all.add(point(spot)));
                        all.add(to);
                        yield BattenSolver.through(all);
                    }
                };
        if (found.isPresent()) {
            return found.get();
        }
        boolean arc = corner.link() instanceof OutlinePoint.Arc;
        Fault.Kind kind = arc ? Fault.Kind.ARC_IS_FLAT : Fault.Kind.BATTEN_HAS_NO_LINE;
        faults.add(new Fault(kind, index, 0, 0));
        return new Straight(from, to);
    }

    /** Puts fillets between straight lines. */
    private static final class Rounding {
        private final List<OutlinePoint> corners;
        private final List<Curve> bare;
        private final List<Fault> faults;
        private final List<Curve> curves = new ArrayList<>();
        private final List<Integer> points = new ArrayList<>();

        Rounding(List<OutlinePoint> corners, List<Curve> bare, List<Fault> faults) {
            this.corners = corners;
            this.bare = bare;
            this.faults = faults;
        }

        Chain chain() {
            Point2 from = bare.getFirst().from();
            for (int i = 0; i < bare.size(); i++) {
                Optional<Fillet> fillet = fillet(i);
                Curve curve = bare.get(i);
                Point2 to = fillet.map(f -> f.arc().from()).orElse(curve.to());
                add(curve instanceof Straight ? new Straight(from, to) : curve, i + 1);
                from = curve.to();
                if (fillet.isPresent()) {
                    add(fillet.get().arc(), i + 1);
                    from = fillet.get().arc().to();
                }
            }
            return new Chain(curves, points, faults);
        }

        private void add(Curve curve, int point) {
            curves.add(curve);
            points.add(point);
        }

        /** {@return the fillet after the curve of that index} */
        private Optional<Fillet> fillet(int index) {
            double radius = index + 1 < corners.size() - 1 ? corners.get(index + 1).filletMm() : 0;
            if (radius == 0) {
                return Optional.empty();
            }
            boolean straight =
                    bare.get(index) instanceof Straight && bare.get(index + 1) instanceof Straight;
            if (!straight) {
                faults.add(new Fault(Fault.Kind.FILLET_AT_CURVE, index + 1, radius, 0));
                return Optional.empty();
            }
            double most = greatest(index);
            if (radius > most) {
                faults.add(new Fault(Fault.Kind.FILLET_TOO_LARGE, index + 1, radius, most));
                return Optional.empty();
            }
            return Optional.of(made(index, radius));
        }

        private Fillet made(int index, double radius) {
            return Fillet.of(
                    bare.get(index).from(), bare.get(index).to(), bare.get(index + 1).to(), radius);
        }

        /** {@return greatest radius that leaves the fillets next to it their room (mm)} */
        private double greatest(int index) {
            Point2 way = bare.get(index).direction(0);
            Point2 next = bare.get(index + 1).direction(0);
            double turn = Math.abs(Math.atan2(way.cross(next), way.dot(next)));
            if (turn < Tolerance.DIRECTION) {
                return 0;
            }
            double room =
                    Math.min(
                            bare.get(index).lengthMm() - taken(index - 1),
                            bare.get(index + 1).lengthMm() - taken(index + 1));
            return Math.max(0, room - OutlineCheck.SHORTEST_EDGE_MM) / Math.tan(turn / 2);
        }

        /** {@return what the fillet after a curve takes off it, were it drawn (mm)} */
        private double taken(int index) {
            boolean rounds =
                    index >= 0
                            && index + 2 < corners.size()
                            && corners.get(index + 1).filletMm() > 0
                            && bare.get(index) instanceof Straight
                            && bare.get(index + 1) instanceof Straight;
            if (!rounds) {
                return 0;
            }
            Point2 way = bare.get(index).direction(0);
            Point2 next = bare.get(index + 1).direction(0);
            double turn = Math.abs(Math.atan2(way.cross(next), way.dot(next)));
            return corners.get(index + 1).filletMm() * Math.tan(turn / 2);
        }
    }

    /** {@return the underside from the rear foot to the front foot} */
    static List<Curve> underside(Box box) {
        Point2 rear = point(box.outline().getLast());
        Point2 front = point(box.outline().getFirst());
        DropFloor drop = box.details().dropFloor();
        if (!drop.exists()) {
            return List.of(new Straight(rear, front));
        }
        Point2 low = new Point2(drop.fromMm(), -drop.depthMm());
        Point2 high = new Point2(drop.fromMm(), 0);
        return List.of(new Straight(rear, low), new Straight(low, high), new Straight(high, front));
    }
}
