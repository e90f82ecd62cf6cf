package pteron.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * What of a polygon lies in a convex one, cut edge by edge (Sutherland and Hodgman 1974). Where a polygon that is
 * not convex falls apart, its pieces hang together by edges that lie on each other: its area is right all the same.
 */
final class ConvexCut {

    private ConvexCut() {}

    /** {@return whether a ring without flat corners, anticlockwise, turns to the left all the way round} */
    static boolean isConvex(List<Point2> corners) {
        int count = corners.size();
        for (int i = 0; i < count; i++) {
            Point2 here = corners.get((i + 1) % count);
            Point2 in = here.minus(corners.get(i));
            Point2 out = corners.get((i + 2) % count).minus(here);
            if (in.cross(out) < 0) {
                return false;
            }
        }
        return true;
    }

    /**
     * {@return the ring of what lies in both, empty when nothing does}
     *
     * @param ring corners of a polygon without holes, anticlockwise
     * @param convex corners of a convex polygon, anticlockwise
     */
    static List<Point2> of(List<Point2> ring, List<Point2> convex) {
        List<Point2> left = ring;
        for (int i = 0; i < convex.size() && !left.isEmpty(); i++) {
            left = leftOf(left, convex.get(i), convex.get((i + 1) % convex.size()));
        }
        return left;
    }

    private static List<Point2> leftOf(List<Point2> ring, Point2 from, Point2 to) {
        Point2 way = to.minus(from);
        List<Point2> kept = new ArrayList<>(ring.size() + 2);
        Point2 before = ring.getLast();
        double heightBefore = way.cross(before.minus(from));
        for (Point2 here : ring) {
            double height = way.cross(here.minus(from));
            if (height * heightBefore < 0) {
                double share = heightBefore / (heightBefore - height);
                kept.add(before.plus(here.minus(before).times(share)));
            }
            if (height >= 0) {
                kept.add(here);
            }
            before = here;
            heightBefore = height;
        }
        return kept;
    }
}
