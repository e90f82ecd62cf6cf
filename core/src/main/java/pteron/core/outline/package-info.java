/**
 * The side outline of the box: checked, measured, and taken apart into edges and corners.
 *
 * <p>The outline runs from the front foot over the roof to the rear foot; the deck closes it. It is
 * the outside of the box. x runs back from the front face, z up from the deck (mm).
 *
 * <ol>
 *   <li>Check: it stands on the deck, is closed, does not cross itself, runs front to rear.
 *   <li>Edges: each straight line with its length, its slope and what it is (front, nose, roof, tail,
 *       rear).
 *   <li>Corners: the turn at each and its mitre, half the turn.
 *   <li>Measures: length, height, area, the height and bevel of an upright at any place.
 * </ol>
 */
package pteron.core.outline;
