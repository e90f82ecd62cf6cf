package pteron.core.solid;

import java.util.List;
import java.util.function.Consumer;
import pteron.core.drawing.Matter;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.surface.FlatSurface;

/**
 * A strip that hangs plumb from a line. Immutable.
 *
 * @param rim what it hangs from, two points at the least
 * @param over whose drip edge it is, its height above 0
 */
record Drip(List<Point3> rim, Overhang over) {

    private static final Point3 DOWN = new Point3(0, 0, -1);

    /** Tells its facets, seen from both sides. */
    void facets(Consumer<Facet> tell) {
        for (int i = 1; i < rim.size(); i++) {
            piece(rim.get(i - 1), rim.get(i), tell);
        }
    }

    /** A parallelogram: level or raked as the rim is, plumb at its ends. */
    private void piece(Point3 from, Point3 to, Consumer<Facet> tell) {
        Point3 way = to.plus(from.times(-1));
        double run = Math.hypot(way.x(), way.y());
        Point3 level = new Point3(way.x() / run, way.y() / run, 0);
        Point3 inward = new Point3(-level.y(), level.x(), 0);
        FlatSurface surface = new FlatSurface(from, level, DOWN, inward);
        double fall = -way.z();
        Polygon2 shape =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(run, fall),
                                new Point2(run, fall + over.dripMm()),
                                new Point2(0, over.dripMm())));
        new Prism(surface, shape, 0, 0, Matter.SKIN, "drip edge").sheet(tell);
    }
}
