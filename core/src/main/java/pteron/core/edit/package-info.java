/**
 * The plan as values that can be read and set one by one, by a dimension in the drawing, a row of inputs
 * or a test.
 *
 * <p>A {@link pteron.core.edit.NumberField} or {@link pteron.core.edit.ChoiceField} is an adapter over a
 * part of the plan: it reads a value out of a plan and makes the plan in which it is another. Nothing is
 * changed in place. A number out of its range is refused with a sentence.
 *
 * <ol>
 *   <li>{@link pteron.core.edit.PlanFields} lists the fields of a plan, station by station.
 *   <li>{@link pteron.core.edit.BoxEdits} changes the outline the way a builder means it: a longer box
 *       grows at the rear, a higher one at the top.
 * </ol>
 */
package pteron.core.edit;
