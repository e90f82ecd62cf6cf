package pteron.core.surface;

import java.util.List;
import pteron.core.curve.Beside;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;

/**
 * A piece of the box that is bent along a curve (x, z) and straight across (y). Immutable.
 *
 * @param face outer face of the frame, beside the outside of the box; the box lies on its right
 * @param backwards whether u runs against the curve, from its end
 */
public record BentSurface(Beside face, boolean backwards) implements Surface {

    private static final Point3 RIGHT = new Point3(0, 1, 0);

    private double along(double u) {
        return backwards ? face.curve().lengthMm() - u : u;
    }

    @Override
    public Point3 at(Point2 point, double inwardMm) {
        Point2 there = face.movedRight(inwardMm).at(along(point.u()));
        return new Point3(there.u(), point.v(), there.v());
    }

    @Override
    public double leastRadiusMm(double fromU, double toU, double inwardMm) {
        return face.movedRight(inwardMm).leastRadiusMm(along(fromU), along(toU));
    }

    private Point2 way(double u) {
        return face.direction(along(u)).times(backwards ? -1 : 1);
    }

    @Override
    public Point3 inward(Point2 point) {
        Point2 in = face.direction(along(point.u())).leftNormal().times(-1);
        return new Point3(in.u(), 0, in.v());
    }

    @Override
    public double lengthMm(double fromU, double toU, double inwardMm) {
        double length = face.movedRight(inwardMm).lengthMm(along(fromU), along(toU));
        return backwards ? -length : length;
    }

    @Override
    public FlatSurface touching(double u) {
        Point2 way = way(u);
        Point3 along = new Point3(way.u(), 0, way.v());
        Point3 origin = at(new Point2(u, 0), 0).plus(along.times(-u));
        return new FlatSurface(origin, along, RIGHT, inward(new Point2(u, 0)));
    }

    @Override
    public List<Double> places(double fromU, double toU) {
        return face.places(along(fromU), along(toU), DRAWN_MM).stream().map(this::along).toList();
    }

    @Override
    public Point3 centre(Polygon2 shape, double inwardMm) {
        Point2 middle = shape.centroid();
        double half = shape.bounds().width() / 2;
        Beside line = face.movedRight(inwardMm);
        double u = along(middle.u());
        List<Double> places = line.places(u - half, u + half, DRAWN_MM);
        double length = 0;
        Point2 moment = new Point2(0, 0);
        for (int i = 1; i < places.size(); i++) {
            Point2 from = line.at(places.get(i - 1));
            Point2 to = line.at(places.get(i));
            length += from.distance(to);
            moment = moment.plus(from.plus(to).times(from.distance(to) / 2));
        }
        Point2 centre = moment.times(1 / length);
        return new Point3(centre.u(), middle.v(), centre.v());
    }

    @Override
    public Polygon2 developed(Polygon2 shape, double inwardMm) {
        return shape.mapped(c -> new Point2(developed(c.u(), inwardMm), c.v()));
    }
}
