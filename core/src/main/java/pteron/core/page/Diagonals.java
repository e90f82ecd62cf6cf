package pteron.core.page;

import java.util.List;
import java.util.Optional;
import pteron.core.frame.Member;
import pteron.core.geometry.Point2;

/**
 * The two diagonals of a frame, by which it is pulled square before its sheets hold it: from corner to corner of the timber that
 * lies farthest out. Equal ones alone prove nothing unless opposite sides are equal too. Immutable.
 *
 * @param lowerLeft corner (u, v, mm)
 * @param lowerRight corner
 * @param upperRight corner
 * @param upperLeft corner
 */
public record Diagonals(Point2 lowerLeft, Point2 lowerRight, Point2 upperRight, Point2 upperLeft) {

    /** Of the two corners of a slope of 45° the higher one is an upper corner, the lower one a lower corner. */
    private static final double ASIDE = 0.8;

    /** {@return the diagonals of a frame; none where a corner is bent, for no tape is hooked there} */
    static Optional<Diagonals> of(List<Member> members) {
        List<Optional<Point2>> corners =
                List.of(
                        farthest(members, new Point2(-ASIDE, -1)),
                        farthest(members, new Point2(ASIDE, -1)),
                        farthest(members, new Point2(ASIDE, 1)),
                        farthest(members, new Point2(-ASIDE, 1)));
        if (corners.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        List<Point2> all = corners.stream().map(Optional::orElseThrow).toList();
        return all.stream().distinct().count() < 4
                ? Optional.empty()
                : Optional.of(new Diagonals(all.get(0), all.get(1), all.get(2), all.get(3)));
    }

    private static Optional<Point2> farthest(List<Member> members, Point2 way) {
        Point2 corner = null;
        boolean straight = false;
        for (Member member : members) {
            for (Point2 one : member.profile().corners()) {
                if (corner == null || way.dot(one) > way.dot(corner)) {
                    corner = one;
                    straight = member.bend().isEmpty();
                }
            }
        }
        return straight ? Optional.of(corner) : Optional.empty();
    }

    /** {@return the corners, counterclockwise from the lower left} */
    public List<Point2> corners() {
        return List.of(lowerLeft, lowerRight, upperRight, upperLeft);
    }

    /** {@return length from the lower left to the upper right (mm)} */
    public double risingMm() {
        return upperRight.minus(lowerLeft).length();
    }

    /** {@return length from the upper left to the lower right (mm)} */
    public double fallingMm() {
        return upperLeft.minus(lowerRight).length();
    }
}
