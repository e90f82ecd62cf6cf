/**
 * The carrier under the box: where everything lies when measured from the box, what the carrier leaves
 * for the box, and whether the box fits deck, road, door and cab.
 *
 * <ol>
 *   <li>Places on the deck are turned into places along the box (x, mm); supports are named.
 *   <li>Clearances: the room between the box and every solid of the vehicle.
 *   <li>The empty carrier is weighed: what lies on its axles, where its weight sits.
 *   <li>Heights, lengths, steps, overhang, departure angle; room round the cab.
 *   <li>Checks: overhang over the deck, legal sizes, lamps, shop door, clearances, sense of the weights.
 * </ol>
 */
package pteron.core.carrier;
