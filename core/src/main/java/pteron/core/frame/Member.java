package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Section;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.surface.Surface;

/**
 * A member of the frame. Immutable.
 *
 * @param name what stands on the cut list: {@code left stud 3}
 * @param role what it does
 * @param panel the panel it belongs to
 * @param section thickness in the plane of the panel, depth through it
 * @param timber id of its timber in the library
 * @param profile its shape in the plane of the panel (u, v)
 * @param axis direction it runs in, length 1 (u, v)
 * @param bend how it follows a curve, empty where it is straight
 * @param fromInwardMm where it begins (w, mm); it ends one depth further in
 * @param ripDegrees bevel ripped along one edge (degrees), 0 for none
 * @param massKg mass (kg)
 */
public record Member(
        String name,
        Role role,
        Panel panel,
        Section section,
        String timber,
        Polygon2 profile,
        Point2 axis,
        Optional<Bend> bend,
        double fromInwardMm,
        double ripDegrees,
        double massKg) {

    /** Least sine of the angle between an edge and the axis for the edge to be an end cut. */
    private static final double END_CUT_SINE = 1e-6;

    /** Turn between two short lines of a curve at the most (degrees); between two cuts it is more. */
    private static final double CURVE_DEGREES = 6;

    /** {@return how it lies in the box: what is straight touches a bent surface along its middle} */
    public Surface surface() {
        return isUpright() ? panel.surface().touching(bounds().middle().u()) : panel.surface();
    }

    /** {@return length on the long side (mm): what is cut off the bar} */
    public double lengthMm() {
        return bend.map(Bend::lengthMm).orElseGet(() -> highest() - lowest());
    }

    /** {@return length on the short side (mm), between the nearer corners of its two ends} */
    public double shortSideMm() {
        double width = section.thicknessMm();
        return width > 0 ? 2 * profile.area() / width - lengthMm() : lengthMm();
    }

    private double lowest() {
        return -profile.reach(axis.times(-1));
    }

    private double highest() {
        return profile.reach(axis);
    }

    private Point2 side() {
        return axis.leftNormal().times(-1);
    }

    /** {@return the cuts at the lower end, the front end or the left end} */
    public EndCut startCut() {
        return bend.map(one -> EndCut.of(one.startDegrees())).orElseGet(() -> cuts(false));
    }

    /** {@return the cuts at the other end} */
    public EndCut endCut() {
        return bend.map(one -> EndCut.of(one.endDegrees())).orElseGet(() -> cuts(true));
    }

    private EndCut cuts(boolean atEnd) {
        List<double[]> found = new ArrayList<>();
        for (Segment2 end : ends(atEnd)) {
            Point2 edge = end.to().minus(end.from());
            found.add(new double[] {side().dot(end.middle()), side().dot(edge), axis.dot(edge)});
        }
        found.sort((one, other) -> Double.compare(one[0], other[0]));
        return found.isEmpty() ? EndCut.SQUARE : new EndCut(straightened(found));
    }

    /** {@return the edges of its profile that are its cuts at one end (u, v)} */
    public List<Segment2> ends(boolean atEnd) {
        List<Point2> corners = profile.corners();
        double middle = (lowest() + highest()) / 2;
        List<Segment2> ends = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Segment2 edge = new Segment2(corners.get(i), corners.get((i + 1) % corners.size()));
            double across = Math.abs(side().dot(edge.to().minus(edge.from())));
            boolean endward = axis.dot(edge.middle()) > middle;
            if (across > END_CUT_SINE * edge.lengthMm() && endward == atEnd) {
                ends.add(edge);
            }
        }
        return ends;
    }

    /** {@return the angles of cuts side by side; a curve's short lines are one straight cut from end to end} */
    private static List<Double> straightened(List<double[]> edges) {
        List<Double> angles = new ArrayList<>();
        double across = 0;
        double along = 0;
        double before = 0;
        for (double[] edge : edges) {
            double angle = Math.toDegrees(Math.atan(edge[2] / edge[1]));
            if (across > 0 && Math.abs(angle - before) > CURVE_DEGREES) {
                angles.add(Math.toDegrees(Math.atan(along / across)) + 0.0);
                across = 0;
                along = 0;
            }
            across += Math.abs(edge[1]);
            along += edge[2] * Math.signum(edge[1]);
            before = angle;
        }
        angles.add(Math.toDegrees(Math.atan(along / across)) + 0.0);
        return angles;
    }

    /** {@return middle of the start of its axis} */
    public Point3 start() {
        return onAxis(lowest());
    }

    /** {@return middle of the end of its axis} */
    public Point3 end() {
        return onAxis(highest());
    }

    private Point3 onAxis(double alongMm) {
        double middle = (profile.reach(side()) - profile.reach(side().times(-1))) / 2;
        Point2 point = axis.times(alongMm).plus(side().times(middle));
        return surface().at(point, fromInwardMm + section.depthMm() / 2);
    }

    /** {@return where its weight sits; a ripped bevel is left out} */
    public Point3 centre() {
        return surface().at(profile.centroid(), fromInwardMm + section.depthMm() / 2);
    }

    /** {@return where it ends through the panel (w, mm)} */
    public double toInwardMm() {
        return fromInwardMm + section.depthMm();
    }

    /** {@return whether its outer face lies flush with the frame's} */
    public boolean reachesOuterFace() {
        return fromInwardMm < Tolerance.PENCIL.lengthMm();
    }

    /** {@return whether its inner face lies flush with the frame's} */
    public boolean reachesInnerFace() {
        return toInwardMm() > panel.depthMm() - Tolerance.PENCIL.lengthMm();
    }

    /** {@return whether it runs along v, as studs, bows and bearers do} */
    public boolean isUpright() {
        return Math.abs(axis.v()) > Math.abs(axis.u());
    }

    /** {@return the rectangle round its profile (u, v)} */
    public Bounds2 bounds() {
        return profile.bounds();
    }
}
