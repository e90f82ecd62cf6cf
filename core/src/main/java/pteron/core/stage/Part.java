package pteron.core.stage;

import pteron.core.geometry.Point3;

/**
 * Something that weighs. Immutable.
 *
 * @param name what it is
 * @param group what it belongs to
 * @param massKg mass (kg), 0 or above
 * @param place where its weight sits
 */
public record Part(String name, Group group, double massKg, Point3 place) {

    /** What a part belongs to. */
    public enum Group {
        /** The carrier. */
        CARRIER,
        /** Members. */
        FRAME,
        /** Sheets and floor faces. */
        SHEETS,
        /** Insulation and the core of the floor. */
        FOAM,
        /** Doors and windows. */
        OPENINGS,
        /** Sealant and tape. */
        SEALING,
        /** Layers that no sheet stands for: finish, membranes, expanding foam. */
        LAYERS,
        /** Faces of a box whose frame is not set out, weighed by area. */
        AREAS
    }
}
