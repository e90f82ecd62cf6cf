/**
 * Changes to a plan the way a builder means them. Pure functions: a plan goes in, another comes out.
 *
 * <p>Lengths in mm. What the plan does not allow is refused with a sentence.
 *
 * <ol>
 *   <li>{@link pteron.core.edit.BoxEdits}: a longer box grows at the rear, a higher one at the top.
 *   <li>{@link pteron.core.edit.OutlineTools} starts, bends and splits the line of the side; {@link
 *       pteron.core.edit.OutlineHandle} and {@link pteron.core.edit.Snapping} move its handles.
 *   <li>{@link pteron.core.edit.VehicleEdits} adds axles, steel and solids to the carrier.
 *   <li>{@link pteron.core.edit.MakeUpEdits} adds layers, sets build-ups side by side and swaps them.
 *   <li>{@link pteron.core.edit.OwnMaterials} takes materials of the builder's own.
 * </ol>
 */
package pteron.core.edit;
