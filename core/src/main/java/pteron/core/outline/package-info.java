/**
 * The side outline of the box: checked, drawn with its curves, measured, taken apart.
 *
 * <p>The outline runs from the front foot over the roof to the rear foot; the underside closes it. It is
 * the outside of the box. x runs back from the front face, z up from the underside (mm).
 *
 * <ol>
 *   <li>Check of the corners: it stands on the deck, is closed, its edges are long enough.
 *   <li>Chain: lines, arcs, battens between the corners; fillets round straight corners.
 *   <li>Check of the curves: they could be drawn, do not cross, run front to rear; battens survive.
 *   <li>Elements: each piece with what it is (front, nose, roof, tail, rear, under).
 *   <li>Corners: the turn at each and its mitre, half the turn.
 *   <li>Measures: length, height, area, centroid, the strip with its bends, uprights at any place.
 * </ol>
 */
package pteron.core.outline;
