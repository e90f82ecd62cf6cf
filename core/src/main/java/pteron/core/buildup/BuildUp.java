package pteron.core.buildup;

/** A floor, or a wall or roof with a frame. Immutable. */
public sealed interface BuildUp permits Floor, Framed {}
