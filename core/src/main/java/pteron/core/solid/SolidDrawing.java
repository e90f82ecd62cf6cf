package pteron.core.solid;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.ToDoubleFunction;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.model.BoxModel;

/** The box on its carrier as a body, ready to be seen from anywhere. Immutable. */
public final class SolidDrawing {

    /** Where the light comes from: over the left shoulder of the eye. */
    private static final double LIGHT_LEFT = 0.35;

    private static final double LIGHT_UP = 0.55;

    private final FacetTree tree;
    private final List<Facet> facets;
    private final double[] x;
    private final double[] y;
    private final double[] z;

    private SolidDrawing(List<Facet> facets) {
        this.facets = facets;
        this.tree = FacetTree.of(facets);
        this.x = range(Point3::x);
        this.y = range(Point3::y);
        this.z = range(Point3::z);
    }

    /** {@return the body of a box with so much of it on} */
    public static SolidDrawing of(BoxModel model, Peel peel) {
        return new SolidDrawing(Bodies.of(model, peel));
    }

    /** {@return its facets as they were put in, uncut} */
    public List<Facet> facets() {
        return facets;
    }

    /** {@return what is seen from a place, the farthest first} */
    public Drawing seen(Eye eye) {
        List<Shape> shapes = new ArrayList<>();
        Point3 towards = eye.towards();
        if (tree != null) {
            tree.backToFront(
                    towards,
                    facet -> {
                        if (facet.isSeenFrom(towards)) {
                            shapes.add(shape(facet, eye, towards));
                        }
                    });
        }
        return new Drawing(View.SOLID, shapes, List.of(), List.of(), bounds(eye));
    }

    private static Shape.Face shape(Facet facet, Eye eye, Point3 towards) {
        List<Point2> corners = facet.corners().stream().map(eye::project).toList();
        return new Shape.Face(
                corners, facet.edges(), facet.matter(), facet.part(), light(facet, towards));
    }

    /** Faces towards the eye and towards the light over its left shoulder are bright. */
    private static double light(Facet facet, Point3 towards) {
        Point3 facing = facet.facing();
        double length = Math.sqrt(facing.dot(facing));
        double side = facing.dot(towards) < 0 ? -1 : 1;
        Point3 left = new Point3(towards.y(), -towards.x(), 0);
        Point3 light = towards.plus(left.times(LIGHT_LEFT)).plus(new Point3(0, 0, LIGHT_UP));
        double bright = side * facing.dot(light) / length / Math.sqrt(light.dot(light));
        return Math.clamp(bright, 0, 1);
    }

    /** The room that it takes at that height of the eye, however it is turned: it does not jump. */
    private Bounds2 bounds(Eye eye) {
        if (facets.isEmpty()) {
            return new Bounds2(0, 1, 0, 1);
        }
        Point3 centre = new Point3((x[0] + x[1]) / 2, (y[0] + y[1]) / 2, (z[0] + z[1]) / 2);
        double round = Math.hypot(x[1] - x[0], y[1] - y[0]) / 2;
        double up = Math.toRadians(eye.upDegrees());
        double high = (z[1] - z[0]) / 2 * Math.cos(up) + round * Math.abs(Math.sin(up));
        Point2 middle = eye.project(centre);
        return new Bounds2(
                middle.u() - round, middle.u() + round, middle.v() - high, middle.v() + high);
    }

    private double[] range(ToDoubleFunction<Point3> axis) {
        DoubleSummaryStatistics places =
                facets.stream()
                        .flatMap(facet -> facet.corners().stream())
                        .mapToDouble(axis)
                        .summaryStatistics();
        return new double[] {places.getMin(), places.getMax()};
    }
}
