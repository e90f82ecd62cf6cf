package pteron.core.surface;

import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;

/**
 * The skin of a roof that rises across the width: u across from the middle, v along the roof, the other way round than
 * on the flat roof below. Immutable.
 *
 * @param flat the roof without its rise
 * @param crown how it rises
 */
public record CrownSurface(FlatSurface flat, Crown crown) implements Surface {

    /** {@return a shape of the flat roof in the coordinates of this surface, and back} */
    public static Polygon2 turned(Polygon2 shape) {
        return shape.mapped(corner -> new Point2(corner.v(), corner.u()));
    }

    @Override
    public Point3 at(Point2 point, double inwardMm) {
        double depth = inwardMm - crown.heightMm(point.u());
        return flat.at(new Point2(point.v(), point.u()), depth);
    }

    @Override
    public Point3 inward(Point2 point) {
        return touching(point.u()).inward();
    }

    @Override
    public double lengthMm(double fromU, double toU, double inwardMm) {
        return crown.alongMm(fromU, toU);
    }

    @Override
    public double leastRadiusMm(double fromU, double toU, double inwardMm) {
        return crown.radiusMm();
    }

    @Override
    public FlatSurface touching(double u) {
        double angle = Math.atan(crown.slope(u));
        Point3 across =
                flat.alongV().times(Math.cos(angle)).plus(flat.inward().times(-Math.sin(angle)));
        Point3 inward =
                flat.inward().times(Math.cos(angle)).plus(flat.alongV().times(Math.sin(angle)));
        Point3 there = at(new Point2(u, 0), 0);
        return new FlatSurface(there.plus(across.times(-u)), across, flat.alongU(), inward);
    }

    @Override
    public List<Double> places(double fromU, double toU) {
        return crown.places(fromU, toU, DRAWN_MM);
    }

    @Override
    public Point3 centre(Polygon2 shape, double inwardMm) {
        Point2 middle = shape.centroid();
        double from = shape.bounds().fromU();
        double to = shape.bounds().toU();
        List<Double> places = places(from, to);
        double height = 0;
        for (int i = 1; i < places.size(); i++) {
            height += (crown.heightMm(places.get(i - 1)) + crown.heightMm(places.get(i))) / 2;
        }
        double depth = inwardMm - height / (places.size() - 1);
        return flat.at(new Point2(middle.v(), middle.u()), depth);
    }

    @Override
    public Polygon2 developed(Polygon2 shape, double inwardMm) {
        return shape.mapped(c -> new Point2(developed(c.u(), inwardMm), c.v()));
    }
}
