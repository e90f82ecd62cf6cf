/**
 * The box on its carrier as a body that can be turned, drawn as shapes like every other view.
 *
 * <ol>
 *   <li>{@link pteron.core.solid.Peel}: what is on, what is off, how far the roof is lifted, where it is cut.
 *   <li>{@link pteron.core.solid.Bodies}: members, foam, sheets, units and carrier as flat convex facets.
 *   <li>{@link pteron.core.solid.FacetTree}: puts facets in order for any direction, cutting those that lie
 *       on both sides of another; built once for a box, walked anew for each turn.
 *   <li>{@link pteron.core.solid.SolidDrawing}: the facets seen from an {@link pteron.core.solid.Eye}, back
 *       to front.
 * </ol>
 */
package pteron.core.solid;
