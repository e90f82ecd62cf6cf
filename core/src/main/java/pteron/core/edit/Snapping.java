package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.Arc;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;

/**
 * Where a handle of the outline goes when a builder lets it go nearby: level or plumb with its neighbours, as
 * high as another corner, tangent to a neighbouring line. Pure functions.
 */
public final class Snapping {

    private Snapping() {}

    /**
     * Where a handle snapped to.
     *
     * @param at the place (x, z)
     * @param words why there, empty where it did not snap
     */
    public record Snap(Point2 at, String words) {}

    /**
     * {@return where a corner goes}
     *
     * @param plan the plan
     * @param index index of the corner
     * @param to where it was dragged (x, z)
     * @param reachMm how near a snap must be (mm)
     */
    public static Snap corner(BoxPlan plan, int index, Point2 to, double reachMm) {
        List<OutlinePoint> outline = plan.box().outline();
        Optional<Aim> level = Optional.empty();
        Optional<Aim> plumb = Optional.empty();
        for (int i = 0; i < outline.size(); i++) {
            OutlinePoint other = outline.get(i);
            boolean next = Math.abs(i - index) == 1;
            if (i != index && Math.abs(other.zMm() - to.v()) <= reachMm) {
                String words = (next ? "level with corner " : "as high as corner ") + (i + 1);
                level = nearer(level, new Aim(other.zMm(), words, next), to.v());
            }
            if (next && Math.abs(other.xMm() - to.u()) <= reachMm) {
                plumb =
                        nearer(
                                plumb,
                                new Aim(other.xMm(), "plumb with corner " + (i + 1), true),
                                to.u());
            }
        }
        Point2 at =
                new Point2(plumb.map(Aim::mm).orElse(to.u()), level.map(Aim::mm).orElse(to.v()));
        List<String> words = new ArrayList<>();
        level.ifPresent(aim -> words.add(aim.words()));
        plumb.ifPresent(aim -> words.add(aim.words()));
        return new Snap(at, String.join(", ", words));
    }

    private record Aim(double mm, String words, boolean neighbour) {}

    /** A neighbour wins over others, then the nearer one. */
    private static Optional<Aim> nearer(Optional<Aim> old, Aim aim, double mm) {
        if (old.isEmpty()) {
            return Optional.of(aim);
        }
        boolean closer = Math.abs(aim.mm() - mm) < Math.abs(old.get().mm() - mm);
        boolean wins = aim.neighbour() == old.get().neighbour() ? closer : aim.neighbour();
        return wins ? Optional.of(aim) : old;
    }

    /**
     * {@return where the spot of a curve goes: on an arc that is tangent to the straight line before or
     * after it, or level with another corner}
     *
     * @param plan the plan
     * @param corner index of the corner that the curve arrives at
     * @param to where the spot was dragged (x, z)
     * @param reachMm how near a snap must be (mm)
     */
    public static Snap spot(BoxPlan plan, int corner, Point2 to, double reachMm) {
        List<OutlinePoint> outline = plan.box().outline();
        OutlinePoint end = outline.get(corner);
        if (end.link() instanceof OutlinePoint.Arc) {
            Point2 from = point(outline.get(corner - 1));
            Point2 arrive = point(end);
            for (Tangent tangent : tangents(outline, corner)) {
                Point2 middle = middle(from, arrive, tangent);
                double off = distance(from, middle, arrive, to);
                if (off <= reachMm) {
                    return new Snap(middle, tangent.words());
                }
            }
        }
        for (int i = 0; i < outline.size(); i++) {
            if (Math.abs(outline.get(i).zMm() - to.v()) <= reachMm) {
                return new Snap(
                        new Point2(to.u(), outline.get(i).zMm()), "as high as corner " + (i + 1));
            }
        }
        return new Snap(to, "");
    }

    /** {@return how far a point lies from the arc through three points (mm)} */
    private static double distance(Point2 from, Point2 middle, Point2 to, Point2 point) {
        return Arc.through(from, middle, to)
                .map(arc -> Math.abs(arc.middle().distance(point) - arc.radiusMm()))
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** A direction that an arc should have at one of its ends. */
    private record Tangent(Point2 way, boolean atStart, String words) {}

    private static List<Tangent> tangents(List<OutlinePoint> outline, int corner) {
        List<Tangent> tangents = new ArrayList<>();
        boolean before =
                corner >= 2 && outline.get(corner - 1).link() instanceof OutlinePoint.Straight;
        if (before) {
            Point2 way = point(outline.get(corner - 1)).minus(point(outline.get(corner - 2)));
            tangents.add(new Tangent(way.unit(), true, "tangent to the line before"));
        }
        boolean after =
                corner + 1 < outline.size()
                        && outline.get(corner + 1).link() instanceof OutlinePoint.Straight;
        if (after) {
            Point2 way = point(outline.get(corner + 1)).minus(point(outline.get(corner)));
            tangents.add(new Tangent(way.unit(), false, "tangent to the line after"));
        }
        return tangents;
    }

    /** {@return the middle of the arc between two points with a direction at one end} */
    private static Point2 middle(Point2 from, Point2 to, Tangent tangent) {
        Point2 chord = to.minus(from);
        double length = chord.length();
        Point2 way = tangent.way();
        // the arc turns as far from its tangent to the chord as from the chord to its other tangent
        double turn = Math.atan2(way.cross(chord), way.dot(chord));
        double angle = tangent.atStart() ? turn : -Math.atan2(chord.cross(way), chord.dot(way));
        double height = length / 2 * Math.tan(angle / 2);
        Point2 right = Line2.through(from, to).direction().leftNormal().times(-1);
        double side = tangent.atStart() ? height : -height;
        return from.plus(to).times(0.5).plus(right.times(side));
    }

    private static Point2 point(OutlinePoint corner) {
        return new Point2(corner.xMm(), corner.zMm());
    }

    /** {@return a place as a spot} */
    public static Spot spot(Point2 at) {
        return new Spot(at.u(), at.v());
    }
}
