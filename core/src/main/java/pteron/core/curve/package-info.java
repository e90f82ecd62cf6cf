/**
 * Curves of the outline: straight lines, arcs, bent battens.
 *
 * <p>A {@link pteron.core.curve.Curve} is walked by its arc length (mm) from one end to the other; its
 * curvature is in 1/mm, above 0 where it turns to the left (from u towards v).
 *
 * <ol>
 *   <li>{@link pteron.core.curve.Straight} and {@link pteron.core.curve.Arc} are exact.
 *   <li>{@link pteron.core.curve.BattenSolver} finds the line of least bending through points: the
 *       elastica, whose curvature k obeys k'' + k³/2 = 0 where the strip may slide freely through its
 *       points. Each stretch is walked by {@link pteron.core.curve.Elastica}; Newton's method joins them.
 *   <li>{@link pteron.core.curve.Fillet} rounds the corner of two lines.
 *   <li>{@link pteron.core.curve.CurveSums} adds up areas, moments and heights along a curve.
 * </ol>
 */
package pteron.core.curve;
