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
    GROUND,
    /** Edge of something of the carrier that the box may hit. */
    SOLID,
    /** The box inside of its layers. */
    INSIDE,
    /** A helping line: leader, tangent, upright. */
    HELP,
    /** Temperature through the layers. */
    TEMPERATURE,
    /** Dew point of the vapour between the layers. */
    DEW
}
