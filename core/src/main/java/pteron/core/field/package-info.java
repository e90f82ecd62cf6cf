/**
 * The plan as values that can be read and set one by one, by a dimension in the drawing, a row of inputs
 * or a test.
 *
 * <p>A {@link pteron.core.field.NumberField} or {@link pteron.core.field.ChoiceField} is an adapter over a
 * part of the plan: it reads a value out of a plan and makes the plan in which it is another. Nothing is
 * changed in place. Lengths in mm, loads in kg; a number out of its range is refused with a sentence.
 *
 * <p>A {@link pteron.core.field.Lens} reads a part of a whole and puts it back changed; {@link
 * pteron.core.field.Fields} collects the fields of a part through one.
 *
 * <ol>
 *   <li>{@link pteron.core.field.PlanFields} lists the fields of a plan, station by station.
 *   <li>One class for each part of the plan makes its fields; those of a carrier or a build-up follow its
 *       kind.
 * </ol>
 */
package pteron.core.field;
