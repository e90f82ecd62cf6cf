/**
 * Plane and space geometry for carpentry, on top of the JTS library.
 *
 * <p>Lengths in mm, angles in degrees. A plane has axes u and v; {@link
 * pteron.core.geometry.Placement} lays it into the box.
 *
 * <ol>
 *   <li>{@link pteron.core.geometry.Point2}, {@link pteron.core.geometry.Line2}: points, straight
 *       lines, where they meet.
 *   <li>{@link pteron.core.geometry.Polygon2}: a flat piece with or without holes; what is shared and
 *       what is left are worked out by JTS.
 *   <li>{@link pteron.core.geometry.Point3}, {@link pteron.core.geometry.Placement}: from a panel's
 *       own plane into the box.
 * </ol>
 */
package pteron.core.geometry;
