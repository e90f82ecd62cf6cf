/**
 * A plan of one's own from nothing: what carries it, its deck or bed, its outline.
 *
 * <ol>
 *   <li>{@link pteron.core.start.CarrierStart}: the four kinds of carrier, each in typical sizes.
 *   <li>{@link pteron.core.start.CarrierSize}: a size, to be changed.
 *   <li>{@link pteron.core.start.TypicalVehicles}: a vehicle of such a size.
 *   <li>{@link pteron.core.start.NewPlan}: the plan of a carrier and an outline, box and deck in agreement.
 * </ol>
 */
package pteron.core.start;
