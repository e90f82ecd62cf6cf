package pteron.core.surface;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;

/** A piece of the box laid out flat: u along, v across, w inward from the outer face of the frame. */
public sealed interface Surface permits FlatSurface, BentSurface, CrownSurface {

    /** Height that the straight lines of a drawn bend leave it by (mm). */
    double DRAWN_MM = 0.25;

    /** {@return the point of the box at a point of the surface, so far inward (mm)} */
    Point3 at(Point2 point, double inwardMm);

    /** {@return the direction inward there, length 1} */
    Point3 inward(Point2 point);

    /** {@return how long a stretch of u is at a depth w (mm); below 0 from the later to the earlier} */
    double lengthMm(double fromU, double toU, double inwardMm);

    /** {@return the hardest bend between two places u at a depth w: its radius (mm), infinite for none} */
    double leastRadiusMm(double fromU, double toU, double inwardMm);

    /** {@return the plane that touches it at u, in the same coordinates: what is straight lies in it} */
    FlatSurface touching(double u);

    /** {@return places u between two, both included, whose straight lines leave it by {@link #DRAWN_MM}} */
    List<Double> places(double fromU, double toU);

    /** {@return whether it is bent} */
    default boolean isBent() {
        return !(this instanceof FlatSurface);
    }

    /** {@return u as it is measured on the face at a depth w, from u = 0 (mm)} */
    default double developed(double u, double inwardMm) {
        return lengthMm(0, u, inwardMm);
    }

    /** {@return a shape as it is cut out of flat stuff that lies at a depth w} */
    default Polygon2 developed(Polygon2 shape, double inwardMm) {
        return shape;
    }

    /** {@return how much longer than on the outside of the box a shape is at a depth w, on average along u} */
    default double stretch(Polygon2 shape, double inwardMm) {
        double from = shape.bounds().fromU();
        double to = shape.bounds().toU();
        return to > from ? lengthMm(from, to, inwardMm) / (to - from) : 1;
    }

    /** {@return where the weight of a shape sits that lies at a depth w; of a bent one as if it were a rectangle} */
    default Point3 centre(Polygon2 shape, double inwardMm) {
        return at(shape.centroid(), inwardMm);
    }

    /** {@return a line in the box at a depth w, bends drawn by straight lines} */
    default List<Point3> line(Segment2 line, double inwardMm) {
        Point2 from = line.from();
        Point2 step = line.to().minus(from);
        List<Double> places = places(from.u(), from.u() + step.u());
        List<Point3> path = new ArrayList<>();
        path.add(at(from, inwardMm));
        for (int k = 1; k < places.size() - 1; k++) {
            double share = (places.get(k) - from.u()) / step.u();
            path.add(at(from.plus(step.times(share)), inwardMm));
        }
        path.add(at(line.to(), inwardMm));
        return path;
    }

    /** {@return the outline of a shape in the box at a depth w, bends drawn by straight lines} */
    default List<Point3> outline(Polygon2 shape, double inwardMm) {
        List<Point3> outline = new ArrayList<>();
        List<Point2> corners = shape.corners();
        for (int i = 0; i < corners.size(); i++) {
            Point2 next = corners.get((i + 1) % corners.size());
            List<Point3> path = line(new Segment2(corners.get(i), next), inwardMm);
            outline.addAll(path.subList(0, path.size() - 1));
        }
        return outline;
    }
}
