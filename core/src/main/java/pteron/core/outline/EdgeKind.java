package pteron.core.outline;

/** What an edge of the outline is to the box. */
public enum EdgeKind {
    /** Wall that rises from the front foot. */
    FRONT,
    /** Raked part between front wall and roof. */
    NOSE,
    /** Level or nearly so. */
    ROOF,
    /** Sloped part between roof and rear wall. */
    TAIL,
    /** Wall that comes down to the rear foot. */
    REAR,
    /** Faces down: the floor of a bed over the cab. */
    UNDER
}
