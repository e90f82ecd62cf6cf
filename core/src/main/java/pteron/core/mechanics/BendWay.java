package pteron.core.mechanics;

/** How a straight member is made to follow a curve. */
public sealed interface BendWay permits LaminatedBend, SawnBend, KerfBend, RolledBend {}
