package pteron.core.sealing;

import java.util.List;
import pteron.core.geometry.Point3;

/**
 * A joint to be sealed. Immutable.
 *
 * @param kind its kind
 * @param where what it runs along, in words
 * @param path the way it takes, bends as straight lines: two points at the least, the same for a joint that runs round
 * @param lengthMm its length (mm)
 */
public record SealedJoint(JointKind kind, String where, List<Point3> path, double lengthMm) {

    /** Copies the path. */
    public SealedJoint {
        path = List.copyOf(path);
    }

    /** {@return a straight joint} */
    static SealedJoint straight(JointKind kind, String where, Point3 from, Point3 to) {
        return new SealedJoint(kind, where, List.of(from, to), from.distance(to));
    }

    /** {@return a joint that runs round a place} */
    static SealedJoint round(JointKind kind, String where, Point3 place, double lengthMm) {
        return new SealedJoint(kind, where, List.of(place, place), lengthMm);
    }

    /** {@return where it begins} */
    public Point3 from() {
        return path.getFirst();
    }

    /** {@return where it ends} */
    public Point3 to() {
        return path.getLast();
    }

    /** {@return the middle between its ends} */
    public Point3 middle() {
        return from().plus(to()).times(0.5);
    }
}
