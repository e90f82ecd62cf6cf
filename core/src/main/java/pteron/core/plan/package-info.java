/**
 * The plan: what the builder decided or measured, and nothing that can be worked out.
 *
 * <p>A {@link pteron.core.plan.BoxPlan} is a tree of immutable records. Saving writes it, undo keeps
 * the earlier one, two variants are two values. Lengths in mm, masses in kg, speeds in m/s.
 *
 * <p>Numbers are checked against {@link pteron.core.plan.PlanLimits} when a record is made; whether a
 * good number makes a good box is told by findings, later.
 *
 * <p>Along the carrier, places are measured as a builder measures them: back from the front edge of
 * the deck. On the box they are measured back from the box's front face.
 */
package pteron.core.plan;
