package pteron.core.inside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;

/**
 * A level place to lie on, with room above it. Immutable.
 *
 * @param fromMm where it begins (x, mm)
 * @param toMm where it ends (x, mm)
 * @param heightMm height above the underside (mm)
 */
public record Bed(double fromMm, double toMm, double heightMm) {

    /** Room above a bed that one can turn over in (mm); common practice. */
    public static final double ROOM_MM = 500;

    /** Steps in which heights are tried (mm). */
    private static final double STEP_MM = 50;

    /** {@return its length (mm)} */
    public double lengthMm() {
        return toMm - fromMm;
    }

    /** {@return the longest bed lengthwise in a room, the lowest of those alike; empty where none fits} */
    static Optional<Bed> longest(Inside inside) {
        if (inside.room().isEmpty()) {
            return Optional.empty();
        }
        double lowest = inside.room().get().bounds().fromV();
        double highest = inside.room().get().bounds().toV();
        List<List<Segment2>> cuts = new ArrayList<>();
        // a hair inside, so that a cut does not run along an edge
        for (double z = lowest + 0.5; z < highest; z += STEP_MM) {
            cuts.add(inside.levelAt(z));
        }
        int high = (int) (ROOM_MM / STEP_MM);
        Bed best = null;
        for (int i = 0; i + high < cuts.size(); i++) {
            for (Segment2 clear : common(cuts.subList(i, i + high + 1))) {
                double length = clear.lengthMm();
                if (best == null || length > best.lengthMm() + Tolerance.PENCIL.lengthMm()) {
                    best =
                            new Bed(
                                    Math.min(clear.from().u(), clear.to().u()),
                                    Math.max(clear.from().u(), clear.to().u()),
                                    lowest + i * STEP_MM);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** {@return stretches that are clear at all heights} */
    private static List<Segment2> common(List<List<Segment2>> cuts) {
        List<Segment2> left = cuts.getFirst();
        for (List<Segment2> cut : cuts.subList(1, cuts.size())) {
            List<Segment2> both = new ArrayList<>();
            for (Segment2 one : left) {
                for (Segment2 other : cut) {
                    double from = Math.max(one.from().u(), other.from().u());
                    double to = Math.min(one.to().u(), other.to().u());
                    if (to > from) {
                        both.add(
                                new Segment2(
                                        new Point2(from, one.from().v()),
                                        new Point2(to, one.from().v())));
                    }
                }
            }
            left = both;
        }
        return left;
    }
}
