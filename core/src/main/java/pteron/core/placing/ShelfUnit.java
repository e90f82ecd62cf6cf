package pteron.core.placing;

import pteron.core.plan.Opening;

/**
 * A unit of the shelf. Immutable.
 *
 * @param key short name that stays
 * @param name what a builder calls it
 * @param kind what it is
 * @param size of the cut-out
 * @param sillMm usual height of its lower edge over the floor (mm)
 * @param massKg of the unit (kg)
 * @param home where it is usually put
 */
public record ShelfUnit(
        String key,
        String name,
        Opening.Kind kind,
        Opening.Size size,
        double sillMm,
        double massKg,
        Home home) {

    /** Where a unit is usually put. */
    public enum Home {
        /** Into an upright wall. */
        WALL,
        /** Into the roof. */
        ROOF
    }
}
