/**
 * Plane and space geometry for carpentry, on top of the JTS library.
 *
 * <p>Lengths in mm, angles in degrees. A plane has axes u and v.
 *
 * <ol>
 *   <li>{@link pteron.core.geometry.Point2}, {@link pteron.core.geometry.Line2}: points, straight
 *       lines, where they meet.
 *   <li>{@link pteron.core.geometry.Polygon2}: a flat piece with or without holes; what is shared and
 *       what is left are worked out by JTS, but for lines, rectangles and convex pieces: they are met so often
 *       that arithmetic of our own cuts them.
 *   <li>{@link pteron.core.geometry.Point3}: a place in the box.
 * </ol>
 */
package pteron.core.geometry;
