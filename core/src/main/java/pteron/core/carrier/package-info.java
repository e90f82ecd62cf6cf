/**
 * The carrier under the box: where everything lies when measured from the box's front face, what the
 * carrier leaves for the box, and whether the box fits deck and road.
 *
 * <ol>
 *   <li>Places on the deck are turned into places along the box (x, mm).
 *   <li>The empty carrier is weighed: what lies on its axles, where its weight sits.
 *   <li>Checks: overhang over the deck, legal width and height, marker lamps, sense of the weights.
 * </ol>
 */
package pteron.core.carrier;
