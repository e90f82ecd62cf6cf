package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.Curve;
import pteron.core.curve.Straight;
import pteron.core.figure.Finding;
import pteron.core.geometry.Point2;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.Box;
import pteron.core.stage.Stage;

/** Checks and measures the outline of a box. */
public final class OutlineStage {

    /** Rise up to which an edge is roof (degrees); common practice: one can still walk on it. */
    public static final double STEEPEST_ROOF_DEGREES = 30;

    /** Steepness up to which an edge that runs forward faces down (degrees). */
    private static final double STEEPEST_UNDER_DEGREES = 45;

    private OutlineStage() {}

    /** {@return the outline of a box whose battens are of materials that Pteron starts with} */
    public static Outline of(Box box) {
        return of(box, MaterialLibrary.starting());
    }

    /**
     * What the outline reads.
     *
     * @param box the box as planned
     * @param library materials of its battens
     */
    public record Input(Box box, MaterialLibrary library) {}

    /** The stage. */
    public static final Stage<Input, Outline> STAGE =
            Stage.of(
                    Outline.class,
                    given -> new Input(lying(given.plan().box()), given.library()),
                    input -> of(input.box, input.library));

    /** {@return a box without where it stands, which its outline does not depend on} */
    private static Box lying(Box box) {
        return box.withOffset(0).withRaised(0);
    }

    /**
     * {@return the outline of a box}
     *
     * @param box the box as planned
     * @param library materials of its battens
     */
    public static Outline of(Box box, MaterialLibrary library) {
        List<Point2> points = box.outline().stream().map(Chain::point).toList();
        List<Finding> findings = OutlineCheck.ofCorners(box, points);
        if (OutlineCheck.stops(findings)) {
            return unusable(points, findings);
        }
        Chain chain = Chain.of(box);
        List<Curve> closed = new ArrayList<>(chain.curves());
        closed.addAll(Chain.underside(box));
        findings.addAll(OutlineCheck.ofCurves(box, chain, closed));
        if (OutlineCheck.stops(findings)) {
            return unusable(points, findings);
        }
        List<Element> elements = elements(chain);
        findings.addAll(BattenCheck.findings(box, elements, library));
        List<Corner> corners = corners(elements);
        SideShape shape = SideShape.of(closed);
        Outline bare = new Outline(points, elements, corners, shape, true, List.of(), findings);
        return new Outline(
                points,
                elements,
                corners,
                shape,
                true,
                OutlineFigures.of(bare, box, library),
                findings);
    }

    private static Outline unusable(List<Point2> points, List<Finding> findings) {
        SideShape shape = SideShape.rough(points);
        return new Outline(points, List.of(), List.of(), shape, false, List.of(), findings);
    }

    private static List<Element> elements(Chain chain) {
        List<Element> elements = new ArrayList<>();
        int last = chain.curves().size() - 1;
        for (int i = 0; i <= last; i++) {
            Curve curve = chain.curves().get(i);
            Edge chord = new Edge(i, EdgeKind.ROOF, curve.from(), curve.to());
            elements.add(new Element(i, kind(chord, curve, last), curve, chain.points().get(i)));
        }
        return elements;
    }

    private static EdgeKind kind(Edge chord, Curve curve, int last) {
        boolean straight = curve instanceof Straight;
        if (chord.index() == 0 && straight) {
            return EdgeKind.FRONT;
        }
        if (chord.index() == last && straight) {
            return EdgeKind.REAR;
        }
        boolean forward = chord.to().u() < chord.from().u();
        if (forward && chord.steepnessDegrees() <= STEEPEST_UNDER_DEGREES) {
            return EdgeKind.UNDER;
        }
        double rise = chord.riseDegrees();
        return Math.abs(rise) <= STEEPEST_ROOF_DEGREES
                ? EdgeKind.ROOF
                : rise > 0 ? EdgeKind.NOSE : EdgeKind.TAIL;
    }

    private static List<Corner> corners(List<Element> elements) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 1; i < elements.size(); i++) {
            Curve one = elements.get(i - 1).curve();
            Curve other = elements.get(i).curve();
            Point2 before = one.direction(one.lengthMm());
            Point2 after = other.direction(0);
            double turn = Math.toDegrees(Math.atan2(after.cross(before), after.dot(before)));
            corners.add(new Corner(other.from(), turn));
        }
        return corners;
    }
}
