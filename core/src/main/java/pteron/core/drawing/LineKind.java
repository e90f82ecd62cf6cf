package pteron.core.drawing;

/** What a line means. */
public enum LineKind {
    /** Outside of the box. */
    OUTLINE,
    /** Where two sheets meet. */
    SEAM,
    /** A joint between two panels that meet at an angle, sealed. */
    JOINT,
    /** A seam between sheets, sealed. */
    SEALED_SEAM,
    /** The lower edge of the skins, sealed. */
    SEALED_EDGE,
    /** Which way the grain of a sheet runs. */
    GRAIN,
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
