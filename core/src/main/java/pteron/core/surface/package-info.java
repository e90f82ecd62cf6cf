/**
 * Surfaces of the box, flat or bent, laid out flat.
 *
 * <p>What lies on a {@link pteron.core.surface.Surface} (openings, members, sheets, seams) has places u
 * along, v across and w inward, and need not know whether the surface is bent. On a bent one u runs along
 * its curve and v across the box.
 *
 * <ol>
 *   <li>{@link pteron.core.surface.FlatSurface}: a plane in the box.
 *   <li>{@link pteron.core.surface.BentSurface}: bent along a curve of the outline; lengths along u are
 *       those of the outside of the box, deeper ones follow from the curvature.
 * </ol>
 */
package pteron.core.surface;
