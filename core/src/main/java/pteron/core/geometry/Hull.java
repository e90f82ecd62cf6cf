package pteron.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** The shadow of a convex body: the hull of the shadows of its corners. */
public final class Hull {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Hull() {}

    /** {@return corners of the hull, counter-clockwise or clockwise, none twice} */
    public static List<Point2> of(List<Point2> points) {
        Coordinate[] coordinates =
                points.stream().map(p -> new Coordinate(p.u(), p.v())).toArray(Coordinate[]::new);
        Coordinate[] hull = new ConvexHull(coordinates, FACTORY).getConvexHull().getCoordinates();
        List<Point2> corners = new ArrayList<>();
        Arrays.stream(hull)
                .limit(Math.max(1, hull.length - 1))
                .forEach(c -> corners.add(new Point2(c.x, c.y)));
        return corners;
    }
}
