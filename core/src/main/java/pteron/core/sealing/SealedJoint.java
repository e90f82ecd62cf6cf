package pteron.core.sealing;

import pteron.core.geometry.Point3;

/**
 * A joint to be sealed. Immutable.
 *
 * @param kind its kind
 * @param where what it runs along, in words
 * @param from where it begins
 * @param to where it ends; the same as from for a joint that runs round
 * @param lengthMm its length (mm)
 */
public record SealedJoint(JointKind kind, String where, Point3 from, Point3 to, double lengthMm) {

    /** {@return its middle} */
    public Point3 middle() {
        return from.plus(to).times(0.5);
    }
}
