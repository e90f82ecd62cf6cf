/**
 * The plan file: JSON, described by {@code docs/plan.schema.json}.
 *
 * <p>Lengths in mm, masses in kg, wind in m/s, spread load in N/m²; UTF-8, line ends {@code \n}.
 *
 * <ol>
 *   <li>{@link pteron.exchange.plan.PlanFile} reads and saves; a crash while saving leaves the old or the
 *       new file whole.
 *   <li>{@link pteron.exchange.plan.JsonCursor} walks the tree, knows the path of every field, and
 *       refuses fields that nobody asked for.
 *   <li>{@link pteron.exchange.plan.PlanReader} makes the plan, {@link
 *       pteron.exchange.plan.PlanWriter} the tree.
 *   <li>{@link pteron.exchange.plan.PlanFormatException} says place, value, limit and cure.
 * </ol>
 */
package pteron.exchange.plan;
