package pteron.core.mechanics;

/** How a straight piece of timber is made to follow a curve. */
public sealed interface BendWay permits LaminatedBend, SawnBend, KerfBend {}
