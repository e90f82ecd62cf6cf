package pteron.core.mechanics;

/** How long a load stands: EN 1995-1-1 table 2.1. */
public enum Duration {
    /** More than ten years, such as the weight of the box. */
    PERMANENT,
    /** Half a year to ten years, such as stores. */
    LONG,
    /** A week to half a year, such as people and goods on a floor. */
    MEDIUM,
    /** Less than a week, such as wind or a person on the roof. */
    SHORT,
    /** A blow. */
    INSTANTANEOUS
}
