package pteron.core.figure;

/** Where a number that went into a figure came from. */
public enum Origin {
    /** The builder decided or measured it. */
    PLAN,
    /** The material library. */
    MATERIAL,
    /** A published standard or handbook. */
    STANDARD,
    /** Worked out by an earlier step. */
    WORKED_OUT
}
