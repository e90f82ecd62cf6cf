/**
 * What it all weighs, where that sits, and what it puts on axles and coupler.
 *
 * <ol>
 *   <li>{@link pteron.core.balance.PartList}: the mass of every part from its volume and density, with
 *       its place; the carrier is one part.
 *   <li>Total and centre of gravity.
 *   <li>{@link pteron.core.balance.TwoSupports}: coupler and axles by equilibrium; axles of one group
 *       share alike.
 *   <li>Margins to the ratings; share on the coupler.
 * </ol>
 */
package pteron.core.balance;
