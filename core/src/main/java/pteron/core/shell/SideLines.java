package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/**
 * The chains of a side wall, from the front foot over the top to the rear foot (x, z).
 *
 * @param skin edge of the outer skin, down to the deck
 * @param frame edge of the frame, down to the floor's top
 * @param lining edge of the lining, down to the floor's top
 */
record SideLines(List<Point2> skin, List<Point2> frame, List<Point2> lining, double leastEdgeMm) {

    static SideLines of(List<Band> bands, double floorMm) {
        List<Point2> skin = chain(bands, Band::frameOut, 0);
        List<Point2> frame = chain(bands, Band::frameIn, floorMm);
        List<Point2> lining = chain(bands, Band::inside, floorMm);
        double least = Math.min(leastEdge(bands, frame), leastEdge(bands, lining));
        return new SideLines(skin, frame, lining, least);
    }

    private static List<Point2> chain(
            List<Band> bands, Function<Band, Line2> line, double floorMm) {
        Line2 floor = level(floorMm);
        List<Point2> chain = new ArrayList<>();
        chain.add(onFloor(bands.getFirst(), line, floor));
        for (int i = 1; i < bands.size(); i++) {
            Band before = bands.get(i - 1);
            Band after = bands.get(i);
            chain.add(Joint.corner(line.apply(before), line.apply(after), after.edge().from()));
        }
        chain.add(onFloor(bands.getLast(), line, floor));
        return chain;
    }

    private static Point2 onFloor(Band band, Function<Band, Line2> line, Line2 floor) {
        return Joint.corner(line.apply(band), floor, band.edge().from());
    }

    private static double leastEdge(List<Band> bands, List<Point2> chain) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < bands.size(); i++) {
            Point2 step = chain.get(i + 1).minus(chain.get(i));
            least = Math.min(least, bands.get(i).outside().direction().dot(step));
        }
        return least;
    }

    /** {@return whether every edge is still there and none crosses another} */
    boolean hold() {
        return leastEdgeMm > 1 && Polygon2.of(frame).isSimple() && Polygon2.of(lining).isSimple();
    }

    /** {@return a level line (x, z) at a height over the deck (mm)} */
    static Line2 level(double heightMm) {
        return new Line2(new Point2(0, heightMm), new Point2(1, 0));
    }
}
