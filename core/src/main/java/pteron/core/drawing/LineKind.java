package pteron.core.drawing;

/** What a line means. */
public enum LineKind {
    /** Outside of the box. */
    OUTLINE,
    /** Where two sheets meet. */
    SEAM,
    /** A joint that is sealed. */
    JOINT,
    /** A joint that is taped. */
    TAPE,
    /** The ground. */
    GROUND
}
