package pteron.core.carrier;

import pteron.core.vehicle.Solid;

/**
 * Room between the box and a solid of the carrier. Immutable.
 *
 * @param solid the solid
 * @param way which way the room is measured
 * @param gapMm the room (mm), below 0 where the box runs into it: the shortest way out
 * @param clearedAtMm sub-frame that lifts the box over it (mm), 0 where it need not
 */
public record Clearance(Solid solid, Way way, double gapMm, double clearedAtMm) {

    /** Room on each side at or under which it is tight to set a box down (mm); common practice: ½ in. */
    public static final double TIGHT_MM = 13;

    /** Which way the room is measured. */
    public enum Way {
        /** To the left and right, the same on both sides. */
        SIDEWAYS,
        /** Along or upwards, in the side elevation. */
        IN_ELEVATION
    }
}
