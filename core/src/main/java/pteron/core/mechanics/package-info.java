/**
 * Mechanics: beams, sandwich strips, timber, metal and its welds, and screws as functions of numbers with units. Nobody's station:
 * frame, panels, schools and the Reckoner share it.
 *
 * <p>Lengths in mm, forces in N, stresses and moduli in N/mm², unless said otherwise.
 *
 * <ol>
 *   <li>{@link pteron.core.mechanics.LoadCase} and {@link pteron.core.mechanics.Duration}: what presses, how long.
 *   <li>{@link pteron.core.mechanics.Beam} with a {@link pteron.core.mechanics.RectangleSection}.
 *   <li>{@link pteron.core.mechanics.SandwichStrip} under {@link pteron.core.mechanics.ThickFaces}.
 *   <li>{@link pteron.core.mechanics.TimberStrength} after its {@link pteron.core.mechanics.WoodKind};
 *       {@link pteron.core.mechanics.MetalStrength} and {@link pteron.core.mechanics.WeldSoftening};
 *       {@link pteron.core.mechanics.ScrewPull}.
 *   <li>{@link pteron.core.mechanics.Check}: demand against capacity.
 * </ol>
 */
package pteron.core.mechanics;
