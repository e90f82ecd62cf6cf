package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/** Where words may stand: rectangles of the view (mm), the best first. */
final class LabelRooms {

    /** Room between a member and its name, over the height of a line. */
    private static final double GAP = 0.1;

    /** Where along a member its name may stand, over the room that is left there; the middle first. */
    private static final double[] ALONG = {0, -0.25, 0.25, -0.5, 0.5, -0.75, 0.75, -1, 1};

    /** How far from a weight its words may stand, over the height of a line. */
    private static final double[] OUTWARD = {0.6, 1.2, 2, 3, 4.5, 6};

    private static final int DIRECTIONS = 12;

    private LabelRooms() {}

    static Bounds2 around(Point2 middle, double wide, double high) {
        return new Bounds2(
                middle.u() - wide / 2,
                middle.u() + wide / 2,
                middle.v() - high / 2,
                middle.v() + high / 2);
    }

    /** {@return rooms round a place, the nearest first, clockwise from above} */
    static List<Bounds2> round(Point2 at, double wide, double high) {
        List<Bounds2> rooms = new ArrayList<>();
        for (double outward : OUTWARD) {
            for (int i = 0; i < DIRECTIONS; i++) {
                double turn = 2 * Math.PI * i / DIRECTIONS;
                Point2 way = new Point2(Math.sin(turn), Math.cos(turn));
                double reach = outward * high + reach(way, wide, high);
                rooms.add(around(at.plus(way.times(reach)), wide, high));
            }
        }
        return rooms;
    }

    /** {@return places along both sides of a member, close to it, so that no other is meant} */
    static List<Bounds2> beside(Shape.MemberName name, double wide, double high) {
        double spare = name.from().distance(name.to()) - wide;
        if (spare < 0) {
            return List.of();
        }
        double across = name.isUpward() ? high : wide;
        double up = name.isUpward() ? wide : high;
        Point2 axis = name.to().minus(name.from()).unit();
        Point2 aside = axis.leftNormal();
        double out = name.thicknessMm() / 2 + reach(aside, across, up) + GAP * high;
        Point2 middle = name.from().plus(name.to()).times(0.5);
        List<Bounds2> rooms = new ArrayList<>();
        for (double share : ALONG) {
            Point2 at = middle.plus(axis.times(share * spare / 2));
            rooms.add(around(at.minus(aside.times(out)), across, up));
            rooms.add(around(at.plus(aside.times(out)), across, up));
        }
        return rooms;
    }

    /** {@return how far a rectangle of this size reaches from its middle in a direction} */
    private static double reach(Point2 way, double across, double up) {
        return (Math.abs(way.u()) * across + Math.abs(way.v()) * up) / 2;
    }
}
