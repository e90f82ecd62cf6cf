/**
 * How much there is of each part of the make-up.
 *
 * <ol>
 *   <li>{@link pteron.core.extent.Areas} takes the areas of floor, walls and roof from the outline (m²).
 *   <li>{@link pteron.core.extent.FrameShare} tells which share of them members take, from the real frame where
 *       there is one.
 * </ol>
 */
package pteron.core.extent;
